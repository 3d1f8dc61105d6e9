import { z } from 'zod';

export const DateOrder = z.enum(['DMY', 'MDY']);
export type DateOrder = z.infer<typeof DateOrder>;

/** `2026-12-07` or, where a clock time is stated, `2026-12-07T17:00`; local to the user. */
export const LocalDate = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}(T\d{2}:\d{2})?$/)
  .refine((value) => isRealDate(value), 'no such day');
export type LocalDate = z.infer<typeof LocalDate>;

function isRealDate(value: string): boolean {
  const wallClock = new Date(value.length === 10 ? `${value}T00:00:00Z` : `${value}:00Z`);
  return !Number.isNaN(wallClock.getTime()) && wallClock.toISOString().startsWith(value);
}

const Verdict = z.enum(['deadline', 'event', 'other']);

/** One cue that spoke for or against a deadline, with its weight. */
export const Reason = z.object({ cue: z.string(), weight: z.number().int(), words: z.string() });
export type Reason = z.infer<typeof Reason>;

/**
 * A date phrase in a text: where it stands, the day it means, and whether it is a deadline. `moved`: it replaces an
 * earlier deadline.
 */
export const DatePhrase = z.object({
  start: z.number().int(),
  end: z.number().int(),
  date: LocalDate,
  verdict: Verdict,
  score: z.number().int(),
  reasons: z.array(Reason),
  moved: z.boolean(),
  /** The days or the hours that it spans. */
  range: z.object({ from: LocalDate, to: LocalDate }).nullable().default(null),
  warnings: z.array(z.string()),
});
export type DatePhrase = z.infer<typeof DatePhrase>;

export interface DateOptions {
  /** Wall clock of the message, `2026-11-23T16:48`. */
  reference: string;
  /** The user's IANA zone; a stated zone is converted to it. */
  zone: string;
  dateOrder: DateOrder;
  /** The words are the user's own order. */
  order?: boolean | undefined;
  /** From 1, Monday; without it Monday to Friday. */
  workdays?: readonly number[] | undefined;
  /** ISO days on which nobody works besides. */
  closed?: readonly string[] | undefined;
}
