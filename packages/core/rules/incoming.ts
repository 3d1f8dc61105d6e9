import { z } from 'zod';
import { Reading } from '../reading/index.ts';

/** What an intake address belongs to. */
export const Target = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('inbox') }),
  z.object({ kind: z.literal('project'), id: z.string() }),
]);
export type Target = z.infer<typeof Target>;

/** All that rules may look at: the message as it was read and the way it came. */
export const Incoming = z.object({ reading: Reading, target: Target });
export type Incoming = z.infer<typeof Incoming>;

/** Names for ids, for sentences. */
export interface Names {
  project: (id: string) => string;
}
