import { z } from 'zod';
import { linesOf } from '../anatomy/index.ts';

/** A labelled line, `Label: value`; `start` and `end` are the value's, in the text given. */
export const Pair = z.object({
  label: z.string(),
  value: z.string(),
  start: z.number().int(),
  end: z.number().int(),
});
export type Pair = z.infer<typeof Pair>;

const LABELLED = /^[\s*•-]{0,8}([\p{L}\p{N}][\p{L}\p{N} .()/'’-]{0,39}?)[ *]{0,3}:[ \t*]{0,8}(\S.*)$/u;
const MOST_PAIRS = 500;

/** The labelled lines of a text. `http://…` and clock times are none. */
export function findPairs(text: string): Pair[] {
  const pairs: Pair[] = [];
  for (const line of linesOf(text, { start: 0, end: text.length })) {
    const found = LABELLED.exec(line.text.slice(0, 1000));
    const [, label = '', value = ''] = found ?? [];
    if (!found || value.startsWith('//') || /^\d+$/.test(label)) continue;
    const start = line.start + found[0].length - value.length;
    pairs.push({ label, value, start, end: start + value.length });
    if (pairs.length === MOST_PAIRS) break;
  }
  return pairs;
}
