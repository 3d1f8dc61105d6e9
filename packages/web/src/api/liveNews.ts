import { ChangeEvent } from '@hatband/contract';
import { z } from 'zod';

/** What the stream of events tells a page. */
export const LiveNews = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('listening') }),
  z.object({ kind: z.literal('lost') }),
  z.object({ kind: z.literal('changes'), changes: z.array(ChangeEvent) }),
]);
export type LiveNews = z.infer<typeof LiveNews>;
