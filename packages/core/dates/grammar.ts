import { alternatives, listOf, pattern, perLanguage, type Language, type Words } from '../languages/index.ts';

/** The words of a language as patterns for folded text, and what they count for. */
export interface Grammar {
  rules: Record<RuleName, RegExp>;
  /** What a sentence has to hold for a rule to be worth trying. */
  gates: Record<Gate, RegExp>;
  months: ReadonlyMap<string, number>;
  weekdays: ReadonlyMap<string, number>;
  numbers: ReadonlyMap<string, number>;
  feasts: ReadonlyMap<string, number>;
  /** Which weekday of a month: 1 to 4, -1 the last. */
  nth: ReadonlyMap<string, number>;
  /** `following`: the next week, month, quarter or year. */
  is: (kind: 'next' | 'coming' | 'following' | 'last' | 'noon', words: string | undefined) => boolean;
  unitOf: (word: string) => Unit | null;
  /** Whether the unit stands in the plural. */
  isPlural: (unit: string) => boolean;
  /** A cheap look whether a sentence may hold a date at all. */
  any: RegExp;
  /** What stands between a span of time and the day it counts back from: nothing, or what happens on that day. */
  its: RegExp;
  /** Words that end in a cue for a deadline. */
  afterCue: RegExp;
}

export type Unit = 'hour' | 'day' | 'workday' | 'week' | 'fortnight' | 'month' | 'quarter' | 'year';
const UNITS: readonly Unit[] = ['workday', 'fortnight', 'hour', 'day', 'week', 'month', 'quarter', 'year'];

export type Gate = 'digit' | 'month' | 'weekday' | 'unit' | 'relative' | 'named' | 'feast';

export const GATE_OF: Record<RuleName, Gate> = {
  iso: 'digit',
  yearFirst: 'digit',
  numeric: 'digit',
  dayOfMonth: 'digit',
  weekNumber: 'digit',
  dayAndMonth: 'month',
  dayMonth: 'month',
  monthDay: 'month',
  part: 'unit',
  period: 'unit',
  edge: 'unit',
  within: 'unit',
  fromNow: 'unit',
  ago: 'unit',
  weekday: 'weekday',
  weekdayDate: 'weekday',
  nthWeekday: 'weekday',
  feast: 'feast',
  shortDay: 'weekday',
  relative: 'relative',
  thatDay: 'named',
  countBack: 'unit',
  given: 'unit',
};

export type RuleName =
  | 'iso'
  | 'yearFirst'
  | 'numeric'
  | 'dayAndMonth'
  | 'dayMonth'
  | 'monthDay'
  | 'part'
  | 'period'
  | 'edge'
  | 'weekNumber'
  | 'weekday'
  | 'weekdayDate'
  | 'nthWeekday'
  | 'feast'
  | 'thatDay'
  | 'countBack'
  | 'given'
  | 'shortDay'
  | 'relative'
  | 'within'
  | 'fromNow'
  | 'ago'
  | 'dayOfMonth';

/** Of the current month, as letters put it. */
const THIS_MONTH = '(?:c\\.\\s?m\\.|corrente|courant|inst\\.?|d\\.\\s?m\\.|del corriente|do corrente)';
/** Behind the number of a house (“pour le 18, rue du Bac”). */
const STREET = '(?:rue|avenue|boulevard|place|quai|chemin|impasse|allee|route)(?![\\p{L}])';
const B = '(?<![\\p{L}\\p{N}])';
const E = '(?![\\p{L}\\p{N}])';
const DAY = '(?:0?[1-9]|[12]\\d|3[01])';
const YEAR = "(?:\\d{4}|'\\d{2})";

