import { beginsWithVerb, type Language } from '../languages/index.ts';
import { asks, cuesOf } from './cues.ts';
import type { Reason } from './phrase.ts';
import type { Phrase } from './phrases.ts';

/** From this score on a date is a deadline. */
const DEADLINE = 4;
const WEIGHTS = {
  by: 5,
  until: 3,
  latest: 5,
  noun: 4,
  purpose: 4,
  request: 4,
  must: 4,
  obligation: 3,
  moved: 5,
  event: -4,
  hours: -4,
  weak: -3,
  past: -6,
  issue: -6,
  commit: -8,
  absence: -8,
  every: -8,
  replaced: -12,
  dayless: -4,
} as const;
type Cue = keyof typeof WEIGHTS;

/** Where a clause ends; the stop of “12. März” ends none. */
const CLAUSE = /[;!?()]|(?<!\d)\.|,\s/u;

export interface Judgement {
  verdict: 'deadline' | 'event' | 'other';
  score: number;
  reasons: Reason[];
  moved: boolean;
  /** The deadline it speaks of has passed (“was due”). */
  overdue: boolean;
  /** How far in front of the phrase its own cue begins (“by ” is 3). */
  lead: number;
}

/** Weighs the cues around a date phrase of a folded sentence: deadline, event or neither. `order`: the words are the user's own. */
export function judge(folded: string, phrase: Phrase, language: Language, order: boolean): Judgement {
  const cues = cuesOf(language);
  const before = folded.slice(0, phrase.start);
  const after = folded.slice(phrase.end);
  const clause = {
    before: before.split(CLAUSE).at(-1) ?? '',
    after: after.split(CLAUSE)[0] ?? '',
  };
  const around = `${clause.before} ${clause.after}`;
  const moves = cues.move.exec(folded);
  const reasons: Reason[] = [];
  const weigh = (cue: Cue, words: string | undefined) => {
    if (words !== undefined) reasons.push({ cue, weight: WEIGHTS[cue], words: words.trim() });
    return words !== undefined;
  };
  const window = before.slice(-70);
  const span = phrase.grain === 'span' ? folded.slice(phrase.start, phrase.end) : '';
  const by = cues.spanBy.exec(span) ?? cues.spanUntil.exec(span) ?? cues.by.exec(window);
  const until = by ? null : cues.until.exec(window);
  const issue = by ? null : cues.issue.exec(window);
  const latest = weigh('latest', cues.latest.exec(after)?.[0]);
  const wanted = wantedBy(folded, language, order);
  const own = weigh('by', by?.[0]) || latest || (until !== null && wanted?.cue === 'request');
  if (!moves) weigh('until', until?.[0]);
  if (!own) weigh('noun', cues.noun.exec(around)?.[0]);
  if (wanted) weigh(wanted.cue, wanted.words);
  const purpose = !own && wanted ? weigh('purpose', purposeOf(clause, language)) : false;
  if (!own && !purpose) weigh('event', cues.event.exec(moves ? folded : around)?.[0]);
  if (!own && !moves) weigh('past', cues.past.exec(clause.before)?.[0]);
  weigh('commit', commitOf(clause.before, language));
  if (!asks(clause.before, language)) weigh('absence', cues.absence.exec(around)?.[0]);
  weigh('every', cues.every.exec(window)?.[0]);
  weigh('hours', phrase.hours ? folded.slice(phrase.start, phrase.end) : undefined);
  weigh('weak', phrase.weak && !own && !until ? folded.slice(phrase.start, phrase.end) : undefined);
  weigh('dayless', phrase.dayless && !own ? folded.slice(phrase.start, phrase.end) : undefined);
  const gone = cues.instead.test(window) || (moves !== null && cues.from.test(window) && cues.to.test(after));
  if (!moves && !purpose) weigh('issue', issue?.[0]);
  const moved = moves !== null && !gone && weigh('moved', moves[0]);
  weigh('replaced', gone ? 'replaced' : undefined);
  const score = reasons.reduce((sum, reason) => sum + reason.weight, 0);
  const isEvent = reasons.some((reason) => reason.cue === 'event' || reason.cue === 'hours');
  return {
    verdict: score >= DEADLINE ? 'deadline' : isEvent ? 'event' : 'other',
    score,
    reasons,
    moved,
    overdue: by !== null && cues.past.test(by[0]),
    lead: span === '' || !(by ?? until) ? ((by ?? until ?? cues.day.exec(window))?.[0].length ?? 0) : 0,
  };
}

interface Wanted {
  cue: 'request' | 'must' | 'obligation';
  words: string;
}

function wantedBy(folded: string, language: Language, order: boolean): Wanted | null {
  if (asks(folded, language)) return { cue: 'request', words: 'a request' };
  const cues = cuesOf(language);
  for (const cue of ['must', 'obligation'] as const) {
    const found = cues[cue].exec(folded);
    if (found) return { cue, words: found[0] };
  }
  if (!order) return null;
  const words = folded.trim().replace(/[.!?]+$/, '');
  const verb = beginsWithVerb(words.replace(/^(?:a|to|da|por|att)\s/, ''), language);
  return { cue: verb ? 'request' : 'obligation', words: 'a note' };
}

/** “for Thursday's meeting”, “before the site visit on Monday”. */
function purposeOf(clause: { before: string; after: string }, language: Language): string | undefined {
  const cues = cuesOf(language);
  const lead = cues.purpose.exec(clause.before);
  if (!lead || cues.coming.test(`${clause.before} ${clause.after}`)) return undefined;
  const direct = /^\S+\s+(?:\S+\s+)?$/.test(lead[0]);
  const isEvent =
    cues.event.test(lead[0]) || (direct && cues.event.test(clause.after.split(/\s+/).slice(0, 5).join(' ')));
  return isEvent ? lead[0] : undefined;
}

/** What the writer says that he himself will do; a request in the same clause outweighs it. */
function commitOf(before: string, language: Language): string | undefined {
  const commit = cuesOf(language).commit.exec(before);
  return commit && !asks(before, language) ? commit[0] : undefined;
}
