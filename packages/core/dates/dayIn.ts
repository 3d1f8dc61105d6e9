import { detectLanguage, LANGUAGES, listOf } from '../languages/index.ts';
import { findDates } from './findDates.ts';
import type { DateOptions, LocalDate } from './phrase.ts';
import { spokenIn } from './spoken.ts';

/** Longer words hold a letter, no day. */
const LONGEST = 200;

/**
 * The first day that a few words name, “3 December”, “next Friday 17:00”, or null. Words that are a day only behind
 * “by” (“fri”, “30.11.”) are read so in each language.
 */
export function dayIn(words: string, options: DateOptions): LocalDate | null {
  if (words.length > LONGEST || !/[\p{L}\d]/u.test(words)) return null;
  const [plain] = findDates(spokenIn(words, detectLanguage(words) ?? 'en'), options);
  if (plain) return plain.date;
  for (const { code, cues } of /^\S+(?: \S+)?$/.test(words) ? LANGUAGES : []) {
    const [by = ''] = listOf(cues.by);
    const [found] = findDates(spokenIn(`${by} ${words}`, code), options);
    if (found) return found.date;
  }
  return null;
}
