/** A day as a count of days since 1970-01-01, so that adding is adding. */
export type Day = number;

const MS = 86_400_000;
export const two = (n: number) => String(n).padStart(2, '0');

/** The day of a calendar date, or null where there is none (31 June). `month` counts from 1. */
export function dayOf(year: number, month: number, day: number): Day | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  const real = date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year >= 1900 && year <= 2200;
  return real ? date.getTime() / MS : null;
}

export function partsOf(day: Day): { year: number; month: number; date: number } {
  const d = new Date(day * MS);
  return { year: d.getUTCFullYear(), month: d.getUTCMonth() + 1, date: d.getUTCDate() };
}

/** 0 is Monday. */
export const weekdayOf = (day: Day) => (((day + 3) % 7) + 7) % 7;
export const mondayOf = (day: Day) => day - weekdayOf(day);
export const FRIDAY = 4;

export function isoOf(day: Day): string {
  const { year, month, date } = partsOf(day);
  return `${String(year)}-${two(month)}-${two(date)}`;
}

export function parseDay(iso: string): Day {
  return Date.parse(`${iso.slice(0, 10)}T00:00:00Z`) / MS;
}

export function lastOfMonth(year: number, month: number): Day {
  return Date.UTC(year, month, 0) / MS;
}

/** The same date some months on; the last day of a shorter month. */
export function addMonths(day: Day, months: number): Day {
  const { year, month, date } = partsOf(day);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = lastOfMonth(first.getUTCFullYear(), first.getUTCMonth() + 1);
  return Math.min(first.getTime() / MS + date - 1, last);
}

/** Whether nobody works on a day. */
export type IsOff = (day: Day) => boolean;

/** Workdays count from 1, Monday; closed days are ISO days. */
export function offDays(workdays: readonly number[], closed: readonly string[]): IsOff {
  const known = new Set(closed);
  return (day) => !workdays.includes(weekdayOf(day) + 1) || known.has(isoOf(day));
}

/** The day so many working days later, or earlier. */
export function addWorkdays(day: Day, count: number, isOff: IsOff): Day {
  let at = day;
  for (let left = Math.abs(count); left > 0;) {
    at += Math.sign(count);
    if (!isOff(at)) left -= 1;
  }
  return at;
}

/** Monday of an ISO week (ISO 8601, section 3.1.1.23). */
export function mondayOfWeek(year: number, week: number): Day {
  const fourth = Date.UTC(year, 0, 4) / MS;
  return mondayOf(fourth) + (week - 1) * 7;
}
