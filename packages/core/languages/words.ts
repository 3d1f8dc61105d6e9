import { fold } from './fold.ts';
import type { Words } from './language.ts';

/** What no table holds. */
const NOTHING = '(?!)';

/** Up to three words, where a phrase has “…”. */
const SOME_WORDS = '\\S+(?:\\s+\\S+){0,2}';

const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/** The alternatives of a class as a pattern for folded text, the longest first; blanks are any white space. */
export function alternatives(...classes: Words[]): string {
  const words = [...new Set(classes.flatMap(listOf))].toSorted((a, b) => b.length - a.length);
  return words.length === 0
    ? NOTHING
    : `(?:${words.map((w) => escape(w).replaceAll('…', SOME_WORDS).replaceAll(' ', '\\s+')).join('|')})`;
}

export function listOf(words: Words): string[] {
  return words
    .split('|')
    .map((word) => fold(word).trim())
    .filter((word) => word !== '');
}

const LETTER = 'a-zß-ɏ';

/**
 * A pattern for folded text. Letters are all that folding leaves of the languages' alphabets, which is several times
 * faster to match than the classes of Unicode.
 */
export function pattern(source: string, flags = ''): RegExp {
  let inside = false;
  const plain = source.replace(/\\p\{(L[lu]?|N)\}|\\.|[[\]]/g, (part, kind: string | undefined) => {
    if (part === '[' || part === ']') inside = part === '[';
    if (kind === undefined) return part;
    const letters = kind === 'N' ? '0-9' : LETTER;
    return inside ? letters : `[${letters}]`;
  });
  return new RegExp(plain, flags);
}

/** Behind a word; an apostrophe ends one too (“merci d'envoyer”). */
export const WORD_END = "(?:(?<=')|(?![\\p{L}\\p{N}]))";

/** The class as whole words, anywhere in a folded text. */
export function wholeWords(...classes: Words[]): RegExp {
  return pattern(`(?<![\\p{L}\\p{N}])${alternatives(...classes)}${WORD_END}`);
}
