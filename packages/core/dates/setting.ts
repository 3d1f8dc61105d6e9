import { verbsOf, type Language } from '../languages/index.ts';
import { cuesOf } from './cues.ts';
import type { Day } from './day.ts';
import type { Phrase } from './phrases.ts';

/** Where a clause ends; the stop of “12. März” ends none. */
export const CLAUSE = /[;!?()]|(?<!\d)\.|,\s/u;

/** What stands around a date phrase of a folded sentence. */
export interface Setting {
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
  /** The cue is part of the phrase. */
  isInside: boolean;
  /** The cue behind it. */
  latest: string | undefined;
  /** The words are the user's own. */
  order: boolean;
  /** The message's own day. */
  today: Day;
}

export function settingOf(
  folded: string,
  phrase: Phrase,
  language: Language,
  order: boolean,
  today: Day,
): Setting {
  const cues = cuesOf(language);
  const before = folded.slice(0, phrase.start);
  const after = behind(folded, phrase);
  const clause = { before: clauseBefore(before), after: after.split(CLAUSE)[0] ?? '' };
  // “within three days”: the cue is in the phrase.
  const span = phrase.grain === 'span' ? folded.slice(phrase.start, phrase.end) : '';
  const inside = cues.spanBy.exec(span) ?? cues.spanUntil.exec(span);
  const by = inside ?? cues.by.exec(windowOf(before));
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
    isInside: inside !== null,
    latest: cues.latest.exec(after)?.[0],
    moves: moveOf(folded, language),
  };
}

/** The clause in front; “…, that is, (on Monday)” goes on with the one before. */
function clauseBefore(before: string): string {
  const clauses = before.split(CLAUSE);
  const last = clauses.at(-1) ?? '';
  const ahead = before.lastIndexOf(clauses.at(-2) ?? '', before.length - last.length - 1);
  // As long as it was, so that places in it stay.
  return THAT_IS.test(last) ? before.slice(Math.max(0, ahead)).replace(/[,;]/g, ' ') : last;
}

/** In the eight languages, folded. */
const THAT_IS =
  /^\s*(?:also|das heisst|d\.\s?h\.|soit|c'est-a-dire|es decir|o sea|ou seja|isto e|cioe|ossia|dus|dat is|det vill saga|dvs\.?|alltsa|that is|i\.e\.|namely)\s+(?:(?:[a-z]{1,3}|spatestens|uiterlijk)\s+){0,2}$/;

/** “bis Freitag, den 20. März, zu schicken”: the comma that closes the day ends no clause. */
const behind = (folded: string, { start, end }: Phrase) =>
  folded.slice(start, end).includes(',') ? folded.slice(end).replace(/^,/, ' ') : folded.slice(end);

/** Words that move a deadline; what is extended or changed need be none (“your subscription was extended to …”). */
function moveOf(folded: string, language: Language): RegExpExecArray | null {
  const cues = cuesOf(language);
  const found = verbsOf(language).condition.test(folded) ? null : cues.move.exec(folded);
  if (cues.noun.test(folded)) return found ?? cues.change.exec(folded);
  return found && EXTENDS.test(found[0]) && cues.yours.test(folded) ? null : found;
}

const EXTENDS =
  /verlanger|extend|prolong|prorro|verleng|forlang|alarga|amplia|proroga|rinnova|renova|renouvel/;

/** The words right in front, in which a cue of its own may stand. */
export const windowOf = (before: string) => before.slice(-70);
