import type { Slice } from '../anatomy/index.ts';
import { fold, verbsOf, type Language } from '../languages/index.ts';

/** The words up to where a reason, a condition or another sentence begins. */
export function cutReason(words: string, language: Language): string {
  const folded = fold(words);
  const { reason, aside } = verbsOf(language);
  const ends = [reason, aside].map((pattern) => {
    const at = pattern.exec(folded.slice(3))?.index;
    return at === undefined ? folded.length : at + 3;
  });
  const stop = /[?;]|\.$|!|\s[-–—]\s|\s\(/u.exec(folded)?.index ?? folded.length;
  const at = Math.min(...ends, stop);
  return at >= 4 ? words.slice(0, at) : words;
}

/** How long the words are that such words make up in front, one behind another; never all of them. */
export function lengthOfAll(words: RegExp, folded: string): number {
  let length = 0;
  for (let skip = words.exec(folded); skip && skip[0] !== ''; skip = words.exec(folded.slice(length))) {
    if (length + skip[0].length >= folded.length) break;
    length += skip[0].length;
  }
  return length;
}

/** The words without those that match in their folded form. */
export function without(words: string, match: RegExp): string {
  const found = match.exec(fold(words));
  if (!found) return words;
  const end = found.index + found[0].length;
  return `${words.slice(0, found.index)} ${without(words.slice(end), match)}`;
}

/** The places give way to blanks, so that the others stay where they are. */
export function blankOut(words: string, places: readonly Slice[]): string {
  let text = words.replaceAll('\n', ' ');
  for (const { start, end } of places)
    text = text.slice(0, start) + ' '.repeat(end - start) + text.slice(end);
  return text;
}

/** Without politeness, dangling prepositions and commas at the ends. */
export function tidy(words: string, language: Language): string {
  const { opening, trailing } = verbsOf(language);
  let text = words
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.;:!?])/g, '$1')
    .replace(/[,;]{2,}/g, ',')
    .trim();
  text = text.slice(lengthOfAll(opening, fold(text)));
  for (let cut = trailing.exec(fold(text)); cut && cut.index > 3; cut = trailing.exec(fold(text)))
    text = text.slice(0, cut.index);
  return text.replace(/^[\s,;:.-]+|[\s,;:.!?-]+$/g, '');
}

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** A verb alone does not say of what: that is told behind it. */
export const withThing = (title: string, thing: string) =>
  title.includes(' ') || thing === '' ? title : `${title}: ${thing}`;

/** Without the capital of a short word that stood first in its sentence. */
export const uncapital = (text: string) =>
  text.replace(/^(?:\p{Lu}(?=\p{Ll}{0,4}(?:[\s,]|['’]))|(?:Any|Every)(?=thing\s))/u, (letter) =>
    letter.toLowerCase(),
  );
