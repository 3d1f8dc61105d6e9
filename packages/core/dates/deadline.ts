import {
  actionBase,
  beginsWithVerb,
  listOf,
  ownDeed,
  perLanguage,
  undoneAt,
  verbsOf,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import { asks, cuesOf } from './cues.ts';
import type { Day } from './day.ts';
import type { Reason } from './phrase.ts';
import type { Phrase } from './phrases.ts';

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
  future: -4,
  state: -5,
  absence: -8,
  every: -8,
  replaced: -12,
  rolled: -5,
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

/** What stands around a date phrase of a folded sentence. */
interface Setting {
  folded: string;
  phrase: Phrase;
  language: Language;
  before: string;
  after: string;
  clause: { before: string; after: string };
  /** The clause without the phrase. */
  around: string;
  /** The cue in front of it, and words that move a deadline. */
  by: RegExpExecArray | null;
  until: RegExpExecArray | null;
  moves: RegExpExecArray | null;
  /** The words are the user's own. */
  order: boolean;
  /** The message's own day. */
  today: Day;
}

function settingOf(folded: string, phrase: Phrase, language: Language, order: boolean, today: Day): Setting {
  const cues = cuesOf(language);
  const before = folded.slice(0, phrase.start);
  const after = folded.slice(phrase.end);
  const clause = { before: before.split(CLAUSE).at(-1) ?? '', after: after.split(CLAUSE)[0] ?? '' };
  const span = spanOf(folded, phrase);
  const by = cues.spanBy.exec(span) ?? cues.spanUntil.exec(span) ?? cues.by.exec(windowOf(before));
  return {
    folded,
    phrase,
    language,
    order,
    today,
    before,
    after,
    clause,
    around: `${clause.before} ${clause.after}`,
    by,
    until: by ? null : cues.until.exec(windowOf(before)),
    moves: moveOf(folded, language),
  };
}

/** Words that move a deadline; what is extended or changed need be none (“your subscription was extended to …”). */
function moveOf(folded: string, language: Language): RegExpExecArray | null {
  const cues = cuesOf(language);
  const found = cues.move.exec(folded);
  if (cues.noun.test(folded)) return found ?? cues.change.exec(folded);
  return found && EXTENDS.test(found[0]) && cues.yours.test(folded) ? null : found;
}

const EXTENDS =
  /verlanger|extend|prolong|prorro|verleng|forlang|alarga|amplia|proroga|rinnova|renova|renouvel/;

/** The words right in front, in which a cue of its own may stand. */
const windowOf = (before: string) => before.slice(-70);

/** “within three days”: the cue is in the phrase. */
const spanOf = (folded: string, phrase: Phrase) =>
  phrase.grain === 'span' ? folded.slice(phrase.start, phrase.end) : '';

/** Weighs the cues around a date phrase of a folded sentence: deadline, event or neither. `order`: the words are the user's own. */
export function judge(
  folded: string,
  phrase: Phrase,
  language: Language,
  order: boolean,
  today: Day,
): Judgement {
  const setting = settingOf(folded, phrase, language, order, today);
  const { before, by, until, moves } = setting;
  const cues = cuesOf(language);
  const window = windowOf(before);
  const gone =
    cues.instead.test(window) ||
    ((moves !== null || cues.noun.test(folded)) && cues.from.test(window) && cues.to.test(setting.after));
  const reasons = reasonsOf(setting, wantedBy(setting), gone);
  const score = reasons.reduce((sum, reason) => sum + reason.weight, 0);
  const isEvent = reasons.some((reason) => reason.cue === 'event' || reason.cue === 'hours');
  const hasLead = spanOf(folded, phrase) === '' || !(by ?? until);
  return {
    verdict: score >= DEADLINE ? 'deadline' : isEvent ? 'event' : 'other',
    score,
    reasons,
    moved: moves !== null && !gone,
    overdue:
      (by !== null && cues.past.test(by[0])) ||
      (!phrase.fixed && phrase.day - today > YEAR_AHEAD && OVERDUE.test(folded)),
    lead: hasLead ? ((by ?? until ?? cues.day.exec(window))?.[0].length ?? 0) : 0,
  };
}

/** `gone`: another date has taken its place. */
function reasonsOf(setting: Setting, wanted: Wanted | null, gone: boolean): Reason[] {
  const { folded, phrase, language, before, after, clause, around, by, until, moves, today } = setting;
  const cues = cuesOf(language);
  const window = windowOf(before);
  const own = folded.slice(phrase.start, phrase.end);
  const latest = cues.latest.exec(after)?.[0];
  // Its own cue settles it; the words further off need not be asked.
  const settled = by !== null || latest !== undefined || (until !== null && wanted?.cue === 'request');
  const purpose = !settled && wanted ? purposeOf(clause, language) : undefined;
  const isWanted = wanted !== null && (settled || until !== null || asks(clause.before, language));
  const commit = commitOf(setting);
  const ends = until !== null || by !== null || phrase.grain === 'span';
  const given = ends && asksNothing(wanted) ? cues.given.exec(clause.before)?.[0] : undefined;
  const noun = cues.noun.exec(around)?.[0];
  const offered = offerOf(setting);
  const found: [Cue, string | undefined, boolean][] = [
    ['latest', latest, true],
    ['by', by?.[0], !isFarewell(setting)],
    ['until', until?.[0], !moves && !isFarewell(setting)],
    ['noun', noun, !settled],
    [wanted?.cue ?? 'request', wanted?.words, true],
    ['given', given, true],
    ['wish', cues.wish.exec(window)?.[0], by === null && latest === undefined],
    ['purpose', purpose, true],
    ['event', eventOf(setting, noun), !settled && purpose === undefined && phrase.counted !== true],
    ['past', cues.past.exec(pastOf(setting))?.[0], !moves && !isWanted],
    ['past', own, phrase.day < today && !settled],
    ['commit', commit, !moves && given === undefined && wanted?.cue !== 'elsewhere'],
    ['plan', commit, wanted?.cue === 'elsewhere'],
    ['future', cues.future.exec(around)?.[0], !wanted && commit === undefined],
    ['label', clause.before.trim(), until !== null && /^[^.;?!]{2,45}\s?:\s*$/.test(clause.before)],
    ['offer', offered, until !== null && asksNothing(wanted)],
    ['state', stateOf(setting, wanted), latest === undefined && given === undefined && asksNothing(wanted)],
    [
      'absence',
      cues.absence.exec(wanted || noun !== undefined ? around : folded)?.[0],
      wanted?.cue !== 'must' && offered === undefined && !asks(clause.before, language),
    ],
    ['every', cues.every.exec(window)?.[0], true],
    ['hours', own, phrase.hours],
    ['weak', own, phrase.weak && !settled && !until],
    ['dayless', own, phrase.dayless && (!settled || !wanted)],
    ['issue', by ? undefined : cues.issue.exec(window)?.[0], !moves && purpose === undefined],
    ['moved', moves?.[0], !gone],
    ['rolled', own, !phrase.fixed && phrase.day - today > YEAR_AHEAD && !settled && until === null],
    ['ends', endOf(setting), by === null && until === null],
    ['replaced', 'replaced', gone],
  ];
  return found.flatMap(([cue, words, counts]) =>
    words === undefined || !counts ? [] : [{ cue, weight: WEIGHTS[cue], words: words.trim() }],
  );
}

/** “Bis Samstag!”, “À vendredi !”: the writer looks forward to the day. */
const isFarewell = ({ folded, phrase, before }: Setting): boolean =>
  phrase.grain === 'weekday' &&
  /^\s*\p{L}+\s+(?:\p{L}{2,3}\s+)?$/u.test(before) &&
  /^\s*!?\s*$/.test(folded.slice(phrase.end)) &&
  folded.includes('!');

/** Where what has passed stands: in front of the cue itself (“bought before”); behind the date where the verb is last. */
function pastOf({ before, by, clause, language }: Setting): string {
  const ahead = by ? (windowOf(before).slice(0, by.index).split(CLAUSE).at(-1) ?? '') : clause.before;
  const [asked] = cuesOf(language).request(ahead);
  const told = asked ? ahead.replace(asked[0], ' ') : ahead;
  return by || language.requests.verbLast ? `${told} ${clause.after}` : told;
}

/** What goes on until that day; an offer has to be taken up by then, and “läuft am … ab” is the cue itself. */
function stateOf({ folded, around, by, language }: Setting, wanted: Wanted | null): string | undefined {
  const { offer, state, yours, noun } = cuesOf(language);
  const percent = wanted === null && !yours.test(folded) ? PERCENT.exec(folded)?.[0] : undefined;
  if (percent !== undefined) return percent;
  if (offer.test(folded) || namesAction(around, language)) return undefined;
  const told = by ? around.replace(by[0].trim(), ' ') : around;
  const is = wanted === null && !noun.test(folded) ? IS_STILL[language.code]?.exec(told)?.[0] : undefined;
  return state.exec(told)?.[0] ?? is;
}

/** What a sale takes off. */
const PERCENT = /\d\s?%|(?:prozent|per\s?cent|pour cent|por ciento|por cento|procent|per cento)(?![a-z])/;
/** Where the word for “by” is the one for “until” too: what is so until then. */
const IS_STILL: Partial<Record<LanguageCode, RegExp>> = {
  de: /(?:^|\s)(?:ist|sind|bin|bleibt|bleiben)\s/,
};

/** “Registration”, “les inscriptions”: what is open until a day has to be done by then. */
const namesAction = (words: string, language: Language) =>
  words
    .split(/[^\p{L}]+/u)
    .some((word) =>
      [word, word.replace(/s$/, '')].some(
        (w) => !isEvent(w, language) && (actionBase(w, language) ?? w) !== w,
      ),
    );

const isEvent = (word: string, language: Language) => listed(language).has(word);

/** What takes place; “letzter Termin” and “statt am 3. April” name no event, nor does what one does oneself (“redovisningen”). */
function eventOf({ folded, around, moves, language }: Setting, noun: string | undefined): string | undefined {
  const { event, insteadOf } = cuesOf(language);
  const told = (moves ? folded : around.replace(noun ?? '', ' ')).replace(insteadOf, ' ');
  const found = event.exec(told)?.[0];
  return found !== undefined && !listed(language).has(found) && actionBase(found, language) !== null
    ? undefined
    : found;
}

const listed = perLanguage(({ cues }: Language) => new Set(listOf(cues.event)));

const OVERDUE =
  /overdue|uberfallig|en retard|vencid[oa]|em atraso|te laat|achterstallig|scadut[oa]|in ritardo|forsenad/;

/** A day without a year that lies so far ahead has passed only lately, and is told of rather than set. */
const YEAR_AHEAD = 250;

/** “La votación termina el domingo”: what one does ends then. */
function endOf({ before, clause, language }: Setting): string | undefined {
  const ends = cuesOf(language).ends.exec(windowOf(before))?.[0];
  return ends !== undefined && namesAction(clause.before, language) ? ends : undefined;
}

/** An offer that is good until that day, or what one can do until then. */
function offerOf({ folded, around, clause, language }: Setting): string | undefined {
  const { offer, state } = cuesOf(language);
  if (!state.test(around)) return undefined;
  return namesAction(clause.before, language) ? clause.before : offer.exec(folded)?.[0];
}

const asksNothing = (wanted: Wanted | null) => wanted === null || wanted.cue === 'obligation';

interface Wanted {
  cue: 'request' | 'elsewhere' | 'must' | 'obligation';
  words: string;
}

function wantedBy({ folded, phrase, clause, after, by, until, language, order }: Setting): Wanted | null {
  const cues = cuesOf(language);
  if (asks(folded, language) || asks(withoutDate(folded, phrase, language), language)) {
    // “The plumber comes on Thursday, please clear the way.”
    const told =
      clause.before.trim().split(/\s+/).length >= 3 && !verbsOf(language).condition.test(clause.before);
    const clauseEnd = after.search(CLAUSE);
    const later = told && clauseEnd !== -1 && !asks(folded.slice(0, phrase.end + clauseEnd + 1), language);
    return { cue: later ? 'elsewhere' : 'request', words: 'a request' };
  }
  const around = `${folded.slice(0, phrase.start)} ${after}`;
  if (undoneAt(folded, language) !== null) return { cue: 'request', words: 'a condition' };
  if ((by ?? until) && isIfDone(folded, phrase, language)) return { cue: 'request', words: 'a condition' };
  const hello = verbsOf(language).greeting.exec(folded)?.[0].length ?? 0;
  const others = verbsOf(language).othersNeed.exec(folded.slice(hello))?.[0];
  if (others !== undefined) return { cue: 'obligation', words: others };
  for (const cue of ['must', 'obligation'] as const) {
    const found = cues[cue].exec(around);
    if (found && (!cues.awaits.test(found[0]) || cues.yours.test(folded))) return { cue, words: found[0] };
  }
  if (!order) return null;
  const own = cues.self.exec(folded) ?? cues.toDo.exec(folded);
  if (own) return { cue: 'request', words: own[0] };
  const words = folded.trim().replace(/[.!?]+$/, '');
  const verb = beginsWithVerb(words.replace(/^(?:a|to|da|por|att)\s/, ''), language);
  return { cue: verb ? 'request' : 'obligation', words: 'a note' };
}

/** “If you approve it by Friday, we print next week.” */
const isIfDone = (folded: string, phrase: Phrase, language: Language): boolean =>
  verbsOf(language).ifYou.test(folded) && !/[,;]\s/.test(folded.slice(0, phrase.start));

const VERB_SECOND: ReadonlySet<string> = new Set(['de', 'nl', 'sv']);

/** The day may stand in front of the order or inside it (“On Monday please bring …”). */
function withoutDate(folded: string, { start, end }: Phrase, language: Language): string {
  const lead = cuesOf(language).ahead.exec(folded.slice(0, start))?.index ?? start;
  // “Am Donnerstag kommt ein Interessent” tells; “am Donnerstag bringen Sie bitte …” asks.
  const hello = verbsOf(language).greeting.exec(folded)?.[0].length ?? 0;
  const tells = VERB_SECOND.has(language.code) && folded.slice(hello, lead).trim() === '';
  const { pleaseInside, formal } = verbsOf(language);
  const behind = folded.slice(end).trimStart();
  if (tells && !pleaseInside.test(behind) && !formal.test(behind)) return folded;
  return `${folded.slice(0, lead)} ${folded.slice(end).trimStart()}`.trimStart();
}

/** “for Thursday's meeting”, “before the site visit on Monday”. */
function purposeOf(clause: Setting['clause'], language: Language): string | undefined {
  const cues = cuesOf(language);
  const lead = cues.purpose.exec(clause.before);
  if (!lead || cues.coming.test(`${clause.before} ${clause.after}`)) return undefined;
  const direct = /^\S+\s+(?:\S+\s+)?$/.test(lead[0]);
  const isEvent =
    cues.event.test(lead[0]) || (direct && cues.event.test(clause.after.split(/\s+/).slice(0, 5).join(' ')));
  return isEvent ? lead[0] : undefined;
}

/** What the writer says that he himself will do or has to; a request in the same clause outweighs it. */
function commitOf({ folded, clause, language, order }: Setting): string | undefined {
  const { commit, self } = cuesOf(language);
  if (verbsOf(language).announce.test(folded)) return undefined;
  const found = commit.exec(clause.before) ?? (order ? null : self.exec(clause.before));
  const own = found?.[0] ?? ownDeed(clause.before, language);
  return own !== undefined && !asks(clause.before, language) ? own : undefined;
}
