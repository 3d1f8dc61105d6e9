import {
  addMonths,
  addWorkdays,
  dayOf,
  FRIDAY,
  lastOfMonth,
  mondayOf,
  mondayOfWeek,
  partsOf,
  weekdayOf,
  type Day,
} from './day.ts';
import { feastOf } from './feasts.ts';
import type { Grammar, RuleName, Unit } from './grammar.ts';
import type { Frame, NamedDay } from './namedDay.ts';

type Groups = Record<string, string | undefined>;
type Found = Omit<NamedDay, 'start' | 'end'> | null;

const plain = (day: Day | null, fixed = false): Found =>
  day === null ? null : { day, grain: 'day', fixed, weak: false };

export const READ: Record<
  RuleName,
  (groups: Groups, frame: Frame, grammar: Grammar, before: string) => Found
> = {
  iso: ({ y, m, d, hh, mm, zone }) => {
    const named = plain(dayOf(Number(y), Number(m), Number(d)), true);
    if (!named || hh === undefined || mm === undefined) return named;
    return { ...named, clock: { time: `${hh}:${mm}`, zone: zone ?? null } };
  },
  yearFirst: ({ y, m, d }) => plain(dayOf(Number(y), Number(m), Number(d)), true),
  numeric: readNumeric,
  dayAndMonth: readDayAndMonth,
  dayMonth: readDayAndMonth,
  monthDay: readDayAndMonth,
  part: readPart,
  period: ({ turn, turn2, unit, unit2 }, frame, grammar) => {
    const kind = grammar.unitOf(unit ?? unit2 ?? '');
    if (kind === null || grammar.is('last', turn ?? turn2) || grammar.isPlural(unit ?? unit2 ?? ''))
      return null;
    const ahead = grammar.is('following', turn ?? turn2) ? 1 : 0;
    const day = endOfPeriod(kind, ahead, frame.today);
    return day === null
      ? null
      : {
          day,
          grain: kind === 'week' ? 'week' : 'period',
          fixed: false,
          weak: kind === 'year' || kind === 'quarter',
        };
  },
  edge: ({ weekEnd, monthEnd, turn }, frame, grammar) => {
    const kind = weekEnd !== undefined ? 'week' : monthEnd !== undefined ? 'month' : 'year';
    const named = plain(endOfPeriod(kind, grammar.is('following', turn) ? 1 : 0, frame.today));
    return named && kind === 'week' ? { ...named, grain: 'week' } : named;
  },
  weekNumber: ({ n, year }, frame) => {
    const monday = mondayOfWeek(year === undefined ? partsOf(frame.today).year : Number(year), Number(n));
    const passed = year === undefined && monday + 6 < frame.today;
    const day = passed ? mondayOfWeek(partsOf(frame.today).year + 1, Number(n)) : monday;
    return { day: day + FRIDAY, grain: 'week', fixed: false, weak: false };
  },
  weekday: ({ weekday, part, turn, turn2, plus }, frame, grammar) => {
    // “Je passe mardi” comes by, “mardi passé” has passed.
    const ahead = frame.language.code === 'fr' && grammar.is('last', turn) ? undefined : turn;
    const named = readWeekday(weekday, ahead ?? turn2, frame, grammar);
    if (!named) return null;
    // “Freitagmittag”
    const clock = grammar.is('noon', part) ? { clock: { time: '12:00', zone: null } } : {};
    return plus === undefined
      ? { ...named, ...clock }
      : { ...named, ...clock, day: named.day + 7, fixed: true };
  },
  shortDay: ({ cue, weekday, follows }, frame, grammar) =>
    cue === undefined && follows === undefined ? null : readWeekday(weekday, cue, frame, grammar),
  relative: ({ today, tomorrow, dayAfter }, frame, _grammar, before) => {
    // “por la mañana” is in the morning.
    if (tomorrow !== undefined && frame.language.code === 'es' && /(?:^|\s)(?:la|una)\s$/.test(before))
      return null;
    const ahead = today !== undefined ? 0 : tomorrow !== undefined ? 1 : dayAfter !== undefined ? 2 : -1;
    return plain(frame.today + ahead);
  },
  weekdayDate: ({ weekday, d }, frame, grammar) => {
    const wanted = grammar.weekdays.get(weekday ?? '');
    const day = nextDayOfMonth(Number(d), frame.today);
    return day !== null && weekdayOf(day) === wanted
      ? { day, grain: 'dayOfMonth', fixed: false, weak: false }
      : null;
  },
  nthWeekday: ({ nth, weekday, month, year, turn }, frame, grammar) => {
    const wanted = grammar.weekdays.get(weekday ?? '');
    const count = grammar.nth.get(nth ?? '');
    const named = grammar.months.get(month ?? '');
    if (wanted === undefined || count === undefined) return null;
    const now = partsOf(frame.today);
    const first = named === undefined ? now.month + (grammar.is('following', turn) ? 1 : 0) : named + 1;
    const inYear = year === undefined ? now.year : fullYear(year);
    const days = [0, 1, 12].map((ahead) => nthOfMonth(inYear, first + ahead, wanted, count));
    const ahead = days.filter(
      (_, i) => i === 0 || (named === undefined ? i === 1 : year === undefined && i === 2),
    );
    return plain(ahead.find((day) => day >= frame.today) ?? ahead[0] ?? null);
  },
  feast: ({ cue, feast = '', year }, frame, grammar) => {
    const n = grammar.feasts.get(feast.replace(/\s+/g, ' '));
    // “Easter lamb”: a feast of one word is a day only behind its cue.
    if (n === undefined || (cue === undefined && !feast.includes(' '))) return null;
    const thisYear = partsOf(frame.today).year;
    const named = plain(feastOf(n, year === undefined ? null : Number(year), thisYear, frame.today), true);
    return named && { ...named, vague: !feast.includes(' ') };
  },
  thatDay: ({ itself }, frame) => fromNamed((named) => (itself === undefined ? named - 1 : named), frame),
  countBack: ({ n, unit }, frame, grammar) => {
    const count = numberOf(n, grammar);
    const kind = grammar.unitOf(unit ?? '');
    // “24 hours before” names no day.
    return kind === 'hour' || later(count, kind, frame, -1) === null
      ? null
      : fromNamed((named) => later(count, kind, { ...frame, today: named }, -1) ?? named, frame);
  },
  given: readSpan,
  // “avant 18 heures” is a time of day.
  within: (groups, frame, grammar) =>
    grammar.unitOf(groups.unit ?? '') === 'hour' &&
    /^(?:avant|antes|before|vor|voor|prima|fore)/.test(groups.lead ?? '')
      ? null
      : readSpan(groups, frame, grammar),
  fromNow: readSpan,
  ago: ({ n, n2, unit, unit2 }, frame, grammar) => {
    const day = later(numberOf(n ?? n2, grammar), grammar.unitOf(unit ?? unit2 ?? ''), frame, -1);
    return day === null ? null : { day, grain: 'day', fixed: true, weak: false };
  },
  dayOfMonth: ({ d, mark, ends, cue }, frame, grammar, before) => {
    // “the 2nd floor” is no day; neither is “the 2 boxes”. A clause may begin with one (“El 20 hago …”).
    const certain = mark !== undefined && grammar.afterCue.test(`${before}${cue ?? ''}`);
    if (ends === undefined && !certain && !/(?:^|[,.;:!]\s*)$/.test(before)) return null;
    if (mark === undefined && ['en', 'nl'].includes(frame.language.code)) return null;
    const day = nextDayOfMonth(Number(d), frame.today);
    return day === null ? null : { day, grain: 'dayOfMonth', fixed: false, weak: false };
  },
};

