import {
  alternatives,
  fold,
  listOf,
  pattern,
  perLanguage,
  verbsOf,
  type Language,
} from '../languages/index.ts';
import { localDateTime } from './clock.ts';
import { cuesOf } from './cues.ts';
import { addMonths, isoOf, offDays, parseDay, type Day, type IsOff } from './day.ts';
import { DEADLINE, weigh, type Judgement } from './deadline.ts';
import { LocalDate, type DateOptions, type DatePhrase } from './phrase.ts';
import { withImplied } from './implied.ts';
import { findPhrases, type Phrase } from './phrases.ts';
import type { Named } from './namedDay.ts';
import { CLAUSE } from './setting.ts';
import type { Spoken } from './spoken.ts';
import { isRelative } from './told.ts';

const MONDAY_TO_FRIDAY = [1, 2, 3, 4, 5];

/** More sentences with dates than this are data, not a letter. */
const MOST_PHRASES = 500;

/** All date phrases in these sentences, each with its day and whether it is a deadline and why. */
export function findDates(sentences: readonly Spoken[], options: DateOptions): DatePhrase[] {
  const found: DatePhrase[] = [];
  const isOff = offDays(options.workdays ?? MONDAY_TO_FRIDAY, options.closed ?? []);
  let named: Named | null = null;
  for (const sentence of sentences) {
    const dates = datesIn(sentence, options, isOff, named);
    found.push(...dates.map(({ date }) => date));
    named = aheadOf(dates, options) ?? named;
    if (found.length >= MOST_PHRASES) break;
  }
  return withImplied(found, sentences, options);
}

/** A date phrase, and the day that “the day before” counts from: of a range its first, none of a day that was counted itself. */
interface Dated {
  date: DatePhrase;
  anchor: Day | null;
}

/** The days that a sentence names and that are still to come. */
function aheadOf(found: readonly Dated[], { reference }: DateOptions): Named | null {
  const today = parseDay(reference);
  const ahead = found.filter(
    ({ date, anchor }) =>
      anchor !== null && anchor >= today && !date.reasons.some(({ cue }) => cue === 'replaced'),
  );
  const [first, last] = [ahead[0], ahead.at(-1)];
  if (first?.anchor == null || last?.anchor == null) return null;
  return { first: first.anchor, last: last.anchor, time: last.date.date.split('T')[1] ?? null };
}

/** Where words stand that take earlier deadlines back: the end of the last such sentence, or null. */
export function findLift(sentences: readonly Spoken[]): number | null {
  return sentences.findLast(isLifted)?.end ?? null;
}

/** Whether a sentence takes back what was asked before. */
export function isLifted({ folded, language }: Spoken): boolean {
  const found = cuesOf(language).lift.exec(folded);
  // “If you have paid already, please disregard this reminder.”
  if (!found || verbsOf(language).condition.test(folded)) return false;
  if (isRelative(folded.slice(0, found.index), language)) return false;
  if (isThreat(folded.slice(0, found.index), found[0], language)) return false;
  const { denied, denies, not } = verbsOf(language);
  const [before, after] = [folded.slice(0, found.index), folded.slice(found.index + found[0].length)];
  // “Don’t forget …”, “vergiss … nicht”
  const clause = `${before.split(CLAUSE).at(-1) ?? ''} ${after.split(CLAUSE)[0]?.split(':')[0] ?? ''}`;
  // “Order 12 must be cancelled by Friday” asks.
  const { must, request, should } = cuesOf(language);
  const isOrdered =
    before.search(not) === -1 &&
    (should.test(folded) ||
      must.test(language.requests.verbLast ? folded : `${before}${found[0]}`) ||
      request(before).next().value !== undefined);
  if (isOrdered && found[0].search(not) === -1) return false;
  if (FORGETS.test(found[0]) && clause.search(not) !== -1) return false;
  return !denied.test(before) && !before.endsWith("n'") && !denies.test(after.trimStart());
}

/** “Otherwise the order is cancelled”, “faute de réponse, la commande sera annulée”: what happens if nothing is done. */
function isThreat(before: string, words: string, language: Language): boolean {
  const { otherwise, future } = cuesOf(language);
  const isTold = future.test(before.split(CLAUSE).at(-1) ?? '') && CANCELS.test(words);
  return otherwise.test(before) || isTold;
}

const CANCELS = /cancel|storn|annul|anul|instal|avbok|abgesagt|verval|retir|dispensad/;

const FORGETS = /forget|vergiss|vergess|oublie|olvid|esque|vergeet|dimentic|scord|glom/;

function datesIn(sentence: Spoken, options: DateOptions, isOff: IsOff, named: Named | null): Dated[] {
  const { folded, language, text } = sentence;
  const frame = { language, today: parseDay(options.reference), order: options.dateOrder, isOff, named };
  const phrases = findPhrases(folded, frame).filter(
    (p) => !isOtherWord(text.slice(p.start, p.end), language) && p.start >= helloOf(sentence),
  );
  const dated = phrases.flatMap((phrase) => {
    const { lead, tail, overdue, ...judgement } = weigh(
      folded,
      phrase,
      language,
      options.order ?? false,
      frame.today,
    );
    if (options.order === true && standsAlone(sentence, phrase, { lead, tail, ...judgement })) {
      judgement.verdict = 'deadline';
      judgement.reasons.push({ cue: 'alone', words: text.trim(), weight: DEADLINE });
    }
    if (phrase.dayless && judgement.verdict !== 'deadline') return [];
    const date = dateOf(overdue ? before(phrase) : phrase, options.zone);
    if (!LocalDate.safeParse(date).success) return [];
    const warnings = phrase.disagrees
      ? [`“${text.slice(phrase.start, phrase.end)}”: the weekday and the date disagree, the date was taken.`]
      : [];
    const start = sentence.start + phrase.start - lead;
    const end = sentence.start + phrase.end + tail;
    const range = rangeOf(phrase, options.zone);
    return [
      {
        date: { start, end, date, ...judgement, range, warnings },
        anchor: phrase.counted === true ? null : (phrase.begins ?? phrase.day),
      },
    ];
  });
  return withoutVague(isDiary(folded, phrases) ? dated.map(asTold) : dated);
}

