import { z } from 'zod';
import { findWords, fold } from '../../../languages/index.ts';
import { labelKey, orList, quoted } from '../../../tasks/index.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

export const pair = conditionKind(
  z.strictObject({
    kind: z.literal('pair'),
    labels: z.array(z.string().trim().min(1)).min(1, 'Name a label.'),
    contain: z.array(z.string().trim().min(1)).default([]),
  }),
  {
    label: 'has a labelled line',
    doc: 'It has a line with one of these labels, as in `Object: SQ-0231`; if you write words, one whose value contains one of them.',
    compile: ({ labels, contain }) => {
      const wanted = labels.map(labelKey);
      const finders = contain.map((each) => findWords(each));
      return ({ incoming: { reading } }) => {
        const named = reading.facts.pairs.filter(({ label }) => wanted.includes(labelKey(label)));
        const fit = named.find(
          ({ value }) => finders.length === 0 || finders.some((find) => find(fold(value)).length > 0),
        );
        return answer(fit !== undefined, fit?.value ?? named[0]?.value ?? 'no such line', fit?.spans ?? []);
      };
    },
    say: ({ labels, contain }) =>
      `has a line labelled ${orList(labels)}${contain.length === 0 ? '' : ` with ${quoted(contain)}`}`,
    terms: ({ labels }) => oneOf(labels.map((each) => `pair ${labelKey(each)}`)),
  },
);
