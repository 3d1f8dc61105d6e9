import { z } from 'zod';
import type { Context } from '../../message/context.ts';
import type { KindWords } from '../kindWords.ts';
import type { Fault } from '../../message/missing.ts';
import type { Rename } from '../../message/rename.ts';
import { TidyStep } from '../tidy.ts';
import type { Found, ReadInput } from '../../message/unit.ts';

/** All that a reading found, in order: the first that is of the field's kind is taken. `absent` names what is not there. */
export type Find = (input: ReadInput) => { found: Found[]; absent: string };

/** What is done with a reading `R`, whatever its kind. */
export interface ReadingWork<R> extends KindWords<R> {
  /** Worked out once for all messages. */
  compile: (reading: R, context: Context) => Find;
  /** The fields that it is made of. */
  needs?: (reading: R) => string[];
  /** Names in it that mean nothing, each as a sentence. */
  problems?: (reading: R, context: Context) => Fault[];
  /** The reading with other names of tables and the like in it. */
  rename?: (reading: R, rename: Rename) => R;
}

/** Every reading has an id that stays when the rule changes, given to it where it has none; evidence names it. */
export const readingBase = { id: z.string().max(60).default(''), tidy: z.array(TidyStep).default([]) };

/** A kind of reading: its schema and its work. One file each; the table in index.ts lists them. */
export function readingKind<S extends z.ZodType>(schema: S, work: ReadingWork<z.infer<S>>) {
  return { schema, ...work };
}

/** A single value, or none. */
export const oneOrNone = (found: Found | null, absent: string) => ({
  found: found === null || found.value === '' ? [] : [found],
  absent,
});
