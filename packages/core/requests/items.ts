import type { DatePhrase, Spoken } from '../dates/index.ts';
import type { Language } from '../languages/index.ts';
import { MOST_ITEMS, type Item } from './item.ts';
import { listItems } from './lists.ts';
import { countedItems, datedItems, ownerLines } from './prose.ts';
import { tableItems } from './tables.ts';

/** Longer texts are no letters. */
const LONGEST_PROSE = 20_000;

/**
 * The several tasks of a text: of its tables, its lists, its lines with owners, else of what it counts off or asks for
 * in separate sentences. None where there is but one. `own`: a note of the user to himself.
 */
export function findItems(
  text: string,
  sentences: readonly Spoken[],
  dates: readonly DatePhrase[],
  own: boolean,
  language: Language,
): Item[] {
  const structured = [...tableItems(text, dates, language), ...listItems(text, dates, language, own)];
  const found = structured.length > 0 ? structured : ownerLines(text, dates, language);
  const prose = found.length > 0 || text.length > LONGEST_PROSE ? [] : sentences;
  const items =
    [found, countedItems(text, prose, dates), datedItems(text, prose, dates)].find(
      (some) => some.length > 0,
    ) ?? [];
  return items.length < 2 && !(items.length === 1 && own)
    ? []
    : items.slice(0, MOST_ITEMS).toSorted((a, b) => a.place.start - b.place.start);
}
