import type { ReadOptions } from '@hatband/core/reading';
import { z } from 'zod';

/** What the main thread asks of the reading thread. */
export interface ReaderJob {
  id: number;
  bytes: Uint8Array;
  arrivedAt: string;
  options: ReadOptions;
}

/** What the reading thread answers: the reading as deflated JSON, or why it could not be made. */
export const ReaderAnswer = z.discriminatedUnion('ok', [
  z.object({ ok: z.literal(true), id: z.number(), body: z.instanceof(Uint8Array) }),
  z.object({ ok: z.literal(false), id: z.number(), error: z.string() }),
]);
export type ReaderAnswer = z.infer<typeof ReaderAnswer>;
