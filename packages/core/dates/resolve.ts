import type { ParsedComponents, ParsedResult } from 'chrono-node';
import { casual, GB } from 'chrono-node/en';
import { Temporal } from 'temporal-polyfill';
import { CUES } from './cues.ts';
import { LocalDate, type DateOrder } from './phrase.ts';

export interface DateOptions {
  /** Wall clock of the message, `2026-11-23T16:48`. */
  reference: string;
  /** The user's IANA zone; a stated zone is converted to it. */
  zone: string;
  dateOrder: DateOrder;
}

const DAY_MINUTES = 24 * 60;
const two = (n: number) => String(n).padStart(2, '0');

/** chrono-node's results in a sentence; the wall clock is given as if it were UTC, so no system zone comes in. */
export function chronoResults(sentence: string, reference: string, dateOrder: DateOrder): ParsedResult[] {
  const parser = dateOrder === 'MDY' ? casual : GB;
  const instant = new Date(`${reference.slice(0, 16)}:00Z`);
  return parser.parse(sentence, { instant, timezone: 0 }, { forwardDate: true });
}

export interface Resolved {
  date: string;
  warnings: string[];
}

/** The day (and time, if stated) that a result means, or null where it states no day. */
export function resolve(result: ParsedResult, options: DateOptions): Resolved | null {
  const stated = result.end ?? result.start;
  if (!namesADay(stated) || !(/\d/.test(result.text) || CUES.dateWord.test(result.text))) return null;
  const plain = dayOf(stated);
  const onlyWeekday = stated.isCertain('weekday') && !stated.isCertain('day');
  const today = plain.toString() === options.reference.slice(0, 10);
  const date = withTime(onlyWeekday && today ? plain.add({ days: 7 }) : plain, stated, options.zone);
  // “24:00” or “in 20000 years” is read, but is no date.
  return LocalDate.safeParse(date).success
    ? { date, warnings: disagreement(stated, plain, result.text) }
    : null;
}

function disagreement(stated: ParsedComponents, day: Temporal.PlainDate, words: string): string[] {
  const both = stated.isCertain('weekday') && stated.isCertain('day');
  if (!both || stated.get('weekday') === day.dayOfWeek % 7) return [];
  return [`“${words}”: the weekday and the date disagree, the date was taken.`];
}

function namesADay(c: ParsedComponents): boolean {
  return c.isCertain('day') || c.isCertain('weekday');
}

function dayOf(c: ParsedComponents): Temporal.PlainDate {
  return Temporal.PlainDate.from({
    year: c.get('year') ?? 0,
    month: c.get('month') ?? 0,
    day: c.get('day') ?? 0,
  });
}

function withTime(day: Temporal.PlainDate, stated: ParsedComponents, zone: string): string {
  if (!stated.isCertain('hour')) return day.toString();
  const time = `${two(stated.get('hour') ?? 0)}:${two(stated.get('minute') ?? 0)}`;
  const offset = stated.isCertain('timezoneOffset') ? stated.get('timezoneOffset') : null;
  if (offset === null || Math.abs(offset) >= DAY_MINUTES) return `${day.toString()}T${time}`;
  const instant = Temporal.Instant.from(`${day.toString()}T${time}${offsetText(offset)}`);
  return instant.toZonedDateTimeISO(zone).toPlainDateTime().toString().slice(0, 16);
}

/** Minutes east of UTC as `+01:00`. */
export function offsetText(minutes: number): string {
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}:${two(size % 60)}`;
}
