import { z } from 'zod';
import { addMonths, isoOf, lastOfMonth, parseDay, partsOf, weekdayOf, type Day } from './day.ts';
import { LocalDate } from './phrase.ts';

/** Which days are worked on. Workdays count from 1, Monday; closed days are ISO days. */
export const Calendar = z.object({
  workdays: z
    .array(z.number().int().min(1).max(7))
    .min(1, 'At least one day of the week is worked on.')
    .default([1, 2, 3, 4, 5]),
  closed: z.array(z.string()).default([]),
  /** The first and the last ISO day whose public holidays are among the closed ones; null: none are counted. */
  known: z.object({ from: z.string(), to: z.string() }).nullable().default(null),
});
export type Calendar = z.infer<typeof Calendar>;

const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;
const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** A day counted from another, in this order: so many units on or back, on to a day, off days, a clock time. */
export const DayCount = z.object({
  /** What it counts from: `deadline` (the one read), `arrival`, `sent`, an ISO day, or the name of a field. */
  from: z.string().trim().min(1, 'Choose what to count from.'),
  plus: z.number().int('Whole days, weeks or months.').min(-5000).max(5000).default(0),
  unit: z.enum(['days', 'working days', 'weeks', 'months']).default('days'),
  /** On to the next such day (the day itself counts), or the end of its month. */
  to: z
    .enum([...DAYS, 'end of the month', 'last working day of the month'])
    .nullable()
    .default(null),
  /** What becomes of a day that is not worked on. */
  offDays: z.enum(['stay', 'move earlier', 'move later']).default('stay'),
  time: z.string().regex(CLOCK, 'A time of day, as in 08:30.').nullable().default(null),
});
export type DayCount = z.infer<typeof DayCount>;

/** What a count can start from besides fixed days and fields. */
export const DAY_SOURCES = ['deadline', 'arrival', 'sent'] as const;

/** The day that the count gives from `start`; a clock time of `start` is kept only where the day stays. */
export function countDay(start: LocalDate, count: DayCount, calendar: Calendar): LocalDate {
  const from = parseDay(start);
  const day = toWorked(onTo(moved(from, count, calendar), count.to, calendar), count.offDays, calendar);
  const time = count.time ?? (day === from && start.length > 10 ? start.slice(11) : null);
  return time === null ? isoOf(day) : `${isoOf(day)}T${time}`;
}

const isWorked = (day: Day, { workdays, closed }: Calendar) =>
  workdays.includes(weekdayOf(day) + 1) && !closed.includes(isoOf(day));

/** The next worked day in a direction, the day itself among them; at most a year away. */
function workedFrom(day: Day, step: 1 | -1, calendar: Calendar): Day {
  for (let i = 0; i < 366; i += 1) if (isWorked(day + i * step, calendar)) return day + i * step;
  return day;
}

function moved(day: Day, { plus, unit }: DayCount, calendar: Calendar): Day {
  if (unit === 'months') return addMonths(day, plus);
  if (unit !== 'working days') return day + plus * (unit === 'weeks' ? 7 : 1);
  const step = plus < 0 ? -1 : 1;
  let at = day;
  for (let left = Math.abs(plus); left > 0; left -= 1) at = workedFrom(at + step, step, calendar);
  return at;
}

function onTo(day: Day, to: DayCount['to'], calendar: Calendar): Day {
  if (to === null) return day;
  const weekday = DAYS.findIndex((name) => name === to);
  if (weekday !== -1) return day + ((weekday - weekdayOf(day) + 7) % 7);
  const { year, month } = partsOf(day);
  const last = lastOfMonth(year, month);
  return to === 'end of the month' ? last : workedFrom(last, -1, calendar);
}

function toWorked(day: Day, offDays: DayCount['offDays'], calendar: Calendar): Day {
  if (offDays === 'stay') return day;
  return workedFrom(day, offDays === 'move later' ? 1 : -1, calendar);
}

/** What is said of a day that was counted beyond the days whose public holidays are known; null of all others. */
export function beyondKnown(day: LocalDate, { known }: Calendar): string | null {
  if (known === null || (day.slice(0, 10) >= known.from && day.slice(0, 10) <= known.to)) return null;
  return `Public holidays are known from ${known.from} to ${known.to} only; this day was counted beyond.`;
}

/** The count in words, “4 working days after arrival, at 08:30”. */
export function sayCount({ from, plus, unit, to, offDays, time }: DayCount): string {
  const start = from === 'deadline' ? 'the deadline' : from === 'sent' ? 'the day it was sent' : from;
  const n = Math.abs(plus);
  const counted =
    plus === 0
      ? start
      : `${String(n)} ${n === 1 ? unit.replace(/s$/, '') : unit} ${plus < 0 ? 'before' : 'after'} ${start}`;
  return [
    counted,
    ...(to === null
      ? []
      : [`on to ${DAYS.some((day) => day === to) ? `the next ${capital(to)}` : `the ${to}`}`]),
    ...(offDays === 'stay'
      ? []
      : [
          offDays === 'move later'
            ? 'the next working day if it is none'
            : 'the working day before if it is none',
        ]),
    ...(time === null ? [] : [`at ${time}`]),
  ].join(', ');
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
