import { fold, listOf, perLanguage, verbsOf, type Language } from '../languages/index.ts';
import type { Request } from './findRequest.ts';

/** A plain order of this strength says itself that it is one (“please”, “could you”). */
const PLAIN = 3;
const [FEWEST_WORDS, MOST_LETTERS] = [3, 45];

/**
 * Whether what the newest words were found to ask for can stand as a title; a plain subject costs less trust than a title
 * that misses the matter. What has its deadline beside it is meant; without one only a short, plain order is.
 */
export function isCertain(
  { title, strength, dated }: Request,
  language: Language,
  anyDeadline: boolean,
): boolean {
  if (!isWhole(title, language)) return false;
  const isShort = title.split(/\s+/).length >= FEWEST_WORDS && title.length <= MOST_LETTERS;
  return dated || (!anyDeadline && strength >= PLAIN && isShort);
}

/** It begins like an order, forbids nothing, and holds neither hours of opening nor, behind a colon, a sentence that asks nothing. */
function isWhole(title: string, language: Language): boolean {
  const folded = fold(title);
  const [head = ''] = folded.split(/[\s'’]/);
  const [, behind = ''] = folded.split(': ');
  const clocks = folded.match(/\b\d{1,2}[.:h]\d\d\b/g)?.length ?? 0;
  return (
    !beginnings(language).has(head) &&
    !startsDenied(folded, language) &&
    clocks < 2 &&
    (behind.endsWith('?') || behind.split(/\s+/).length <= 6)
  );
}

/** Words that begin a statement: whoever does something, not what is to be done. */
const beginnings = perLanguage(
  ({ requests }: Language) =>
    new Set(
      [...listOf(requests.writerFirst), ...listOf(requests.pronouns), ...listOf(requests.aside)].map(fold),
    ),
);

const startsDenied = (folded: string, language: Language) => {
  const { index } = [...folded.matchAll(verbsOf(language).not)][0] ?? {};
  return index !== undefined && folded.slice(0, index).split(/\s+/).filter(Boolean).length <= 1;
};
