import { detectLanguage, fold, languageOf, type Language, type LanguageCode } from '../languages/index.ts';
import { chronoDays } from './chrono.ts';
import { localDateTime } from './clock.ts';
import { cuesOf } from './cues.ts';
import { addMonths, isoOf, parseDay, type Closed } from './day.ts';
import { judge } from './deadline.ts';
import { LocalDate, type DateOptions, type DatePhrase } from './phrase.ts';
import { findPhrases, type Phrase } from './phrases.ts';
import { sentencesOf, type Sentence } from './sentences.ts';

/** More sentences with dates than this are data, not a letter. */
const MOST_PHRASES = 500;

/** All date phrases of a text, each with its day and whether it is a deadline and why. */
export function findDates(text: string, options: DateOptions, fallback: LanguageCode = 'en'): DatePhrase[] {
  const found: DatePhrase[] = [];
  const closed = new Set(options.closed);
  for (const { sentence, language } of inLanguages(text, fallback)) {
    found.push(...datesIn(sentence.text, options, language, closed).map((phrase) => moved(phrase, sentence.start)));
    if (found.length >= MOST_PHRASES) break;
  }
  return found;
}

/** Where words stand that take earlier deadlines back: the end of the last such sentence, or null. */
export function findLift(text: string, fallback: LanguageCode = 'en'): number | null {
  let end: number | null = null;
  for (const { sentence, language } of inLanguages(text, fallback)) {
    if (isLifted(sentence.text, language)) end = sentence.start + sentence.text.length;
  }
  return end;
}

/** Whether a sentence takes back what was asked before. */
export const isLifted = (sentence: string, language: Language) => cuesOf(language).lift.test(fold(sentence));

/** The sentences of a text, each with the language of its paragraph. */
export function* inLanguages(text: string, fallback: LanguageCode): Generator<{ sentence: Sentence; language: Language }> {
  const main = detectLanguage(text, fallback) ?? fallback;
  const spoken = new Map<number, Language>();
  for (const sentence of sentencesOf(text)) {
    const from = text.lastIndexOf('\n\n', sentence.start);
    const language = spoken.get(from) ?? languageOf(detectLanguage(paragraphAt(text, from), main) ?? main);
    spoken.set(from, language);
    yield { sentence, language };
  }
}

function paragraphAt(text: string, blank: number): string {
  const start = blank === -1 ? 0 : blank + 2;
  const end = text.indexOf('\n\n', start);
  return text.slice(start, end === -1 ? undefined : end).slice(0, 1000);
}

function datesIn(sentence: string, options: DateOptions, language: Language, closed: Closed): DatePhrase[] {
  const folded = fold(sentence);
  const frame = { language, today: parseDay(options.reference), order: options.dateOrder, closed };
  const own = findPhrases(sentence, frame);
  const phrases = own.length > 0 ? own : chronoDays(sentence, options, language);
  return phrases.flatMap((phrase) => {
    const { lead, overdue, ...judgement } = judge(folded, phrase, language, options.order ?? false);
    if (phrase.dayless && judgement.verdict !== 'deadline') return [];
    const date = dateOf(overdue ? before(phrase) : phrase, options.zone);
    if (!LocalDate.safeParse(date).success) return [];
    const warnings = phrase.disagrees
      ? [`“${sentence.slice(phrase.start, phrase.end)}”: the weekday and the date disagree, the date was taken.`]
      : [];
    return [{ start: phrase.start - lead, end: phrase.end, date, ...judgement, warnings }];
  });
}

function dateOf(phrase: Phrase, zone: string): string {
  return phrase.time === null ? isoOf(phrase.day) : localDateTime(phrase.day, phrase.time, phrase.zone, zone);
}

/** The last such day instead of the next. */
function before(phrase: Phrase): Phrase {
  if (phrase.fixed || phrase.dayless) return phrase;
  const day = { day: addMonths(phrase.day, -12), weekday: phrase.day - 7, dayOfMonth: addMonths(phrase.day, -1) };
  return phrase.grain === 'week' || phrase.grain === 'period' || phrase.grain === 'span' ? phrase : { ...phrase, day: day[phrase.grain] };
}

const moved = (phrase: DatePhrase, by: number): DatePhrase => ({ ...phrase, start: phrase.start + by, end: phrase.end + by });
