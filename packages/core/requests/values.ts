import { z } from 'zod';

/** Something of a plain kind in a text; `start` and `end` are its place in the text given. */
export const FoundValue = z.object({
  kind: z.enum(['money', 'percent', 'reference', 'link', 'address', 'phone', 'duration']),
  value: z.string(),
  start: z.number().int(),
  end: z.number().int(),
});
export type FoundValue = z.infer<typeof FoundValue>;

const MOST = 200;
const CURRENCY = '(?:US|CA?|AU?|NZ|HK)\\$|€|\\$|£|S?Fr\\.|CHF|EUR|USD|GBP|CAD|AUD|NZD|SEK|NOK|DKK|kr\\.?';
const NUMBER = "\\d{1,3}(?:[.,' \\u00a0\\u202f]\\d{3})*(?:[.,]\\d{1,2})?|\\d{1,12}(?:[.,]\\d{1,2})?";

/** What the kinds look like, the most telling first: what one has taken, no later one takes again. */
const KINDS: readonly [FoundValue['kind'], RegExp][] = [
  ['link', /https?:\/\/[^\s<>"')\]]{1,2000}/gi],
  ['address', /(?<![\w.+-])[\w.+-]{1,64}@[\w-]{1,63}(?:\.[\w-]{1,63}){1,8}/g],
  [
    'money',
    new RegExp(
      `(?:(?:${CURRENCY})\\s?(?:${NUMBER})(?:\\s(?:CAD|AUD|USD|NZD))?|(?<![\\d.,])(?:${NUMBER})\\s?(?:${CURRENCY}))(?![\\p{L}\\d])`,
      'gu',
    ),
  ],
  ['percent', /(?<![\d.,])\d{1,9}(?:[.,]\d{1,6})?\s?%/g],
  [
    'reference',
    /(?<![\p{L}\d])\p{Lu}{1,6}[-/ ]?\d[\p{Lu}\d]{0,15}(?:[-/][\p{Lu}\d]{1,15}){0,4}(?![\p{L}\d])|(?<=#)\d{2,12}/gu,
  ],
  ['phone', /(?<![\d.,/-])(?:\+|00)\d[\d ()/-]{6,20}\d(?![\d.,])/g],
  [
    'duration',
    /(?<![\d.,:])\d{1,3}\s?(?:hours?|minutes?|mins?|h|Stunden?|Minuten|heures?|horas?|minutos?|uur|uren|ore|minuti|timmar|minuter)(?![\p{L}])/gu,
  ],
];

/** Amounts, percentages, reference numbers, links, addresses, phone numbers and durations of a text, in their order. */
export function findValues(text: string): FoundValue[] {
  const found: FoundValue[] = [];
  for (const [kind, pattern] of KINDS) {
    for (const match of text.matchAll(pattern)) {
      const value = match[0].replace(/[.,;]+$/, '');
      const start = match.index;
      const end = start + value.length;
      if (found.length < MOST && found.every((other) => end <= other.start || start >= other.end))
        found.push({ kind, value, start, end });
    }
  }
  return found.toSorted((a, b) => a.start - b.start);
}
