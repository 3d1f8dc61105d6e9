import { alternatives, fold, LANGUAGES, listOf, pattern } from '../languages/index.ts';

/** Date rules look at no more than this at a time. */
const LONGEST = 400;

export interface Sentence {
  start: number;
  text: string;
}

const MONTHS = new Set(LANGUAGES.flatMap((language) => language.months.flatMap(listOf)));
/** Words whose stop ends no sentence. */
const ABBREVIATIONS = new Set(
  'mr|mrs|ms|dr|prof|st|no|nr|tel|ca|bzw|vs|approx|sr|sra|dott|ing|mme|art|kl|inkl|evtl|ggf|usw|str|fig|vol|abs|dhr|mevr|sig|sigg|n|p|pag|ref|av|avda|z|b|d|h|e|g|i|u|a|s|m|j|dna|exmo|exma|gent|spett|jan|feb|apr|aug|sept|okt|oct|nov|dec|mon|tue|wed|thu|fri|sat|sun|ext|v|exa|exas|ex|exmos|ilmo|hr|drs|abt|betr|zzgl'.split(
    '|',
  ),
);

/**
 * Sentences of a text with their places. A blank line, a list mark and a `Label:` begin a new one; a plain line end
 * (hard wrap) does not and becomes a blank.
 */
export function sentencesOf(text: string): Sentence[] {
  const sentences: Sentence[] = [];
  let start = 0;
  for (const boundary of boundariesOf(text)) {
    sentences.push(...pieces(text, start, boundary));
    start = boundary;
  }
  return sentences.filter((sentence) => sentence.text.trim() !== '');
}

/** Ends in front of a small letter too, for those who write no capitals. */
const SMALL_END = /[.!?…]+[ \t\n]+(?=\p{Ll})/gu;
const writesSmall = (text: string) => !/[.!?][ \t\n]+["“(]?\p{Lu}/u.test(text);

/** A greeting without its comma is a line of its own, and so is what follows the last entry of a list. */
const GREETING_LINE = pattern(
  `^\\s*${alternatives(...LANGUAGES.map(({ mail }) => mail.greeting))}(?:\\s[\\p{L}.-]+){1,3}[ \\t]*\\n`,
);
const BELOW_LIST = /(?<=^[ \t]{0,8}[-*•–—·▪][ \t][^\n]{2,54})\n(?=\p{Lu})/gmu;

const END =
  /;[ \t\n]+(?=\S)|[.!?…]+["'”’)\]]{0,2}[ \t\n]+(?=["'“„«(¿¡]{0,2}[\p{Lu}\d¿¡*-])|\n(?=[ \t]*\n|[ \t]{0,8}(?:[-*•–—·▪☐✓]|\(?\d{1,2}[.)](?=[ \t])|[a-z][.)]|\[[ xX]?\]|\p{Lu}[\p{L}\d /'’-]{0,30}:)[ \t]?)/gu;

function boundariesOf(text: string): number[] {
  const small = writesSmall(text) ? [...text.matchAll(SMALL_END)] : [];
  const ends = [...text.matchAll(END), ...small]
    .map((match) => ({ stop: match.index, at: match.index + match[0].length, dot: match[0].startsWith('.') }))
    .filter(({ stop, at, dot }) => (dot ? !isNoEnd(text, stop, at) : !isBroken(text, stop, at)));
  const greeting = GREETING_LINE.exec(fold(text.slice(0, LONGEST)))?.[0].length;
  const below = [...text.matchAll(BELOW_LIST)].map(({ index }) => index + 1);
  return [
    ...ends.map(({ at }) => at),
    ...below,
    ...(greeting === undefined ? [] : [greeting]),
    text.length,
  ].toSorted((a, b) => a - b);
}

/** A line as long as this was broken by a mail program rather than by its writer. */
const WRAPPED = 55;

/** “bis zum | 27. März”, “entro venerdì | 20.”: a line that was broken in front of a figure is no item of a list. */
function isBroken(text: string, stop: number, at: number): boolean {
  const [, mark, word = ''] = /^\s*(\d{1,2})\.\s+(\p{L}*)/u.exec(text.slice(at, at + 24)) ?? [];
  if (mark === undefined) return false;
  if (MONTHS.has(fold(word))) return true;
  const line = text.slice(text.lastIndexOf('\n', stop - 1) + 1, stop);
  if (Number(mark) === 1 || line.length < WRAPPED || !/[\p{L}\p{N}]\s*$/u.test(line)) return false;
  return !new RegExp(`(?:^|\\n)\\s*${String(Number(mark) - 1)}\\.\\s`).test(text.slice(0, stop));
}

function isNoEnd(text: string, stop: number, next: number): boolean {
  const before = /[\p{L}\p{N}]+$/u.exec(text.slice(Math.max(0, stop - 20), stop))?.[0] ?? '';
  const word = /^[\p{L}\p{N}]*/u.exec(text.slice(next, next + 20))?.[0] ?? '';
  // “bis zum 30. schicken”
  if (/^\d{1,2}$/.test(before)) return MONTHS.has(fold(word)) || /^(?:\d{4}$|\p{Ll})/u.test(word);
  // “bis 18 h. Bitte …”
  if (/\d\s?\p{L}$/u.test(text.slice(Math.max(0, stop - 4), stop))) return false;
  return ABBREVIATIONS.has(fold(before));
}

function* pieces(text: string, from: number, to: number): Generator<Sentence> {
  for (let start = from; start < to;) {
    let end = Math.min(to, start + LONGEST);
    if (end < to) {
      const blank = text.slice(start, end).search(/\s\S{0,60}$/);
      if (blank > LONGEST / 2) end = start + blank + 1;
    }
    yield { start, text: text.slice(start, end).replaceAll('\n', ' ') };
    start = end;
  }
}
