import { type Language } from '../languages/index.ts';
import { asks, cuesOf } from './cues.ts';
import type { Day } from './day.ts';
import type { Reason } from './phrase.ts';
import type { Phrase } from './phrases.ts';
import { settingOf, windowOf, type Setting } from './setting.ts';
import {
  endOf,
  eventOf,
  everyOf,
  givenOf,
  isFarewell,
  isOverdue,
  isRolled,
  isTerm,
  needlessOf,
  offerOf,
  pastOf,
  stateOf,
  takenOf,
} from './told.ts';
import { asksNothing, commitOf, purposeOf, wantedBy, wishOf, type Wanted } from './wanted.ts';

/** From this score on a date is a deadline. */
export const DEADLINE = 4;

const WEIGHTS = {
  by: 5,
  until: 3,
  latest: 5,
  noun: 4,
  purpose: 4,
  request: 4,
  elsewhere: 2,
  plan: 2,
  must: 4,
  obligation: 3,
  given: 4,
  ends: 5,
  offer: 2,
  label: 2,
  moved: 5,
  wish: -4,
  event: -4,
  hours: -6,
  weak: -3,
  past: -6,
  issue: -6,
  commit: -8,
  needless: -8,
  delivered: -8,
  future: -4,
  state: -5,
  absence: -8,
  every: -8,
  begins: -6,
  optional: -5,
  replaced: -12,
  rolled: -5,
  dayless: -4,
} as const;

type Cue = keyof typeof WEIGHTS;

export interface Judgement {
  verdict: 'deadline' | 'event' | 'other';
  score: number;
  reasons: Reason[];
  moved: boolean;
  /** The deadline it speaks of has passed (“was due”). */
  overdue: boolean;
  /** How far in front of the phrase its own cue begins (“by ” is 3). */
  lead: number;
  /** How far behind it its own cue ends (“ at the latest” is 14). */
  tail: number;
}

/** Weighs the cues around a date phrase of a folded sentence: deadline, event or neither. `order`: the words are the user's own. */
export function weigh(
  folded: string,
  phrase: Phrase,
  language: Language,
  order: boolean,
  today: Day,
): Judgement {
  const setting = settingOf(folded, phrase, language, order, today);
  const { before, by, until, isInside, latest, moves } = setting;
  const cues = cuesOf(language);
  const window = windowOf(before);
  const gone =
    cues.instead.test(window) ||
    ((moves !== null || cues.noun.test(folded)) && cues.from.test(window) && cues.to.test(setting.after));
  const wish = wishOf(setting);
  const reasons =
    wish === undefined
      ? reasonsOf(setting, wantedBy(setting), gone)
      : [{ cue: 'given', weight: WEIGHTS.given, words: wish }];
  const score = reasons.reduce((sum, reason) => sum + reason.weight, 0);
  const isEvent = reasons.some((reason) => reason.cue === 'event' || reason.cue === 'hours');
  const purpose = reasons.find(({ cue }) => cue === 'purpose');
  const ahead = purpose && cues.ahead.test(purpose.words) ? cues.purpose.exec(setting.clause.before) : null;
  return {
    verdict: score >= DEADLINE ? 'deadline' : isEvent ? 'event' : 'other',
    score,
    reasons,
    moved: moves !== null && !gone,
    overdue: isOverdue(setting),
    lead: isInside ? 0 : ((ahead ?? by ?? until ?? cues.day.exec(window))?.[0].length ?? 0),
    // “is the deadline” is no part of the day.
    tail: latest === undefined || cues.says.test(latest) ? 0 : latest.length,
  };
}

