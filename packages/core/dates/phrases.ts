import { alternatives, pattern, perLanguage, type Language } from '../languages/index.ts';
import { clockTimes, type ClockTime } from './clock.ts';
import { cuesOf } from './cues.ts';
import { mondayOf, weekdayOf } from './day.ts';
import { grammarOf } from './grammar.ts';
import type { Frame, NamedDay } from './namedDay.ts';
import { namedDays } from './namedDays.ts';

/** A day in a sentence with all that stands with it: weekday, clock time, the part of the day, the end of a range. */
export interface Phrase extends NamedDay {
  time: string | null;
  zone: string | null;
  /** Hours from and to are named; when they end. */
  hours: boolean;
  until: string | null;
  /** Only a clock time or a part of the day is named; the day is the message's own. */
  dayless: boolean;
  disagrees: boolean;
}

/** The date phrases of a folded sentence; places count in it. */
export function findPhrases(folded: string, frame: Frame): Phrase[] {
  if (!grammarOf(frame.language).any.test(folded)) return [];
  const days = joinDays(folded, namedDays(folded, frame), frame.language);
  return joinTimes(folded, days, frame).map((phrase) => withPart(folded, phrase, frame.language));
}

const joints = perLanguage(({ dates, cues }: Language) => ({
  beside: pattern(`^[\\s,(]*(?:${alternatives(dates.article, dates.of, dates.dayOfMonth)}[\\s,(]*){0,2}$`),
  range: pattern(`^\\s*${alternatives(dates.to)}\\s*(?:${alternatives(dates.article, cues.on)}\\s*)?$`),
  or: pattern(`^\\s*,?\\s*${alternatives(dates.or)}\\s*(?:${alternatives(dates.article, cues.on)}\\s*)?$`),
  from: pattern(`${alternatives(dates.from)}\\s*(?:${alternatives(dates.article)}\\s*)?$`),
  toTime: pattern(
    `^[\\s,()@]*(?:${alternatives(dates.at, dates.from, cues.by, cues.on, cues.until, cues.latest, dates.article, dates.dayPart, dates.of)}[\\s,()]*){0,4}$`,
  ),
  partBehind: pattern(
    `^\\s+(?:${alternatives(dates.of, dates.article, cues.on)}\\s+){0,2}${alternatives(dates.dayPart)}(?![\\p{L}])`,
  ),
  dayPart: pattern(
    `(?<![\\p{L}])${alternatives(cues.by, cues.until)}\\s+(?:${alternatives(dates.article)}\\s+)?(?<part>${alternatives(dates.dayPart)})(?![\\p{L}])`,
    'g',
  ),
}));

type Joined = NamedDay & { disagrees: boolean; everyWeek?: boolean };

function joinDays(folded: string, days: readonly NamedDay[], language: Language): Joined[] {
  const joined: Joined[] = [];
  for (const day of days) {
    const last = joined.at(-1);
    const one = last && joinPair(last, day, folded, language);
    if (one) joined[joined.length - 1] = one;
    else joined.push({ ...day, disagrees: false });
  }
  return joined;
}

function joinPair(a: Joined, b: NamedDay, folded: string, language: Language): Joined | null {
  const gap = folded.slice(a.end, b.start);
  const joint = joints(language);
  const span = { start: a.start, end: b.end };
  const [weekday, other] = a.grain === 'weekday' ? [a, b] : b.grain === 'weekday' ? [b, a] : [null, null];
  if (weekday && joint.beside.test(gap)) {
    if (other.grain === 'weekday' || other.grain === 'period') return null;
    if (other.grain === 'week')
      return { ...weekday, ...span, day: mondayOf(other.day) + weekdayOf(weekday.day), disagrees: false };
    const clash = weekdayOf(weekday.day) !== weekdayOf(other.day);
    return { ...other, ...span, disagrees: clash && other.grain === 'day' };
  }
  if (cuesOf(language).move.test(folded)) return null;
  if (joint.or.test(gap) && b.day > a.day)
    return { ...b, ...span, disagrees: b.grain === 'day' && a.disagrees };
  // “Tuesday to Saturday” is every week.
  if (a.grain === 'weekday' && b.grain === 'weekday' && joint.range.test(gap))
    return { ...b, ...span, disagrees: false, everyWeek: true };
  const begins = /^\s*-\s*$/.test(gap) || joint.from.test(folded.slice(Math.max(0, a.start - 24), a.start));
  if (joint.range.test(gap) && begins && b.day >= a.day)
    return { ...b, ...span, begins: a.day, disagrees: b.grain === 'day' && a.disagrees };
  return null;
}

/** “Monday | morning”, “tomorrow | evening” */
function withPart(folded: string, phrase: Phrase, language: Language): Phrase {
  const part = joints(language).partBehind.exec(folded.slice(phrase.end))?.[0].length ?? 0;
  const isNamed =
    phrase.grain === 'weekday' ||
    (phrase.grain === 'day' && !/\d/.test(folded.slice(phrase.start, phrase.end)));
  return isNamed ? { ...phrase, end: phrase.end + part } : phrase;
}

const whole = (day: Joined): Phrase => ({
  ...day,
  time: day.clock?.time ?? null,
  zone: day.clock?.zone ?? null,
  hours: day.everyWeek ?? false,
  until: null,
  dayless: false,
});

function joinTimes(folded: string, days: readonly Joined[], frame: Frame): Phrase[] {
  const joint = joints(frame.language);
  const phrases = days.map(whole);
  const alone: ClockTime[] = [];
  const times = clockTimes(folded, frame.language).filter((t) =>
    days.every((d) => t.end <= d.start || t.start >= d.end),
  );
  for (const time of times) {
    const before = phrases.findLastIndex((p) => p.end <= time.start);
    const after = phrases.findIndex((p) => p.start >= time.end);
    const near = [before, after].find((i) => {
      const phrase = phrases[i];
      if (phrase?.time !== null) return false;
      const gap = i === before ? folded.slice(phrase.end, time.start) : folded.slice(time.end, phrase.start);
      return gap.length <= 40 && joint.toTime.test(gap);
    });
    const phrase = phrases[near ?? -1];
    if (phrase && near !== undefined) phrases[near] = withTime(phrase, time);
    else alone.push(time);
  }
  if (phrases.length > 0) return phrases;
  const parts = [...folded.matchAll(joint.dayPart)].map((match) => {
    const end = match.index + match[0].length;
    return { start: end - (match.groups?.part ?? '').length, end };
  });
  return [
    ...alone.map((time) => onThatDay(time, frame, time)),
    ...parts.map((part) => onThatDay(part, frame, null)),
  ].toSorted((a, b) => a.start - b.start);
}

function withTime(phrase: Phrase, time: ClockTime): Phrase {
  return {
    ...phrase,
    start: Math.min(phrase.start, time.start),
    end: Math.max(phrase.end, time.end),
    time: time.time,
    zone: time.zone,
    hours: phrase.hours || time.range,
    until: time.until,
  };
}

function onThatDay(span: { start: number; end: number }, { today }: Frame, time: ClockTime | null): Phrase {
  return {
    start: span.start,
    end: span.end,
    day: today,
    grain: 'day',
    fixed: false,
    weak: false,
    time: time?.time ?? null,
    zone: time?.zone ?? null,
    hours: time?.range ?? false,
    until: time?.until ?? null,
    dayless: true,
    disagrees: false,
  };
}
