import { fold } from './fold.ts';
import type { Words } from './language.ts';

/** What no table holds. */
const NOTHING = '(?!)';

/** Up to six words of a clause, where a phrase has “…”. */
const SOME_WORDS = '[^\\s.;!?]+(?:\\s+[^\\s.;!?]+){0,5}?';

const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/** The alternatives of a class as a pattern for folded text, the longest first; blanks are any white space. */
export function alternatives(...classes: Words[]): string {
  const words = new Set(classes.flatMap(listOf));
  if (words.size === 0) return NOTHING;
  const root: Branch = { next: new Map(), ends: false };
  for (const word of words) grow(root, word);
  return `(?:${patternOf(root)})`;
}

/** Words by their letters, so that a pattern of thousands looks at each letter of a text but once. */
interface Branch {
  next: Map<string, Branch>;
  ends: boolean;
}

function grow(root: Branch, word: string): void {
  let at = root;
  for (const letter of word) {
    const known = at.next.get(letter) ?? { next: new Map<string, Branch>(), ends: false };
    at.next.set(letter, known);
    at = known;
  }
  at.ends = true;
}

function patternOf({ next, ends }: Branch): string {
  if (next.size === 0) return '';
  const branches = [...next]
    .toSorted(([a], [b]) => Number(a === '…') - Number(b === '…'))
    .map(([letter, branch]) => `${source(letter)}${patternOf(branch)}`);
  const [only = ''] = branches;
  return branches.length === 1 && !ends ? only : `(?:${branches.join('|')})${ends ? '?' : ''}`;
}

const source = (letter: string) => (letter === ' ' ? '\\s+' : letter === '…' ? SOME_WORDS : escape(letter));

export function listOf(words: Words): string[] {
  return words
    .split('|')
    .map((word) => fold(word).trim())
    .filter((word) => word !== '');
}

/** Every way to take one alternative of each class in turn (“le ruego que”, “les pido que”, …); one may be empty. */
export function combine(...classes: Words[]): Words {
  return classes
    .map((words) => words.split('|'))
    .reduce((all, words) =>
      all.flatMap((one) => words.map((word) => `${one} ${word}`.replace(' ,', ',').trim())),
    )
    .join('|');
}

/** The entries of a class of pairs, `sent send`: the folded form, and its base as it is written. */
export function pairsOf(words: Words): Map<string, string> {
  const pairs = words.split('|').filter((pair) => pair !== '');
  return new Map(
    pairs.map((pair) => {
      const [form = '', base = ''] = pair.split(' ');
      return [fold(form), base];
    }),
  );
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
