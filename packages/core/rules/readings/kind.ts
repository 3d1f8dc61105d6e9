import { z } from 'zod';
import { EvidenceSpan } from '../../reading/index.ts';
import type { ReadField } from '../../tasks/index.ts';
import type { Incoming } from '../incoming.ts';

/** Why a reading gave no value. */
export const Missed = z.discriminatedUnion('why', [
  z.object({ why: z.literal('absent'), what: z.string() }),
  z.object({ why: z.literal('notOfKind'), saw: z.string() }),
]);
export type Missed = z.infer<typeof Missed>;

export type Find = { value: string; spans: EvidenceSpan[] } | { missed: Missed };

/** What is done with a reading `R`, whatever its kind. */
export interface ReadingWork<R> {
  /** For the editor, “labelled line”. */
  label: string;
  /** For the documentation, one sentence. */
  doc: string;
  /** The fields it can fill. */
  fields: readonly ReadField[];
  find: (reading: R, incoming: Incoming, field: ReadField) => Find;
  /** The reading in plain words, “the line labelled Due”. */
  say: (reading: R) => string;
}

/** Every reading has an id that stays when the rule changes; evidence names it. */
export const readingBase = { id: z.string().min(1) };

/** A kind of reading: its schema and its work. One file each; the table in index.ts lists them. */
export function readingKind<S extends z.ZodType>(schema: S, work: ReadingWork<z.infer<S>>) {
  return { schema, ...work };
}
