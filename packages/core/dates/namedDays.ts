import { verbsOf, type Language } from '../languages/index.ts';
import { GATE_OF, grammarOf, type Gate, type Grammar, type RuleName } from './grammar.ts';
import type { Frame, NamedDay } from './namedDay.ts';
import { READ } from './rules.ts';

/** The days that a folded sentence names; where two overlap, the longer one. */
export function namedDays(folded: string, frame: Frame): NamedDay[] {
  const grammar = grammarOf(frame.language);
  const found: NamedDay[] = [];
  const open = new Set(
    (Object.entries(grammar.gates) as [Gate, RegExp][])
      .filter(([, gate]) => gate.test(folded))
      .map(([name]) => name),
  );
  for (const [name, pattern] of Object.entries(grammar.rules) as [RuleName, RegExp][]) {
    if (!open.has(GATE_OF[name])) continue;
    for (const match of folded.matchAll(pattern)) {
      const named = READ[name](
        match.groups ?? {},
        frame,
        grammar,
        folded.slice(Math.max(0, match.index - 30), match.index),
      );
      if (!named) continue;
      const end = match.index + match[0].trimEnd().length;
      found.push({ start: match.index + cueOf(match, grammar), end, ...named });
    }
  }
  const days = withoutOverlaps(found);
  const exact = days.filter(({ vague }) => vague !== true);
  return counted(exact.length > 0 ? exact : days, folded, frame);
}

/** How long the cue in front is that only tells that a day follows (“bis zum | 30.”, “até | quinta”, but “nächsten Do”). */
function cueOf({ 0: words, groups }: RegExpExecArray, grammar: Grammar): number {
  const cue = groups?.cue;
  if (cue === undefined || grammar.is('next', cue) || grammar.is('coming', cue)) return 0;
  return words.length - words.slice(cue.length).trimStart().length;
}

/** Days that count from another: from the one right behind (“two weeks before 5 May”), else from the last one named. */
function counted(days: readonly NamedDay[], folded: string, frame: Frame): NamedDay[] {
  const done: NamedDay[] = [];
  days.forEach(({ from, ...day }, i) => {
    const next = days[i + 1];
    if (day.end <= (done.at(-1)?.end ?? 0)) return;
    if (!from) done.push(day);
    else if (next && !next.from && isItsDay(folded.slice(day.end, next.start), frame.language))
      done.push({ ...day, end: next.end, day: from(next.day), counted: true });
    else {
      const last = done.findLast(({ counted }) => counted !== true)?.day;
      const isThen = day.day === frame.today;
      const named = last ?? (isThen ? frame.named?.last : frame.named?.first);
      const time = isThen && last === undefined ? frame.named?.time : undefined;
      const clock = time === undefined || time === null ? {} : { clock: { time, zone: null } };
      if (named !== undefined) done.push({ ...day, ...clock, day: from(named), counted: true });
    }
  });
  return done;
}

/** “(two weeks before) your visit on (5 May)”, but not “… earlier, so by (5 May)”. */
const isItsDay = (gap: string, language: Language) =>
  gap.length <= 60 &&
  !/[.;:!?]/.test(gap) &&
  !verbsOf(language).aside.test(gap) &&
  grammarOf(language).its.test(gap);

function withoutOverlaps(found: NamedDay[]): NamedDay[] {
  const kept: NamedDay[] = [];
  for (const one of found.toSorted((a, b) => b.end - b.start - (a.end - a.start))) {
    if (kept.every((other) => one.end <= other.start || one.start >= other.end)) kept.push(one);
  }
  return kept.toSorted((a, b) => a.start - b.start);
}
