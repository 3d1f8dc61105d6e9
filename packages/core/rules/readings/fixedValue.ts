import { z } from 'zod';
import { valueOfKind } from '../../tasks/index.ts';
import { readingBase, readingKind } from './kind.ts';

const schema = z.object({
  ...readingBase,
  kind: z.literal('fixedValue'),
  value: z.string().trim().min(1, 'Give a value.'),
});

export const fixedValue = readingKind(schema, {
  label: 'always the same',
  doc: 'A value that you write here; it shows no place in the message.',
  fields: ['title', 'due', 'priority'],
  find: ({ value }, _, field) => {
    const checked = valueOfKind(field, value);
    return checked === null ? { missed: { why: 'notOfKind', saw: value } } : { value: checked, spans: [] };
  },
  say: ({ value }) => `always “${value}”`,
});