/** `gone`: another date has taken its place. */
function reasonsOf(setting: Setting, wanted: Wanted | null, gone: boolean): Reason[] {
  const { folded, phrase, language, before, clause, around, by, until, latest, moves, today } = setting;
  const cues = cuesOf(language);
  const window = windowOf(before);
  const own = folded.slice(phrase.start, phrase.end);
  const ends = until !== null || by !== null || phrase.grain === 'span';
  const taken = ends && asksNothing(wanted) ? takenOf(setting) : undefined;
  const given = ends && asksNothing(wanted) ? (givenOf(setting) ?? taken) : undefined;
  // Its own cue settles it; the words further off need not be asked.
  const settled =
    by !== null ||
    latest !== undefined ||
    given !== undefined ||
    ((until !== null || phrase.grain === 'span') && wanted?.cue === 'request');
  const purpose = !settled && wanted ? purposeOf(clause, language) : undefined;
  const isOrdered = wanted?.cue === 'must' && cues.must.test(clause.before);
  const isWanted =
    wanted !== null &&
    (settled || until !== null || purpose !== undefined || isOrdered || asks(clause.before, language));
  const commit = taken === undefined ? commitOf(setting) : undefined;
  const term = isTerm(setting);
  const noun = cues.noun.exec(term ? before : around)?.[0];
  const isDue = term && noun !== undefined;
  const offered = offerOf(setting);
  const found: [Cue, string | undefined, boolean][] = [
    ['latest', latest, true],
    ['by', by?.[0], !isFarewell(setting)],
    ['until', until?.[0], !moves && !isFarewell(setting)],
    ['noun', noun, !settled],
    [wanted?.cue ?? 'request', wanted?.words, true],
    ['given', given, true],
    ['wish', cues.wish.exec(window)?.[0], !ends && latest === undefined],
    ['purpose', purpose, true],
    ['event', eventOf(setting, noun), !settled && purpose === undefined && phrase.counted !== true && !isDue],
    ['past', cues.past.exec(pastOf(setting))?.[0], !moves && !isWanted && given === undefined],
    ['past', own, phrase.day < today && !settled],
    ['commit', commit, !moves && given === undefined && wanted?.cue !== 'elsewhere'],
    ['plan', commit, wanted?.cue === 'elsewhere'],
    ['needless', needlessOf(setting), wanted !== null],
    ['delivered', cues.delivered.exec(around)?.[0], true],
    ['future', cues.future.exec(around)?.[0], !wanted && commit === undefined && latest === undefined],
    ['label', clause.before.trim(), until !== null && /^[^.;?!]{2,45}\s?:\s*$/.test(clause.before)],
    ['offer', offered, until !== null && asksNothing(wanted)],
    ['state', stateOf(setting, wanted), latest === undefined && given === undefined && asksNothing(wanted)],
    [
      'absence',
      cues.absence.exec(wanted || noun !== undefined ? around : folded)?.[0],
      wanted?.cue !== 'must' &&
        offered === undefined &&
        given === undefined &&
        purpose === undefined &&
        !asks(clause.before, language),
    ],
    ['every', everyOf(setting), true],
    [
      'begins',
      cues.begins.exec(window)?.[0],
      !by &&
        phrase.grain !== 'span' &&
        phrase.day > today &&
        phrase.begins === undefined &&
        !cues.to.test(setting.after),
    ],
    ['optional', cues.optional.exec(around)?.[0], wanted?.cue === 'obligation' && !cues.must.test(folded)],
    ['hours', own, phrase.hours],
    ['weak', own, phrase.weak && !settled && !until],
    ['dayless', own, phrase.dayless && (!settled || !wanted)],
    ['issue', by || isDue ? undefined : cues.issue.exec(window)?.[0], !moves && purpose === undefined],
    ['moved', moves?.[0], !gone],
    [
      'rolled',
      own,
      isRolled(setting) && !isOverdue(setting) && (!settled || wanted === null) && until === null,
    ],
    ['ends', endOf(setting), by === null && until === null],
    ['replaced', 'replaced', gone],
  ];
  return found.flatMap(([cue, words, counts]) =>
    words === undefined || !counts ? [] : [{ cue, weight: WEIGHTS[cue], words: words.trim() }],
  );
}
