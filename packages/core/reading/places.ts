import { joinSlices, type Anatomy, type JoinedWords } from '../anatomy/index.ts';
import { findDates, findLift, spokenIn, type DatePhrase, type Spoken } from '../dates/index.ts';
import { detectLanguage, languageOf, LANGUAGES, type Language } from '../languages/index.ts';
import type { Message } from '../mail/index.ts';
import { cleanSubject } from '../requests/index.ts';
import type { EvidenceSpan, Region } from './facts.ts';
import type { ReadOptions } from './reading.ts';

/** A stretch of the message that is read as one: the note, the newest words, the subject. */
export interface Place {
  region: Region;
  words: JoinedWords;
  part: 'text' | 'subject';
  whole: string;
  language: Language;
  /** Wall clock of the message that holds it. */
  reference: string;
  sentences: Spoken[];
  /** Its date phrases; those that words behind them take back are left as what they are, but no deadlines. */
  dates: DatePhrase[];
  /** Words in it take back the deadlines of all that was said before. */
  lifts: boolean;
}

export interface Places {
  note: Place;
  latest: Place;
  subject: Place;
}

/** The three places of a message. Each is read from the day of the message that holds it. */
export function placesOf(
  message: Message,
  anatomy: Anatomy,
  options: ReadOptions,
  arrivedAt: string,
): Places {
  const { languages = [], zone, dateOrder, workdays, closed } = options;
  const dateOptions = { zone, dateOrder, workdays, closed };
  const slices = (kind: 'note' | 'latest') =>
    joinSlices(
      message.text,
      anatomy.parts.filter((p) => p.kind === kind),
    );
  const outer = message.sentAt ?? arrivedAt;
  const inner = anatomy.sentAt ?? outer;
  const main =
    detectLanguage(
      `${message.subject}\n${slices('latest').value}\n${slices('note').value}`,
      null,
      languages,
    ) ??
    languages[0] ??
    'en';
  const place = (region: Region, words: JoinedWords, reference: string): Place => {
    const part = region === 'subject' ? 'subject' : 'text';
    const whole = part === 'subject' ? message.subject : message.text;
    const language = detectLanguage(words.value, main, languages) ?? main;
    const sentences = spokenIn(words.value, language, languages);
    const found = findDates(sentences, { ...dateOptions, reference, order: region === 'note' });
    const dates = region === 'note' && isShort(words.value) ? inAnyLanguage(found, words.value) : found;
    const lift = findLift(sentences);
    return {
      region,
      words,
      part,
      whole,
      language: languageOf(language),
      reference,
      sentences,
      dates: withoutLifted(dates, lift),
      lifts: lift !== null,
    };
  };
  /** Above a letter in one language the user may write a word in another: “heute” is no English. */
  function inAnyLanguage(found: DatePhrase[], text: string): DatePhrase[] {
    if (found.some(({ verdict }) => verdict === 'deadline')) return found;
    const among = languages.length > 0 ? languages : LANGUAGES.map(({ code }) => code);
    const others = among.map((code) =>
      findDates(spokenIn(text, code, [code]), { ...dateOptions, reference: outer, order: true }),
    );
    const isAlone = ({ reasons }: DatePhrase) => reasons.some(({ cue }) => cue === 'alone');
    return others.find((dates) => dates.some(isAlone)) ?? found;
  }
  return {
    note: place('note', slices('note'), outer),
    latest: place('latest', slices('latest'), inner),
    subject: place('subject', joinSlices(message.subject, [cleanSubject(message.subject)]), outer),
  };
}

/** So few words tell no language from another. */
const isShort = (text: string) => (text.match(/[\p{L}\p{N}]+/gu)?.length ?? 0) <= 6;

const withoutLifted = (dates: DatePhrase[], lift: number | null): DatePhrase[] =>
  dates.map((date) =>
    lift !== null &&
    date.verdict === 'deadline' &&
    (date.start < lift || !date.reasons.some((r) => r.cue === 'request'))
      ? { ...date, verdict: 'other' }
      : date,
  );

export function evidence({ words, part, whole }: Place, start: number, end: number): EvidenceSpan[] {
  const value = words.value.slice(start, end);
  const from = start + value.length - value.trimStart().length;
  return words
    .slicesOf(from, start + value.trimEnd().length)
    .map((s) => ({ part, start: s.start, end: s.end, quote: whole.slice(s.start, s.end) }));
}
