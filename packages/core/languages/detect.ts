import { fold } from './fold.ts';
import type { LanguageCode } from './language.ts';
import { LANGUAGES } from './languages.ts';
import { verbTable } from './verbTable.ts';

/** Words that tell more than the function words do; each language's own. */
const vocabularies = new Map<string, LanguageCode[]>();

function vocabulary(): Map<string, LanguageCode[]> {
  if (vocabularies.size > 0) return vocabularies;
  for (const language of LANGUAGES) {
    const { code, common, months, weekdays, numbers, dates, mail, requests, cues } = language;
    const words = [
      common,
      ...months,
      ...weekdays,
      numbers.replace(/\d+ /g, ''),
      dates.day,
      dates.week,
      dates.month,
      cues.by,
      mail.greeting,
      mail.signOff,
      requests.please,
      requests.frames,
      requests.determiners,
      requests.passive,
      cues.dueNoun,
      cues.obligation,
    ].flatMap((phrases) => phrases.split(/[|\s]+/));
    // Each word is folded once, however many phrases it stands in.
    for (const word of new Set([...[...new Set(words)].map(fold), ...verbTable(language).sure.keys()]))
      vocabularies.set(word, [...(vocabularies.get(word) ?? []), code]);
  }
  return vocabularies;
}

/** More words than these add nothing. */
const MOST_WORDS = 150;

/** The language whose words the text uses most, or null where it uses none; `fallback` wins a draw. Of `among`, where that names some. */
export function detectLanguage(
  text: string,
  fallback: LanguageCode | null = null,
  among: readonly LanguageCode[] = [],
): LanguageCode | null {
  const scores = new Map<LanguageCode, number>();
  const words = fold(text.slice(0, MOST_WORDS * 12)).match(/[\p{L}']+/gu) ?? [];
  for (const word of words.slice(0, MOST_WORDS)) {
    const codes = vocabulary().get(word) ?? [];
    for (const code of codes) scores.set(code, (scores.get(code) ?? 0) + 1 / codes.length);
  }
  if (fallback !== null) scores.set(fallback, (scores.get(fallback) ?? 0) + 1.5);
  const known = [...scores].filter(([code]) => among.length === 0 || among.includes(code));
  const [best] = known.toSorted((a, b) => b[1] - a[1]);
  return best?.[0] ?? null;
}
