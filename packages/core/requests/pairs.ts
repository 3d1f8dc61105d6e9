import { z } from 'zod';
import { linesOf, type Line } from '../anatomy/index.ts';
import { alternatives, fold, LANGUAGES, pattern } from '../languages/index.ts';

/** `Label: value`, on one line, on two or in a row of two cells; `start` and `end` are the value's, in the text given. */
export const Pair = z.object({
  label: z.string(),
  value: z.string(),
  start: z.number().int(),
  end: z.number().int(),
});
export type Pair = z.infer<typeof Pair>;

const LABEL = "[\\p{L}\\p{N}][\\p{L}\\p{N} .()/'’-]{0,39}?";
const LABELLED = new RegExp(`^[\\s*•-]{0,8}(${LABEL})[ *]{0,3}:[ \\t*]{0,8}(\\S.*)$`, 'u');
const ROW = new RegExp(`^(${LABEL})[ *]{0,3}:?[ ]{0,3}\\t[ ]{0,3}([^\\s\\t][^\\t]*?)\\s*$`, 'u');
const ABOVE = new RegExp(`^(${LABEL}):\\s*$`, 'u');
/** A value below its label: short, no sentence and no order. */
const SHORT = /^[\p{Lu}\d€$£][^.!?:]{0,59}$/u;
const GREETING = pattern(`^${alternatives(...LANGUAGES.map((l) => l.mail.greeting))}(?![\\p{L}])`);
const MOST_PAIRS = 500;

/** Blanks of all kinds as a blank, each in its place; a tab stays what it is. */
const plainBlanks = (text: string) => text.replace(/[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]/g, ' ');

/** The labelled values of a text. `http://…` and clock times are none. */
export function findPairs(text: string): Pair[] {
  const pairs: Pair[] = [];
  const plain = plainBlanks(text);
  const lines = linesOf(plain, { start: 0, end: plain.length });
  for (const [i, line] of lines.entries()) {
    const pair = pairOn(line) ?? pairBelow(line, lines[i - 1]);
    if (pair) pairs.push(pair);
    if (pairs.length === MOST_PAIRS) break;
  }
  return pairs;
}

function pairOn(line: Line): Pair | null {
  const words = line.text.slice(0, 1000);
  const found = LABELLED.exec(words) ?? ROW.exec(words);
  const [, label = '', value = ''] = found ?? [];
  if (!found || value.startsWith('//') || /^\d+$/.test(label) || GREETING.test(fold(label))) return null;
  const start = line.start + words.lastIndexOf(value);
  return { label, value, start, end: start + value.length };
}

/** “Case number:” and, on the line below, “2026/118”. */
function pairBelow(line: Line, above: Line | undefined): Pair | null {
  const label = ABOVE.exec(above?.text ?? '')?.[1];
  const value = line.text.trim();
  if (
    label === undefined ||
    label.split(' ').length > 3 ||
    !SHORT.test(value) ||
    /^[-*•\d]+[.)]?\s/.test(value)
  )
    return null;
  const start = line.start + line.text.indexOf(value);
  return { label, value, start, end: start + value.length };
}
