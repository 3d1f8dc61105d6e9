import { detectLanguage, fold, LANGUAGES, listOf, type LanguageCode } from '../languages/index.ts';
import { findDates } from './findDates.ts';
import type { DateOptions, DatePhrase, LocalDate } from './phrase.ts';
import { spokenIn } from './spoken.ts';

/** Longer words hold a letter, no day. */
const LONGEST = 200;

/**
 * The first day that a few words name, “3 December”, “next Friday 17:00”, or null. So few words tell their language badly:
 * they are read in `main`, in the one that they look like, in English and in the others; what understands the most of
 * them is right, and of equals the one whose weekday and day agree. Words that are a day only behind “by” (“fri”) are
 * read so in each language.
 */
export function dayIn(
  words: string,
  options: DateOptions,
  main: LanguageCode | null = null,
): LocalDate | null {
  if (words.length > LONGEST || !/[\p{L}\d]/u.test(words)) return null;
  const first = [main, detectLanguage(words), 'en' as const];
  const codes = namesDay(words) ? [...first, ...LANGUAGES.map(({ code }) => code)] : first;
  const whole = lettersIn(words);
  let best: DatePhrase | null = null;
  for (const code of new Set(codes)) {
    const [found] = code === null ? [] : findDates(spokenIn(words, code, [code]), options);
    if (!found) continue;
    if (best === null || isBetter(words, found, best)) best = found;
    if (understood(words, best) === whole && best.warnings.length === 0) break;
  }
  return best?.date ?? (namesDay(words) ? dayBehindBy(words, options) : null);
}

let dayWords: Set<string> | null = null;

/** Whether something in the words is a day in any language: a month, a weekday, a day of one's own, or figures like one. */
function namesDay(words: string): boolean {
  if (/\d\s?[./:-]\s?\d|\d\.(?:\s|$)/.test(words)) return true;
  dayWords ??= new Set(
    LANGUAGES.flatMap(({ months, weekdays, shortDays, dates }) =>
      [...months, ...weekdays, ...shortDays, dates.day, dates.week, dates.month].flatMap((phrases) =>
        phrases.split(/[|\s]+/).map(fold),
      ),
    ),
  );
  return fold(words)
    .split(/[^\p{L}]+/u)
    .some((word) => word.length > 1 && dayWords?.has(word));
}

function isBetter(words: string, found: DatePhrase, best: DatePhrase): boolean {
  const [more, less] = [understood(words, found), understood(words, best)];
  return more > less || (more === less && found.warnings.length < best.warnings.length);
}

/** How many letters and figures the date takes up. */
const understood = (words: string, { start, end }: DatePhrase) => lettersIn(words.slice(start, end));

const lettersIn = (text: string) => text.match(/[\p{L}\p{N}]/gu)?.length ?? 0;

function dayBehindBy(words: string, options: DateOptions): LocalDate | null {
  for (const { code, cues } of /^\S+(?: \S+)?$/.test(words) ? LANGUAGES : []) {
    const [by = ''] = listOf(cues.by);
    const [found] = findDates(spokenIn(`${by} ${words}`, code), options);
    if (found) return found.date;
  }
  return null;
}