/**
 * A date that is all that the user wrote in a sentence of his own, or all but words of politeness and what a comma or a
 * dash sets apart: “today!”, “Friday, please”, “Tom – Thursday”.
 */
function standsAlone(
  { folded, language }: Spoken,
  { start, end }: Phrase,
  { lead, tail, reasons }: Pick<Judgement, 'lead' | 'tail' | 'reasons'>,
): boolean {
  const [before, after] = [folded.slice(0, start - lead), folded.slice(end + tail)];
  if (wordsIn(before) + wordsIn(after) === 0) return true;
  const isPolite = (words: string) => polite(language).test(words.trim());
  const isApart =
    wordsIn(before) + wordsIn(after) <= 2 &&
    !/[\p{L}\p{N}]\s*$/u.test(before) &&
    !/^\s*[\p{L}\p{N}]/u.test(after);
  return (
    (wordsIn(before) === 0 || isPolite(before) || isApart) &&
    (wordsIn(after) === 0 || isPolite(after) || isApart) &&
    reasons.every(({ weight }) => weight > 0)
  );
}

const wordsIn = (text: string) => text.match(/[\p{L}\p{N}]+/gu)?.length ?? 0;

const polite = perLanguage(({ requests }: Language) =>
  pattern(`^[\\s,.!-]*(?:${alternatives(requests.please)}[\\s,.!-]*)*$`),
);

/** “Dates for your diary: 2 April (quiz), 30 April (walk), 21 May (picnic)” */
const isDiary = (folded: string, phrases: readonly Phrase[]): boolean =>
  phrases.length > 2 && /^[^:]{3,40}:\s*$/.test(folded.slice(0, phrases[0]?.start));

const asTold = ({ date, anchor }: Dated): Dated => ({ date: { ...date, verdict: 'other' }, anchor });

/** Beside a day with a cue of its own (“Sunday at the latest”) one that is only named (“this weekend”) is no deadline. */
function withoutVague(dated: Dated[]): Dated[] {
  const isPlain = ({ reasons }: DatePhrase) => reasons.some(({ cue }) => PLAIN.has(cue));
  if (!dated.some(({ date }) => date.verdict === 'deadline' && isPlain(date))) return dated;
  return dated.map(({ date, anchor }) => ({
    date: date.verdict === 'deadline' && !isPlain(date) ? { ...date, verdict: 'other' } : date,
    anchor,
  }));
}

/** Cues that name a deadline themselves. */
const PLAIN = new Set(['by', 'until', 'latest', 'noun', 'moved', 'given', 'purpose', 'bring']);

/** How far a greeting goes that is a time of day too (“Morgen Ines,”): names and a comma stand behind it. */
function helloOf({ text, folded, language }: Spoken): number {
  const hello = verbsOf(language).greeting.exec(folded)?.[0] ?? '';
  if (dayParts(language).test(folded)) return 0;
  return /^\s*\p{Lu}[\p{L}]*(?:\s\p{Lu}\p{L}+){0,2}\s*[,!]/u.test(text.slice(0, hello.length))
    ? hello.length
    : 0;
}

/** “Morgen Mittag” */
const dayParts = perLanguage(({ dates }: Language) =>
  pattern(`^\\s*\\p{L}+\\s+${alternatives(dates.dayPart, dates.noon)}(?![\\p{L}])`),
);

const shortDays = perLanguage((language: Language) => new Set(language.shortDays.flatMap(listOf)));

/** A short name of a day without its capital is another word (“vor so”). */
function isOtherWord(words: string, language: Language): boolean {
  const last = /(?:^|\s)(\p{Ll}{2})$/u.exec(words)?.[1];
  return last !== undefined && shortDays(language).has(fold(last));
}

function rangeOf(phrase: Phrase, zone: string): DatePhrase['range'] {
  const { begins, until } = phrase;
  if (until !== null) return { from: dateOf(phrase, zone), to: dateOf({ ...phrase, time: until }, zone) };
  return begins === undefined ? null : { from: isoOf(begins), to: isoOf(phrase.day) };
}

function dateOf(phrase: Phrase, zone: string): string {
  return phrase.time === null ? isoOf(phrase.day) : localDateTime(phrase.day, phrase.time, phrase.zone, zone);
}

/** The last such day instead of the next. */
function before(phrase: Phrase): Phrase {
  if (phrase.fixed || phrase.dayless) return phrase;
  const day = {
    day: addMonths(phrase.day, -12),
    weekday: phrase.day - 7,
    dayOfMonth: addMonths(phrase.day, -1),
  };
  return phrase.grain === 'week' || phrase.grain === 'period' || phrase.grain === 'span'
    ? phrase
    : { ...phrase, day: day[phrase.grain] };
}