export const grammarOf = perLanguage((language: Language): Grammar => {
  const { dates } = language;
  const sets = {
    next: new Set(listOf(dates.next)),
    coming: new Set(listOf(dates.coming)),
    following: new Set([...listOf(dates.next), ...listOf(dates.comes)]),
    last: new Set(listOf(dates.last)),
    noon: new Set(listOf(dates.noon)),
  };
  const numbers = counted(language.numbers);
  const nth = counted(dates.nth);
  const feasts = counted(dates.feasts);
  const plurals = new Set(listOf(dates.weeks));
  const units = UNITS.flatMap((unit) => listOf(dates[unit]).map((word) => [word, unit] as const));
  return {
    rules: rulesOf(language, numbers, nth, feasts),
    gates: gatesOf(language, feasts),
    months: indexOf(language.months),
    weekdays: new Map([...indexOf(language.weekdays), ...indexOf(language.shortDays)]),
    feasts,
    numbers,
    nth,
    is: (kind, words) => words !== undefined && sets[kind].has(words.replace(/\s+/g, ' ').trim()),
    isPlural: (unit) => plurals.has(unit),
    unitOf: (word) => units.find(([w]) => w === word.replace(/\s+/g, ' '))?.[1] ?? null,
    any: anyDateWord(language, feasts),
    its: pattern(
      `^\\s*(?:(?:${alternatives(dates.article, dates.dayOfMonth, dates.of)}\\s*){0,2}$|(?:de\\s+|van\\s+)?(?:${alternatives(language.requests.determiners, 'dem|der|den|ihrem|ihrer|unserem|unserer|deinem|deiner|eurem|eurer|seinem|seiner|del|da|do|della|dell’|dello|dei|delle|degli')}(?:(?<=')|\\s)))`,
    ),
    afterCue: pattern(
      `${B}${alternatives(language.cues.by, language.cues.until)}(?:\\s+${alternatives(dates.article)})?$`,
    ),
  };
});

/** `3 three` → three, 3 */
const counted = (words: Words): Map<string, number> =>
  new Map(
    listOf(words).map((entry) => {
      const [n = '', ...word] = entry.split(' ');
      return [word.join(' '), Number(n)];
    }),
  );

function indexOf(words: readonly Words[]): Map<string, number> {
  return new Map(words.flatMap((alternatives, i) => listOf(alternatives).map((word) => [word, i] as const)));
}

function gatesOf(
  { months, weekdays, shortDays, dates }: Language,
  feasts: ReadonlyMap<string, number>,
): Record<Gate, RegExp> {
  const { today, tomorrow, dayAfterTomorrow, yesterday, weekEnd, monthEnd, yearEnd } = dates;
  const gate = (...words: Words[]) => pattern(alternatives(...words));
  return {
    digit: /\d/,
    month: gate(...months),
    weekday: gate(...weekdays, ...shortDays),
    unit: gate(...UNITS.map((unit) => dates[unit]), weekEnd, monthEnd, yearEnd, ...months),
    relative: gate(today, tomorrow, dayAfterTomorrow, yesterday),
    named: gate(dates.thatDay, dates.dayBefore),
    feast: gate(...feasts.keys()),
  };
}

function anyDateWord(
  { months, weekdays, shortDays, dates }: Language,
  feasts: ReadonlyMap<string, number>,
): RegExp {
  const or = alternatives;
  const { today, tomorrow, yesterday, dayAfterTomorrow, week, month, year, weekEnd, monthEnd, yearEnd } =
    dates;
  const { noon, dayPart, fortnight, day, hour, workday } = dates;
  return pattern(
    `\\d|${B}${or(...months, ...weekdays, today, tomorrow, yesterday, dayAfterTomorrow, week, month, year, weekEnd, monthEnd, yearEnd, noon, dayPart, fortnight, day, hour, workday, dates.quarter, dates.thatDay, dates.dayBefore, ...feasts.keys(), ...shortDays)}${or(dates.weekdayPart)}?${E}`,
  );
}

