import { dayOf, type Day } from './day.ts';

/**
 * Easter Sunday of a year in the Gregorian calendar, by the anonymous algorithm (J. Meeus, Astronomical Algorithms,
 * chapter 8).
 */
export function easterOf(year: number): Day {
  const a = year % 19;
  const b = Math.floor(year / 100);
  const c = year % 100;
  const h = (19 * a + b - Math.floor(b / 4) - Math.floor((b - Math.floor((b + 8) / 25) + 1) / 3) + 15) % 30;
  const l = (32 + 2 * (b % 4) + 2 * Math.floor(c / 4) - h - (c % 4)) % 7;
  const m = Math.floor((a + 11 * h + 22 * l) / 451);
  const month = Math.floor((h + l - 7 * m + 114) / 31);
  return dayOf(year, month, ((h + l - 7 * m + 114) % 31) + 1) ?? 0;
}

const fromEaster = (days: number) => (year: number) => easterOf(year) + days;
const fixed = (month: number, day: number) => (year: number) => dayOf(year, month, day) ?? 0;

/** The days of the feasts, in the order in which the languages' tables name them. */
const FEASTS: readonly ((year: number) => Day)[] = [
  fromEaster(-3),
  fromEaster(-2),
  fromEaster(0),
  fromEaster(1),
  fromEaster(39),
  fromEaster(49),
  fromEaster(50),
  fixed(12, 24),
  fixed(12, 25),
  fixed(12, 31),
  fixed(1, 1),
];

/** The next such day from `today` on, or that of the year. */
export function feastOf(feast: number, year: number | null, thisYear: number, today: Day): Day | null {
  const day = FEASTS[feast];
  if (!day) return null;
  if (year !== null) return day(year);
  return day(thisYear) >= today ? day(thisYear) : day(thisYear + 1);
}
