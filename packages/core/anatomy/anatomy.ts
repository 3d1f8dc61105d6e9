import { z } from 'zod';
import { Mailbox } from '../mail/index.ts';
import { Slice } from './slices.ts';

/**
 * What a stretch of the text is. `heading` is a marker or header line of a forwarded or quoted message, `quoting` the
 * quote marks in front of words that count.
 */
export const PartKind = z.enum(['note', 'latest', 'heading', 'quoting', 'history', 'signature', 'footer']);
export type PartKind = z.infer<typeof PartKind>;

export const Part = Slice.extend({ kind: PartKind });
export type Part = z.infer<typeof Part>;

/**
 * A message taken apart. `parts` follow one another and cover the whole text. `who` and `sentAt` belong to the newest
 * words (the note, where there are none); `sentAt` carries an offset only where one is stated.
 */
export const Anatomy = z.object({
  parts: z.array(Part),
  who: Mailbox.nullable(),
  sentAt: z.string().nullable(),
  forwarded: z.boolean(),
  originalSubject: z.string().nullable(),
});
export type Anatomy = z.infer<typeof Anatomy>;

/** The text of all parts of a kind, without the blank lines around it. */
export function wordsOf(text: string, anatomy: Anatomy, kind: PartKind): string {
  return anatomy.parts
    .filter((part) => part.kind === kind)
    .map((part) => text.slice(part.start, part.end))
    .join('')
    .trim();
}
