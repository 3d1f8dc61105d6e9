import { z } from 'zod';
import { findWords, fold } from '../../../languages/index.ts';
import { nameKey, quoted, sameName, type Value, wordsOfValue } from '../../../tasks/index.ts';
import { answer, conditionKind } from './kind.ts';

export const value = conditionKind(
  z.strictObject({
    kind: z.literal('value'),
    field: z.string().trim().min(1, 'Choose a field.'),
    is: z.array(z.string().trim().min(1)).default([]),
    contain: z.array(z.string().trim().min(1)).default([]),
    over: z.number().nullable().default(null),
    under: z.number().nullable().default(null),
  }),
  {
    label: 'value read',
    doc: 'A field that the rule has read has a value; if you say so, one of these (`is`), one that contains words, or a number or an amount over or under another. It can be asked only in *Route*.',
    compile: ({ field, is, contain, over, under }) => {
      const finders = contain.map((each) => findWords(each));
      return (_, values) => {
        const read = values.get(nameKey(field));
        if (read === undefined) return answer(false, `no ${field}`);
        const each = Array.isArray(read) ? read : [wordsOfValue(read)];
        const number = numberOf(read);
        const holds =
          (is.length === 0 || each.some((words) => is.some((wanted) => sameName(wanted, words)))) &&
          (finders.length === 0 ||
            each.some((words) => finders.some((find) => find(fold(words)).length > 0))) &&
          (over === null || (number !== null && number > over)) &&
          (under === null || (number !== null && number < under));
        return answer(holds, wordsOfValue(read));
      };
    },
    say: ({ field, is, contain, over, under }) =>
      [
        `has ${is.length === 0 ? 'a' : quoted(is)} ${is.length === 0 ? field : `as its ${field}`}`,
        ...(contain.length === 0 ? [] : [`with ${quoted(contain)}`]),
        ...(over === null ? [] : [`over ${over}`]),
        ...(under === null ? [] : [`under ${under}`]),
      ].join(' '),
  },
);

function numberOf(read: Value): number | null {
  if (typeof read === 'number') return read;
  return typeof read === 'object' && !Array.isArray(read) ? read.amount : null;
}
