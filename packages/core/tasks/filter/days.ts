import { Temporal } from 'temporal-polyfill';
import { countDay, type Calendar } from '../../dates/index.ts';

/** From a day to a day, both included; null: without an end. */
export interface DayRange {
  from: string | null;
  to: string | null;
}

/** The user's day and how he counts days. */
export interface Days {
  today: string;
  zone: string;
  calendar: Calendar;
}

export type DayUnit = 'days' | 'working days';

export const plusDays = (day: string, plus: number, unit: DayUnit, calendar: Calendar): string =>
  countDay(day, { from: 'today', plus, unit, to: null, offDays: 'stay', time: null }, calendar);

/** From its Monday to its Sunday. */
export function weekOf(day: string): DayRange {
  const date = Temporal.PlainDate.from(day);
  const monday = date.subtract({ days: date.dayOfWeek - 1 });
  return { from: monday.toString(), to: monday.add({ days: 6 }).toString() };
}

/** A local day, or a day with a clock time, lies in the range. */
export const isWithin = (day: string, { from, to }: DayRange): boolean =>
  (from === null || day.slice(0, 10) >= from) && (to === null || day.slice(0, 10) <= to);

/** The same range as ISO instants: from the first included to the last excluded. */
export const instantsOf = ({ from, to }: DayRange, zone: string): DayRange => ({
  from: from === null ? null : midnight(from, zone),
  to: to === null ? null : midnight(Temporal.PlainDate.from(to).add({ days: 1 }).toString(), zone),
});

/** When a local day begins. */
export function midnight(day: string, zone: string): string {
  const ms = Temporal.PlainDate.from(day).toZonedDateTime(zone).epochMilliseconds;
  return new Date(ms).toISOString();
}

/** The local day of a moment. */
export const dayOfInstant = (at: string, zone: string): string =>
  Temporal.Instant.from(at).toZonedDateTimeISO(zone).toPlainDate().toString();
