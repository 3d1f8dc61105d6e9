import { fold } from './fold.ts';

/** Where something stands in a text; UTF-16 units, end exclusive. */
export interface Place {
  start: number;
  end: number;
}

/** Finds words in a folded text. */
export type WordFinder = (folded: string) => Place[];

/** How words have to stand in a text. */
export type Fit = 'contain' | 'equal' | 'begin with';

/** The edges of a word, beside words that begin and end with a letter or digit. */
const before = (wanted: string) => (/^[\p{L}\p{N}]/u.test(wanted) ? '(?<![\\p{L}\\p{N}])' : '');
const behind = (wanted: string) => (/[\p{L}\p{N}\]*]$/u.test(wanted) ? '(?![\\p{L}\\p{N}])' : '');

/** Words in any case and with or without accents, as whole words; a `*` at their end stands for any rest of the word. */
export function findWords(words: string, fit: Fit = 'contain'): WordFinder {
  const pattern = patternOf(words, fit);
  if (pattern === null) return () => [];
  return (folded) =>
    Array.from(folded.matchAll(pattern), (m) => ({ start: m.index, end: m.index + m[0].length }));
}

/** Whether words stand in a folded text, as whole words. */
export function hasWords(words: string): (folded: string) => boolean {
  const pattern = patternOf(words, 'contain');
  if (pattern === null) return () => false;
  const once = new RegExp(pattern.source, 'u');
  const [first = ''] = wordsIn(words);
  // Most texts do not even have the letters.
  return (folded) => folded.includes(first) && once.test(folded);
}

function patternOf(words: string, fit: Fit): RegExp | null {
  const [first, ...rest] = wordsIn(words).map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  if (first === undefined) return null;
  const phrase = [first, ...rest].join('\\s+');
  const wanted = isOpen(words) ? `${phrase}[\\p{L}\\p{N}]*` : phrase;
  if (fit === 'equal') return new RegExp(`(?<=^\\s*)${wanted}(?=\\s*$)`, 'gu');
  return new RegExp(`${fit === 'contain' ? before(wanted) : '(?<=^\\s*)'}${wanted}${behind(wanted)}`, 'gu');
}

/** Whether the last word may go on. */
export const isOpen = (words: string) => words.trim().endsWith('*');

/** The words of a phrase as they stand in a folded text. */
const wordsIn = (words: string): string[] =>
  fold(words.trim().replace(/\*$/, '')).split(/\s+/).filter(Boolean);

/** All words of a folded text. */
export const tokensOf = (folded: string): string[] => folded.match(/[\p{L}\p{N}]+/gu) ?? [];
