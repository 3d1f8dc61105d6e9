import { z } from 'zod';
import { nameKey, quoted } from '../../../tasks/index.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

export const label = conditionKind(
  z.strictObject({ kind: z.literal('label'), is: z.array(z.string().trim().min(1)).min(1, 'Name a label.') }),
  {
    label: 'label',
    doc: 'It carries one of these labels in its mailbox.',
    compile: ({ is }) => {
      const wanted = is.map(nameKey);
      return ({ incoming: { delivery } }) =>
        answer(
          delivery.labels.some((each) => wanted.includes(nameKey(each))),
          delivery.labels.join(', ') || 'no label',
        );
    },
    say: ({ is }) => `is labelled ${quoted(is)}`,
    terms: ({ is }) => oneOf(is.map((each) => `label ${nameKey(each)}`)),
  },
);