/** `month` counts from 1 and may run on into the next year; `count` -1 is the last. */
function nthOfMonth(year: number, month: number, weekday: number, count: number): Day {
  const last = lastOfMonth(year, month);
  if (count < 0) return last - ((weekdayOf(last) - weekday + 7) % 7);
  const first = lastOfMonth(year, month - 1) + 1;
  return first + ((weekday - weekdayOf(first) + 7) % 7) + (count - 1) * 7;
}

/** `day` is what it would be if that day were today, so that “by then” is today. */
const fromNamed = (from: (named: Day) => Day, { today }: Frame): Found => ({
  day: from(today),
  grain: 'span',
  fixed: true,
  weak: false,
  from,
});

/** Of a range (“3 to 7 June”) the last day. */
function readDayAndMonth({ first, d, month, year }: Groups, frame: Frame, grammar: Grammar): Found {
  const named = withYear(grammar.months.get(month ?? ''), Number(d), year, frame);
  const begins = named && first !== undefined ? named.day - (Number(d) - Number(first)) : undefined;
  return named && begins !== undefined && begins < named.day ? { ...named, begins } : named;
}

function readNumeric({ a, b, c, e, f, sep, year }: Groups, frame: Frame): Found {
  const first = Number(a);
  const second = Number(b ?? c ?? e ?? f);
  const monthFirst = frame.order === 'MDY' && frame.language.code === 'en' && sep !== '.' && e === undefined;
  const [day, month] = (monthFirst && first <= 12) || second > 12 ? [second, first] : [first, second];
  if (e !== undefined && frame.language.code !== 'de') return null;
  const named = withYear(month - 1, day, year, frame);
  return named ? { ...named, weak: c !== undefined } : null;
}

