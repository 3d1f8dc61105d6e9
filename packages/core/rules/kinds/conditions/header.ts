import { z } from 'zod';
import { findWords, fold } from '../../../languages/index.ts';
import { quoted, sameName } from '../../../tasks/index.ts';
import { answer, conditionKind } from './kind.ts';

export const header = conditionKind(
  z.strictObject({
    kind: z.literal('header'),
    name: z.string().trim().min(1, 'Name a header.'),
    contain: z.array(z.string().trim().min(1)).default([]),
  }),
  {
    label: 'header',
    doc: 'It has a header of that name; if you write words, one that contains one of them.',
    compile: ({ name, contain }) => {
      const finders = contain.map((each) => findWords(each));
      return (view) => {
        const { message } = view.incoming.reading;
        const all = message.headers.filter((each) => sameName(each.name, name));
        const fit = all.find(
          ({ value }) => finders.length === 0 || finders.some((find) => find(fold(value)).length > 0),
        );
        const saw = fit?.value ?? all[0]?.value ?? 'no such header';
        const span = { part: 'header' as const, header: name, start: 0, end: saw.length, quote: saw };
        return answer(fit !== undefined, saw, fit ? [span] : []);
      };
    },
    say: ({ name, contain }) =>
      `has a header ${name}${contain.length === 0 ? '' : ` with ${quoted(contain)}`}`,
  },
);
