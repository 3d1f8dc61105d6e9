import {
  beginsWithVerb,
  ownDeed,
  undoneAt,
  VERB_SECOND,
  verbsOf,
  type Language,
} from '../languages/index.ts';
import { asks, cuesOf } from './cues.ts';
import type { Phrase } from './phrases.ts';
import { CLAUSE, type Setting } from './setting.ts';

export interface Wanted {
  cue: 'request' | 'elsewhere' | 'must' | 'obligation';
  words: string;
}

export function wantedBy({
  folded,
  phrase,
  clause,
  after,
  by,
  until,
  language,
  order,
}: Setting): Wanted | null {
  const cues = cuesOf(language);
  const named = folded.slice(phrase.start, phrase.end);
  const ends = by ?? until ?? cues.spanBy.exec(named) ?? cues.spanUntil.exec(named);
  if (!ends && isInCondition(folded, phrase, language)) return null;
  if (asks(folded, language) || asks(withoutDate(folded, phrase, language), language)) {
    // “The plumber comes on Thursday, please clear the way.”
    const told =
      clause.before.trim().split(/\s+/).length >= 3 &&
      !verbsOf(language).condition.test(clause.before) &&
      !(ends && cues.given.test(clause.before));
    const clauseEnd = after.search(CLAUSE);
    const later = told && clauseEnd !== -1 && !asks(folded.slice(0, phrase.end + clauseEnd + 1), language);
    return { cue: later ? 'elsewhere' : 'request', words: 'a request' };
  }
  const around = `${folded.slice(0, phrase.start)} ${after}`;
  // “If you are out, it is kept until Friday” asks for nothing.
  const isTold = by === null && until !== null && /,\s/.test(folded.slice(0, phrase.start));
  if (undoneAt(folded, language) !== null && !isTold) return { cue: 'request', words: 'a condition' };
  if (ends && isIfDone(folded, phrase, language)) return { cue: 'request', words: 'a condition' };
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

/** “If I had it tomorrow, I could still show it.” */
export function wishOf({ folded, phrase, language }: Setting): string | undefined {
  const isInside = !/,\s/.test(folded.slice(0, phrase.start));
  return isInside ? verbsOf(language).ifHad.exec(folded)?.[0] : undefined;
}

export const asksNothing = (wanted: Wanted | null) => wanted === null || wanted.cue === 'obligation';

/** Modal verbs that begin a condition where no question follows (de, nl, sv). */
const CAN = /^\s*(?:konnen|kannst|konnt|sollten|solltest|kunt|kun|kan|mocht|skulle|hinner)\s/;

/** “If you cannot come on Thursday, …”, “Kunt u donderdag niet, …”: the day is not what is asked for. */
function isInCondition(folded: string, phrase: Phrase, language: Language): boolean {
  const { condition } = verbsOf(language);
  const ends = /,\s/.exec(folded)?.index ?? 0;
  const turned = VERB_SECOND.has(language.code) && CAN.test(folded) && !folded.includes('?');
  // “If you could send it on Thursday, that would help” asks.
  const [asked] = cuesOf(language).request(folded);
  const isAsked = asked?.index === 0;
  return phrase.end <= ends && ((condition.test(folded) && !isAsked) || turned);
}

/** “If you approve it by Friday, we print next week.” */
const isIfDone = (folded: string, phrase: Phrase, language: Language): boolean =>
  verbsOf(language).onlyIf.test(folded) ||
  (verbsOf(language).ifYou.test(folded) && !/[,;]\s/.test(folded.slice(0, phrase.start)));

/** The day may stand in front of the order or inside it (“On Monday please bring …”). */
function withoutDate(folded: string, { start, end }: Phrase, language: Language): string {
  const lead = cuesOf(language).lead.exec(folded.slice(0, start))?.index ?? start;
  // “Am Donnerstag kommt ein Interessent” tells; “am Donnerstag bringen Sie bitte …” asks.
  const hello = verbsOf(language).greeting.exec(folded)?.[0].length ?? 0;
  const tells = VERB_SECOND.has(language.code) && folded.slice(hello, lead).trim() === '';
  const { pleaseInside, formal } = verbsOf(language);
  const behind = folded.slice(end).trimStart();
  if (tells && !pleaseInside.test(behind) && !formal.test(behind)) return folded;
  return `${folded.slice(0, lead)} ${folded.slice(end).trimStart()}`.trimStart();
}

/** “for Thursday's meeting”, “before the site visit on Monday”. */
export function purposeOf(clause: Setting['clause'], language: Language): string | undefined {
  const cues = cuesOf(language);
  const lead = cues.purpose.exec(clause.before);
  const [asked] = cues.request(clause.before);
  const told = asked ? clause.before.replace(asked[0], ' ') : clause.before;
  const near = told.split(/\s+/).slice(-8).join(' ');
  // “before the auditors come on Friday”
  const isAhead = lead !== null && cues.ahead.test(lead[0]);
  if (!lead || (!isAhead && cues.coming.test(`${near} ${clause.after}`))) return undefined;
  const direct = /^\S+\s+(?:\S+\s+)?$/.test(lead[0]);
  const isEvent =
    isAhead ||
    cues.event.test(lead[0]) ||
    (direct && cues.event.test(clause.after.split(/\s+/).slice(0, 5).join(' ')));
  return isEvent ? lead[0] : undefined;
}

/** What the writer says that he himself will do or has to; a request in the same clause outweighs it. */
export function commitOf({ folded, clause, around, language, order }: Setting): string | undefined {
  const { commit, self } = cuesOf(language);
  const { announce, onlyIf } = verbsOf(language);
  if (announce.test(folded) || onlyIf.test(folded)) return undefined;
  const found = commit.exec(clause.before) ?? (order ? null : self.exec(clause.before));
  const own = found?.[0] ?? (order ? undefined : ownDeed(clause.before, language));
  // “Ik zou vrijdag een scan nodig hebben”: the need goes on behind the day.
  const said = language.requests.verbLast ? around : clause.before;
  return own !== undefined && !asks(said, language) ? own : undefined;
}