/** `month` counts from 0. Without a year it is the next such day, today included. */
function withYear(month: number | undefined, date: number, year: string | undefined, frame: Frame): Found {
  if (month === undefined) return null;
  if (year !== undefined) return plain(dayOf(fullYear(year), month + 1, date), true);
  const thisYear = partsOf(frame.today).year;
  const day = dayOf(thisYear, month + 1, date);
  if (day !== null && day >= frame.today) return plain(day);
  const next = [1, 2, 3, 4].map((ahead) => dayOf(thisYear + ahead, month + 1, date)).find((d) => d !== null);
  return plain(next ?? null);
}

function fullYear(written: string): number {
  const year = Number(written.replace("'", ''));
  return year < 100 ? 2000 + year : year;
}

function readPart(
  { end, middle, month, year, unit, turn, turn2 }: Groups,
  frame: Frame,
  grammar: Grammar,
): Found {
  const index = grammar.months.get(month ?? '');
  if (index !== undefined) {
    const at = year === undefined ? null : fullYear(year);
    const { year: now, month: nowMonth } = partsOf(frame.today);
    const inYear = at ?? (index + 1 >= nowMonth ? now : now + 1);
    const first = dayOf(inYear, index + 1, 1);
    if (first === null) return null;
    if (end !== undefined) return plain(lastOfMonth(inYear, index + 1), at !== null);
    return plain(middle !== undefined ? first + 14 : first, at !== null);
  }
  const kind = grammar.unitOf(unit ?? '');
  if (kind === null || grammar.is('last', turn ?? turn2)) return null;
  const last = endOfPeriod(kind, grammar.is('following', turn ?? turn2) ? 1 : 0, frame.today);
  if (last === null) return null;
  if (end !== undefined)
    return { day: last, grain: kind === 'week' ? 'week' : 'day', fixed: false, weak: false };
  if (kind === 'week') return plain(middle === undefined ? last - 4 : last - 2);
  const { year: y, month: m } = partsOf(last);
  return plain(dayOf(y, kind === 'year' ? 1 : m, middle === undefined ? 1 : 15));
}

/** Friday of the week, last day of the month, quarter or year, `ahead` of them from today. */
function endOfPeriod(kind: Unit, ahead: number, today: Day): Day | null {
  const { year, month } = partsOf(today);
  if (kind === 'week') {
    const friday = mondayOf(today) + FRIDAY + ahead * 7;
    return friday < today ? friday + 7 : friday;
  }
  if (kind === 'month') return lastOfMonth(year, month + ahead);
  if (kind === 'quarter') return lastOfMonth(year, (Math.floor((month - 1) / 3) + 1 + ahead) * 3);
  return kind === 'year' ? lastOfMonth(year + ahead, 12) : null;
}

/** The next such day after today; “next Friday” is the following week's; “last Friday” the one before. */
function readWeekday(
  name: string | undefined,
  turn: string | undefined,
  frame: Frame,
  grammar: Grammar,
): Found {
  const wanted = grammar.weekdays.get(name ?? '');
  if (wanted === undefined) return null;
  const here = weekdayOf(frame.today);
  const coming = frame.today + ((wanted - here + 6) % 7) + 1;
  if (grammar.is('last', turn)) return { day: coming - 7, grain: 'weekday', fixed: true, weak: false };
  const day = grammar.is('next', turn) ? mondayOf(frame.today) + 7 + wanted : coming;
  return { day, grain: 'weekday', fixed: grammar.is('next', turn), weak: false };
}

function readSpan({ n, unit }: Groups, frame: Frame, grammar: Grammar): Found {
  const day = later(numberOf(n, grammar), grammar.unitOf(unit ?? ''), frame, 1);
  return day === null ? null : { day, grain: 'span', fixed: true, weak: false };
}

const numberOf = (word: string | undefined, grammar: Grammar) =>
  grammar.numbers.get((word ?? '').replace(/\s+/g, ' ')) ?? Number(word);

function later(count: number, unit: Unit | null, { today, isOff }: Frame, sign: 1 | -1): Day | null {
  if (!Number.isFinite(count) || count > 999 || unit === null || unit === 'quarter') return null;
  if (unit === 'hour') return today + sign * Math.ceil(count / 24);
  if (unit === 'workday') return addWorkdays(today, sign * count, isOff);
  if (unit === 'month') return addMonths(today, sign * count);
  if (unit === 'year') return addMonths(today, sign * count * 12);
  return today + sign * count * { day: 1, week: 7, fortnight: 14 }[unit];
}

function nextDayOfMonth(date: number, today: Day): Day | null {
  const { year, month, date: now } = partsOf(today);
  const first = date >= now ? 0 : 1;
  return (
    [0, 1, 2]
      .map((i) => dayOf(year, month + first + i, date) ?? afterYear(year, month + first + i, date))
      .find((d) => d !== null) ?? null
  );
}

const afterYear = (year: number, month: number, date: number) =>
  month > 12 ? dayOf(year + 1, month - 12, date) : null;
