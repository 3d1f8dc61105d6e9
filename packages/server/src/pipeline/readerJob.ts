import type { ReadOptions } from '@hatband/core/reading';
import { z } from 'zod';

/** What the server asks of the reading script. */
export interface ReaderJob {
  bytes: Uint8Array;
  arrivedAt: string;
  options: ReadOptions;
}

/** What the reading script answers: the reading as deflated JSON, or why it could not be made. */
export const ReaderAnswer = z.discriminatedUnion('ok', [
  z.object({ ok: z.literal(true), body: z.instanceof(Uint8Array) }),
  z.object({ ok: z.literal(false), error: z.string() }),
]);
export type ReaderAnswer = z.infer<typeof ReaderAnswer>;
