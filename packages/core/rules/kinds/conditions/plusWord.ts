import { z } from 'zod';
import { nameKey, quoted } from '../../../tasks/index.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

export const plusWord = conditionKind(
  z.strictObject({
    kind: z.literal('plusWord'),
    is: z.array(z.string().trim().min(1)).min(1, 'Write a word.'),
  }),
  {
    label: 'plus-word',
    doc: 'The word behind the `+` of the address that it came by, as in `inbox-…+urgent@…`.',
    compile: ({ is }) => {
      const wanted = is.map(nameKey);
      return ({ incoming: { delivery } }) =>
        answer(wanted.includes(nameKey(delivery.plusWord ?? '')), delivery.plusWord ?? 'no plus-word');
    },
    say: ({ is }) => `has ${quoted(is)} behind the + of its address`,
    terms: ({ is }) => oneOf(is.map((each) => `plus-word ${nameKey(each)}`)),
  },
);
