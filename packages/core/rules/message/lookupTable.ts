import { z } from 'zod';
import { findWords, type Place } from '../../languages/index.ts';

/**
 * A table that gives a value for words in the message, its sender's address or his domain. Rows are asked from the top;
 * the value of the first that fits is taken.
 */
export const LookupTable = z.object({
  name: z.string().trim().min(1, 'A lookup table needs a name.').max(80),
  by: z.enum(['words', 'senders', 'domains']).default('words'),
  rows: z.array(z.tuple([z.string().trim(), z.string().trim()])).default([]),
});
export type LookupTable = z.infer<typeof LookupTable>;

/** What keeps a row from ever giving a value; null where nothing does, as for one that is empty. */
export function problemOfRow(
  [key, value]: LookupTable['rows'][number],
  by: LookupTable['by'],
): string | null {
  if ((key.trim() === '') === (value.trim() === '')) return null;
  return value.trim() === '' ? 'It has no value.' : `It has no ${KEY_NAMES[by]} to look it up by.`;
}

export const KEY_NAMES = { words: 'words', senders: 'address', domains: 'domain' };

/** A table as it is saved from now on: each row can give a value. */
export const WrittenTable = LookupTable.superRefine(({ by, rows }, context) => {
  for (const [i, row] of rows.entries()) {
    const problem = problemOfRow(row, by);
    if (problem !== null)
      context.addIssue({ code: 'custom', path: ['rows', i], message: `Row ${i + 1}: ${problem}` });
  }
});

/** The value of a row that fits, with the place of its words in the text. */
export interface Hit {
  value: string;
  place: Place | null;
}

/** The values of all rows that fit a folded text, in the order of the rows. */
export function wordLookup({ rows }: LookupTable): (folded: string) => Hit[] {
  const finders = rows.filter(isFull).map(([key, value]) => ({ find: findWords(key), value }));
  return (folded) =>
    finders.flatMap(({ find, value }) => {
      const [place] = find(folded);
      return place ? { value, place } : [];
    });
}

/** The values of all rows that name an address, or its domain or one above it. */
export function senderLookup({ by, rows }: LookupTable): (address: string) => Hit[] {
  const wanted = rows
    .filter(isFull)
    .map(([key, value]) => ({ key: key.toLowerCase().replace(/^@/, ''), value }));
  return (address) =>
    wanted.flatMap(({ key, value }) =>
      (by === 'senders' ? address === key : isInDomain(address, key)) ? { value, place: null } : [],
    );
}

const isFull = ([key, value]: readonly [string, string]) => key !== '' && value !== '';

/** Whether an address is of a domain or of one below it. */
export const isInDomain = (address: string, domain: string) =>
  address.endsWith(`@${domain}`) || address.endsWith(`.${domain}`);
