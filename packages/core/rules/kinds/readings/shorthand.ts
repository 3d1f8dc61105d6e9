import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { readingBase, readingKind } from './kind.ts';

export const shorthand = readingKind(
  z
    .strictObject({
      ...readingBase,
      kind: z.literal('shorthand'),
      words: z.array(z.string().trim().min(1)).default([]),
      sign: z
        .string()
        .regex(
          /^[^\s\p{L}\p{N};"]{1,3}$/u,
          'A sign is one to three signs that are no letters, digits or semicolons.',
        )
        .nullable()
        .default(null),
      upTo: z.enum(['word', 'end of line']).default('word'),
    })
    .refine(({ words, sign }) => words.length > 0 || sign !== null, 'Choose a word or a sign.'),
  {
    label: 'shorthand',
    doc: 'What you write behind a word of yours, between semicolons in the subject or your note or on a line of its own (`due fri; project loans`), or behind a sign that you choose: the next word, or words in "quotes", or (`"upTo": "end of line"`) the rest of the line.',
    compile:
      (own) =>
      ({ shorthand: clauses }) => ({
        found: clauses
          .filter(({ signal }) => signal === own)
          .map(({ value, spans }) => ({ value: value.trim(), spans })),
        absent: `shorthand with ${sayOne(own)}`,
      }),
    say: (signal) =>
      `shorthand: ${sayOne(signal)}${signal.sign !== null && signal.upTo === 'end of line' ? ' up to the end of the line' : ''}`,
  },
);

const sayOne = ({ words, sign }: { words: readonly string[]; sign: string | null }) =>
  orList([...words, ...(sign === null ? [] : [`the sign ${sign}`])].map((each) => `“${each}”`));
