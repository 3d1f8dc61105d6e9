import type { DatePhrase } from '../dates/index.ts';
import type { Slice } from '../anatomy/index.ts';
import { beginsWithVerb, fold, type Language } from '../languages/index.ts';
import type { Priority } from '../tasks/index.ts';
import { ownerOf } from './owner.ts';
import { priorityIn } from './priority.ts';
import { blankOut, capital } from './tidy.ts';
import { askedIn } from './title.ts';
import { verbFirst } from './verbFirst.ts';

/** More items than these are data. */
export const MOST_ITEMS = 200;

/** One of several tasks in a message. Places count in the words it was found in. */
export interface Item {
  title: string;
  place: Slice;
  due: DatePhrase | null;
  owner: string | null;
  ownerPlace: Slice | null;
  priority: Priority | null;
  /** The lines below it. */
  notes: string;
}

/** The item in `text` from `start` to `end`. Its date is its deadline, unless it is plainly something else. */
export function itemAt(
  text: string,
  { start, end }: Slice,
  dates: readonly DatePhrase[],
  language: Language,
  notes: string,
): Item {
  const words = text.slice(start, end);
  const inside = dates.filter((d) => d.start >= start && d.end <= end);
  const due =
    inside.find((d) => d.verdict === 'deadline') ??
    inside.find((d) => d.verdict === 'other' && d.score > -6) ??
    inside.find(
      (d) => d.verdict === 'event' && d.reasons.some(({ cue }) => cue === 'by' || cue === 'until'),
    ) ??
    null;
  const owned = ownerOf(
    blankOut(words, due === null ? [] : [{ start: due.start - start, end: due.end - start }]),
    language,
  );
  return {
    title: titleOf(owned.words, language),
    place: { start, end },
    due,
    owner: owned.owner,
    ownerPlace: owned.owner === null ? null : { start: start + owned.start, end: start + owned.end },
    priority: priorityIn(words)?.level ?? null,
    notes,
  };
}

function titleOf(words: string, language: Language): string {
  const asked = askedIn(words, [], language, '');
  if (asked && asked.strength >= 2.5) return asked.title;
  const plain = words
    .replace(/\s+/g, ' ')
    .replace(/\(\s*[,;]?\s*\)|\[\s*\]/g, '')
    .replace(/\s+([,.;:])/g, '$1')
    .replace(/^[\s,;:.–—-]+|[\s,;:.–—-]+$/g, '');
  const made =
    language.requests.verbLast && beginsWithVerb(plain, language) ? verbFirst(plain, language) : plain;
  return capital(made);
}

/** Whether the words name an amount, an hour or next to nothing, as in a price list or a programme. */
export function isPlainData(words: string): boolean {
  const folded = fold(words);
  return /(?:[€$£]|\b(?:eur|usd|gbp|chf|sek)\b)\s?\d|\d\s?(?:[€$£%]|eur\b|usd\b|gbp\b|chf\b|sek\b|kr\b)|\b\d{1,2}[:.h]\d{2}\b/.test(
    folded,
  );
}
