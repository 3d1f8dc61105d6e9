import {
  baseForm,
  fold,
  hasPronoun,
  listOf,
  participleBase,
  pattern,
  perLanguage,
  alternatives,
  verbsOf,
  type Language,
} from '../languages/index.ts';
import { asks, cuesOf } from './cues.ts';
import { parseDay } from './day.ts';
import { DEADLINE } from './deadline.ts';
import type { DatePhrase, DateOptions } from './phrase.ts';
import { sentenceAt, type Spoken } from './spoken.ts';

/**
 * Where no date is a deadline of itself, what is asked for beside a day still to come may make it one: an answer before
 * then; where but one day is ahead, things to bring to an event, what has to be done while a thing is kept, what the
 * writer needs for his own plan; else his plan behind a question.
 */
export function withImplied(
  found: DatePhrase[],
  sentences: readonly Spoken[],
  { reference }: DateOptions,
): DatePhrase[] {
  const today = parseDay(reference);
  const ahead = found.filter(({ date }) => parseDay(date) >= today && parseDay(date) <= today + SOON);
  const [first] = ahead;
  if (!first || found.some(({ verdict }) => verdict === 'deadline')) return found;
  const oneDay = new Set(ahead.map(({ date }) => date.slice(0, 10))).size === 1;
  const implied =
    firstOf(ahead, (date) => askedBefore(date, sentences)) ??
    (oneDay
      ? firstOf([first], (date) => broughtTo(date, sentences) ?? askedBeside(date, found, sentences))
      : firstOf(ahead, (date) => plannedBehindQuestion(date, sentences)));
  if (implied === null) return found;
  const reason = { ...implied.because, weight: DEADLINE };
  return found.map((date) =>
    date === implied.date
      ? { ...date, verdict: 'deadline', score: DEADLINE, reasons: [...date.reasons, reason] }
      : date,
  );
}

/** The first of the dates for which there is a reason, with it. */
function firstOf(dates: readonly DatePhrase[], reasonFor: (date: DatePhrase) => Because | null) {
  for (const date of dates) {
    const because = reasonFor(date);
    if (because) return { date, because };
  }
  return null;
}

/** Days in which what is only implied may be meant; a day without its year that has passed lies a year ahead. */
const SOON = 90;

interface Because {
  cue: string;
  words: string;
}

const because = (cue: string, { text }: Spoken): Because => ({ cue, words: text.trim().slice(0, 40) });

/** “Which day suits you, 14 or 16 April? I have to tell them by Friday.” */
function plannedBehindQuestion(date: DatePhrase, sentences: readonly Spoken[]): Because | null {
  const at = sentenceAt(date, sentences);
  const [question, here] = [sentences[at - 1], sentences[at]];
  const isAgainst = date.reasons.some(({ cue }) => AGAINST.has(cue));
  return here && !isAgainst && question?.text.trim().endsWith('?') === true && isOwnPlan(here, date)
    ? because('plan', here)
    : null;
}

/** “I have to tell them by Friday; please let me know before then.” */
function askedBefore(date: DatePhrase, sentences: readonly Spoken[]): Because | null {
  const next = sentences[sentenceAt(date, sentences) + 1];
  return next && beforeThen(next.language).test(next.folded) && asks(next.folded, next.language)
    ? because('kept', next)
    : null;
}

const beforeThen = perLanguage(({ dates }: Language) =>
  pattern(`(?<![\\p{L}])${alternatives(dates.beforeThen)}(?=\\s*[,.;:!?]|\\s*$|\\s+kurz|\\s+even)`),
);

/** “We meet on Saturday. Bring gloves.” */
function broughtTo(event: DatePhrase, sentences: readonly Spoken[]): Because | null {
  const order = sentences.find(
    ({ start, folded, language }) => start > event.start && brings(folded, language),
  );
  return order ? because('bring', order) : null;
}

function brings(folded: string, language: Language): boolean {
  if (verbsOf(language).condition.test(folded) || !asks(folded, language)) return false;
  if (cuesOf(language).needless.test(folded)) return false;
  const words = folded.split(/[^\p{L}-]+/u);
  const bring = bringWords(language);
  return words.some((word, i) => {
    const base = fold(baseForm(participleBase(word, language) ?? word, language));
    // “bring … mit”, “mee te nemen”
    const around = [...words.slice(Math.max(0, i - 2), i), ...words.slice(i + 1, i + 9)];
    return bring.has(base) || around.some((particle) => bring.has(`${particle}${base}`));
  });
}

const bringWords = perLanguage(({ requests }: Language) => new Set(listOf(requests.bring)));

/** “Your parcel is kept until Saturday. Please collect it.”, “Could you look at the list? I have to print it on Friday.” */
function askedBeside(
  date: DatePhrase,
  found: readonly DatePhrase[],
  sentences: readonly Spoken[],
): Because | null {
  const at = sentenceAt(date, sentences);
  const [before, here, after] = [sentences[at - 1], sentences[at], sentences[at + 1]];
  const isUndated = ({ start, end }: Spoken) => found.every((d) => d.start < start || d.start >= end);
  const asking = [after, before].filter(
    (s): s is Spoken =>
      s !== undefined && isUndated(s) && (s.folded.includes('?') || asks(s.folded, s.language)),
  );
  if (!here || asking.length === 0 || date.reasons.some(({ cue }) => AGAINST.has(cue))) return null;
  const kept = date.reasons.some(({ cue }) => cue === 'until' || cue === 'by');
  const refers = asking.find((s) => s === after && refersBack(s));
  if (kept && refers) return because('kept', refers);
  const wondered = asking.some(
    ({ text, folded, language }) => text.includes('?') && cuesOf(language).yours.test(folded),
  );
  const plain = date.reasons.every(({ cue }) => cue === 'future' || cue === 'commit' || cue === 'event');
  return isOwnPlan(here, date) || (wondered && plain && date.verdict === 'other')
    ? because('plan', here)
    : null;
}

/** What is said of such a date rules out that anything else hangs on it. */
const AGAINST = new Set(['past', 'issue', 'absence', 'every', 'replaced', 'hours']);

function refersBack({ folded, language }: Spoken): boolean {
  const words = folded.match(/[\p{L}'-]+/gu) ?? [];
  return pronouns(language).test(folded) || words.some((word) => hasPronoun(word, language));
}

const pronouns = perLanguage(({ requests }: Language) =>
  pattern(`(?<=\\p{L}\\s(?:sie\\s|je\\s|u\\s)?)${alternatives(requests.pronouns)}(?=\\s|[.!?,]|$)`),
);

/** The writer speaks of what he himself does then. */
function isOwnPlan({ folded, language }: Spoken, date: DatePhrase): boolean {
  return (
    date.reasons.some(({ cue }) => cue === 'commit') ||
    cuesOf(language).self.test(folded) ||
    verbsOf(language).writerFirst.test(folded.slice(verbsOf(language).greeting.exec(folded)?.[0].length ?? 0))
  );
}
