import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

export const items = conditionKind(
  z.strictObject({ kind: z.literal('items'), atLeast: z.number().int().min(1).default(2) }),
  {
    label: 'has several items',
    doc: 'It holds so many items at least: lines of a list, rows of a table, actions of some minutes.',
    compile:
      ({ atLeast }) =>
      ({ incoming: { reading } }) => {
        const found = reading.facts.items;
        return answer(
          found.length >= atLeast,
          found.length === 1 ? '1 item' : `${found.length} items`,
          found.flatMap((item) => item.spans.title),
        );
      },
    say: ({ atLeast }) => `has at least ${atLeast} items`,
    terms: () => [['items']],
  },
);
