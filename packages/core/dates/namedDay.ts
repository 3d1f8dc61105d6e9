import type { Language } from '../languages/index.ts';
import type { Day, IsOff } from './day.ts';
import type { DateOrder } from './phrase.ts';

/** What a date is read from. */
export interface Frame {
  language: Language;
  today: Day;
  order: DateOrder;
  isOff: IsOff;
  /** The days that the last sentence before with one named. */
  named: Named | null;
}

/** “By then” is the last of them, “the day before” counts from the first. */
export interface Named {
  first: Day;
  last: Day;
  /** The clock time named with the last. */
  time: string | null;
}

type Grain = 'day' | 'weekday' | 'dayOfMonth' | 'week' | 'period' | 'span';

/** A day named in a sentence, before it is joined with its neighbours. */
export interface NamedDay {
  start: number;
  end: number;
  day: Day;
  grain: Grain;
  /** Named with its year. */
  fixed: boolean;
  /** Digits that may as well be something else. */
  weak: boolean;
  /** A clock time within the phrase itself (`2026-03-05T17:00Z`), with its zone if one is named. */
  clock?: { time: string; zone: string | null };
  /** A feast: where another day stands beside it, that one is meant. */
  vague?: boolean;
  /** The first day of a range. */
  begins?: Day;
  /** Counted back from another day. */
  counted?: boolean;
  /** It counts from a day named elsewhere: `day` is that day's until it is known. */
  from?: (named: Day) => Day;
}
