import { z } from 'zod';

/** UTF-16 units of the message's text, end exclusive. */
export const Slice = z.object({ start: z.number().int(), end: z.number().int() });
export type Slice = z.infer<typeof Slice>;

/** Slices of a text joined to one string to read in, with the way back to where each character stands. */
export interface JoinedWords {
  value: string;
  /** The slices of the whole text that the characters `start` to `end` of `value` came from. */
  slicesOf: (start: number, end: number) => Slice[];
}

export function joinSlices(text: string, slices: readonly Slice[]): JoinedWords {
  const value = slices.map((s) => text.slice(s.start, s.end)).join('');
  return { value, slicesOf: (start, end) => locate(slices, start, end) };
}

function locate(slices: readonly Slice[], start: number, end: number): Slice[] {
  const found: Slice[] = [];
  let passed = 0;
  for (const slice of slices) {
    const from = Math.max(start, passed);
    const to = Math.min(end, passed + slice.end - slice.start);
    if (from < to) found.push({ start: slice.start + from - passed, end: slice.start + to - passed });
    passed += slice.end - slice.start;
    if (passed >= end) break;
  }
  return found;
}

/** A line of nothing but one sign, as mail programs draw above what they quote. */
export const isRule = (words: string) => /^\s*(?:_{5,}|-{5,}|={5,}|\*{5,})\s*$/.test(words);

/** A line without its line end; `next` is where the following one begins. */
export interface Line extends Slice {
  text: string;
  next: number;
}

export function linesOf(text: string, range: Slice): Line[] {
  const lines: Line[] = [];
  let start = range.start;
  while (start < range.end) {
    const at = text.indexOf('\n', start);
    const end = at === -1 || at >= range.end ? range.end : at;
    const next = Math.min(end + 1, range.end);
    lines.push({ start, end, next, text: text.slice(start, end) });
    start = next;
  }
  return lines;
}

/** A line with its quote marks (RFC 3676, section 4.5) taken off: `depth` counts them, `mark` is their length. */
export interface QuotedLine extends Line {
  depth: number;
  mark: number;
  words: string;
}

export function quotedLinesOf(text: string): QuotedLine[] {
  return linesOf(text, { start: 0, end: text.length }).map((line) => {
    const mark = /^(?:[ \t]{0,3}>)+ ?/.exec(line.text.slice(0, 400))?.[0] ?? '';
    const depth = mark.length - mark.replaceAll('>', '').length;
    return { ...line, depth, mark: mark.length, words: line.text.slice(mark.length) };
  });
}

export const isBlank = (line: QuotedLine) => line.words.trim() === '';
