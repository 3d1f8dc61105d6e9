import type { ParsedComponents, ParsedResult } from 'chrono-node';
import { casual, GB } from 'chrono-node/en';
import { Temporal } from 'temporal-polyfill';
import { CUES } from './cues.ts';
import type { DateOrder } from './phrase.ts';

export interface DateOptions {
  /** Wall clock of the message, `2026-11-23T16:48`. */
  reference: string;
  /** The user's IANA zone; a stated zone is converted to it. */
  zone: string;
  dateOrder: DateOrder;
}

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
  const warnings: string[] = [];
  const plain = Temporal.PlainDate.from({
    year: part(stated, 'year'),
    month: part(stated, 'month'),
    day: part(stated, 'day'),
  });
  const weekday = stated.get('weekday');
  if (
    stated.isCertain('weekday') &&
    stated.isCertain('day') &&
    weekday !== null &&
    weekday !== plain.dayOfWeek % 7
  ) {
    warnings.push(`“${result.text}”: the weekday and the date disagree, the date was taken.`);
  }
  const onlyWeekday = stated.isCertain('weekday') && !stated.isCertain('day');
  const today = plain.toString() === options.reference.slice(0, 10);
  const day = onlyWeekday && today ? plain.add({ days: 7 }) : plain;
  return { date: withTime(day, stated, options.zone), warnings };
}

function namesADay(c: ParsedComponents): boolean {
  return c.isCertain('day') || c.isCertain('weekday');
}

function part(c: ParsedComponents, name: 'year' | 'month' | 'day'): number {
  return c.get(name) ?? 0;
}

function withTime(day: Temporal.PlainDate, stated: ParsedComponents, zone: string): string {
  if (!stated.isCertain('hour')) return day.toString();
  const time = `${two(stated.get('hour') ?? 0)}:${two(stated.get('minute') ?? 0)}`;
  const offset = stated.isCertain('timezoneOffset') ? stated.get('timezoneOffset') : null;
  if (offset === null) return `${day.toString()}T${time}`;
  const instant = Temporal.Instant.from(`${day.toString()}T${time}${offsetText(offset)}`);
  return instant.toZonedDateTimeISO(zone).toPlainDateTime().toString().slice(0, 16);
}

/** Minutes east of UTC as `+01:00`. */
export function offsetText(minutes: number): string {
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}:${two(size % 60)}`;
}