function rulesOf(
  { code, months, weekdays, shortDays, dates, cues, requests }: Language,
  numbers: ReadonlyMap<string, number>,
  nth: ReadonlyMap<string, number>,
  feasts: ReadonlyMap<string, number>,
) {
  const or = alternatives;
  const rule = (source: string) => pattern(source, 'g');
  const month = `(?<month>${or(...months)})(?:\\.(?=\\s*[\\d,]|\\s+[\\p{Ll}]))?`;
  const link = `(?:\\s*(?:${or(dates.of, dates.article)})\\s*){0,2}\\s*`;
  const mark = `(?:${or(dates.ordinalMark)})?`;
  const year = `(?:(?:\\s*,\\s*|\\s+${or(dates.of)}\\s+|\\s+|\\.)(?<year>${YEAR}))?`;
  const turn = or(dates.next, dates.coming, dates.last);
  const number = `(?<n>\\d{1,3}|${or([...numbers.keys()].join('|'))})`;
  const unit = `(?<unit>${or(...UNITS.map((u) => dates[u]))})`;
  const period = `(?<unit>${or(dates.week, dates.month, dates.quarter, dates.year)})`;
  const to = or(dates.to);
  const ends = `(?=\\s*(?:[.,;:!?)-]|$)|\\s+${or(dates.at, dates.to, cues.latest, cues.by)}${E}|\\s+(?:${or(dates.of)}\\s+)?${or(dates.coming, dates.next)}\\s+${or(dates.month)}${E}|\\s+${THIS_MONTH})`;
  return {
    iso: rule(
      `(?<![\\d-])(?<y>\\d{4})-(?<m>\\d{2})-(?<d>\\d{2})(?!\\d)(?:[t ](?<hh>\\d{2}):(?<mm>\\d{2})(?::\\d{2}(?:\\.\\d+)?)?(?<zone>z|(?<=t\\d{2}:\\d{2}|:\\d{2}:\\d{2}(?:\\.\\d{1,9})?)[+-](?:0\\d|1[0-4]):?[0-5]\\d)?)?`,
    ),
    yearFirst: rule(`(?<![\\d/.])(?<y>\\d{4})[/.](?<m>\\d{1,2})[/.](?<d>\\d{1,2})(?![\\d/])`),
    numeric: rule(
      `(?<![\\d/.,:\\p{L}-])(?<a>\\d{1,2})(?:(?<sep>[./-])(?<b>\\d{1,2})\\k<sep>\\s?(?<year>\\d{4}|\\d{2})(?![\\d/]|[.,]\\d)|/(?<c>\\d{1,2})(?![\\d/%]|[.,]\\d)|(?<=${or(cues.by, cues.until)}\\s\\d\\d?)-(?<f>\\d{1,2})(?![\\d/%-]|[.,]\\d)|\\.\\s?(?<e>\\d{1,2})\\.(?!\\d))`,
    ),
    dayAndMonth: rule(
      `${B}(?<first>${DAY})${mark}\\s*(?:${to}|[-/])\\s*(?:${or(dates.article)}\\s+)?(?<d>${DAY})${mark}${link}${month}${E}${year}`,
    ),
    dayMonth: rule(`(?<![\\p{L}\\p{N}.,/:])(?<d>${DAY})${mark}(?:${link}|[-/])${month}${E}${year}`),
    monthDay:
      code === 'en'
        ? rule(
            `${B}${month}\\s+(?:the\\s+)?(?:(?<first>${DAY})${mark}\\s*(?:-|to|and)\\s*)?(?<d>${DAY})${mark}(?![\\p{L}\\p{N}:%])${year}`,
          )
        : /(?!)/gu,
    part: rule(
      `${B}(?:(?<end>${or(dates.endOf)})|(?<middle>${or(dates.middleOf)})|(?<start>${or(dates.startOf)}))[\\s-]*(?:${or(dates.of, dates.article)}\\s+){0,2}(?:(?<turn>${turn})\\s+)?(?:${month}${year}|${period}(?:\\s+(?<turn2>${turn}))?)${E}`,
    ),
    period: rule(
      `${B}(?:(?<turn>${turn})\\s+${period}|${period.replace('unit', 'unit2')}\\s+(?<turn2>${turn}))${E}`,
    ),
    edge: rule(
      `${B}(?:(?<weekEnd>${or(dates.weekEnd)})|(?<monthEnd>${or(dates.monthEnd)})|(?<yearEnd>${or(dates.yearEnd)}))(?:\\s+(?<turn>${turn}))?${E}`,
    ),
    weekNumber: rule(
      `${B}${or(dates.weekNumber)}\\s?(?<n>[1-9]|[1-4]\\d|5[0-3])(?:[/\\s]+(?<year>\\d{4}))?(?![\\d.:])${E}`,
    ),
    weekday: rule(
      `${B}(?:(?<turn>${turn})\\s+)?(?<weekday>${or(...weekdays)})(?:s|'s|(?<part>${or(dates.weekdayPart)}))?(?:\\s+(?<plus>${or(dates.weekLater)})${E})?(?:\\s+(?<turn2>${or(dates.next, dates.last, dates.coming)})(?!\\s+${period.replace('?<unit>', '?:')}${E}))?${E}`,
    ),
    weekdayDate: rule(
      `${B}(?:${turn}\\s+)?(?<weekday>${or(...weekdays, ...shortDays)})\\.?,?\\s+(?:${or(dates.dayOfMonth, dates.article)}\\s+)?(?<d>${DAY})(?!${mark}${link}${or(...months)}${E})${mark}(?![\\p{L}\\p{N}]|\\s?[%€$£/]|[.,:/-]\\d|\\s?(?:h|${or(dates.clock)})${E})`,
    ),
    nthWeekday: rule(
      `${B}(?<nth>${or([...nth.keys()].join('|'))})\\s+(?<weekday>${or(...weekdays)})(?:en)?\\s+(?:${or(dates.of, dates.article, dates.nthOf)}\\s*){1,3}\\s*(?:${month}${E}${year}|(?<unit>${or(dates.month)})${E}(?:\\s+(?<turn>${turn}))?)`,
    ),
    feast: rule(
      `${B}(?:(?<cue>${or(cues.by, cues.until, cues.ahead)})\\s+(?:${or(dates.article)}\\s+)?)?(?<feast>${or(...feasts.keys())})(?:\\s+(?<year>\\d{4}))?${E}(?!-)`,
    ),
    thatDay: rule(
      `${B}(?:(?<itself>${or(dates.thatDay)})(?!\\s+${or(dates.before)}${E})|${or(dates.dayBefore)})${E}`,
    ),
    given: rule(
      `(?<=(?<![\\p{L}])${or(cues.given)}\\s+(?:\\p{L}+\\s+)?)${number}[\\s-]*${unit}(?=\\s*(?:[.,;]|$)|\\s+${or(requests.goal, dates.fromNow)}${E})`,
    ),
    countBack: rule(`${B}${number}[\\s-]*${unit}\\s+${or(dates.before, dates.thatDay)}${E}`),
    shortDay: rule(
      `${B}(?:(?<cue>${or(cues.by, cues.on, cues.until, dates.next, dates.coming)})\\s+)?(?<weekday>${or(...shortDays)})${E}\\.?(?:(?=,?\\s*\\d|\\))(?<follows>)|)`,
    ),
    relative: rule(
      `${B}(?:(?<dayAfter>${or(dates.dayAfterTomorrow)})|(?<tomorrow>${or(dates.tomorrow)})|(?<today>${or(dates.today)})|(?<yesterday>${or(dates.yesterday)}))${E}`,
    ),
    within: rule(
      `${B}(?<lead>${or(dates.within)})\\s+(?:${or(dates.article)}\\s+)?(?:(?:next|${or(dates.next)})\\s+)?${number}[\\s-]*(?:\\([^)]{1,12}\\)\\s*)?${unit}${E}`,
    ),
    fromNow: rule(`${B}${number}[\\s-]*${unit}\\s*${or(dates.fromNow)}(?:\\s+${or(dates.fromNow)})?${E}`),
    ago: rule(
      `${B}(?:${or(dates.agoBefore)}\\s+${number}\\s+${unit}|${number.replace('<n>', '<n2>')}\\s+${unit.replace('<unit>', '<unit2>')}\\s+${or(dates.agoAfter)})${E}`,
    ),
    dayOfMonth: rule(
      `${B}(?<cue>${or(dates.dayOfMonth)})\\s+(?<d>${DAY})(?!${mark}${link}${or(...months)}${E})(?<mark>${or(dates.ordinalMark)}(?![\\p{L}\\p{N}]))?(?:${ends}(?<ends>)|)(?:\\s+(?:(?:${or(dates.of)}\\s+)?${or(dates.coming)}\\s+${or(dates.month)}${E}|${THIS_MONTH}))?(?!\\s*[%€$£]|[.,:]?\\d|,?\\s+${STREET})`,
    ),
  };
}
