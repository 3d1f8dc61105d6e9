import { z } from 'zod';
import { header as headerOf } from '../../../mail/index.ts';
import { labelKey, nameKey, orList } from '../../../tasks/index.ts';
import { factsIn } from '../../message/factsIn.ts';
import { sayScopes, Scopes } from '../../message/scope.ts';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

export const labels = readingKind(
  z.strictObject({ ...readingBase, kind: z.literal('labels'), beginWith: z.string().default('') }),
  {
    label: 'its labels',
    doc: 'The labels that it carries in its mailbox; if you say so, only those that begin with some letters, without them.',
    compile:
      ({ beginWith }) =>
      ({ view }) => ({
        found: view.incoming.delivery.labels
          .filter((each) => nameKey(each).startsWith(nameKey(beginWith)))
          .map((each) => ({ value: each.trim().slice(beginWith.trim().length), spans: [] })),
        absent: beginWith === '' ? 'a label' : `a label that begins with “${beginWith}”`,
      }),
    say: ({ beginWith }) => (beginWith === '' ? 'its labels' : `its labels that begin with “${beginWith}”`),
  },
);

export const header = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('header'),
    name: z.string().trim().min(1, 'Name a header.'),
  }),
  {
    label: 'a header',
    doc: 'The value of a header.',
    compile:
      ({ name }) =>
      ({ view }) => {
        const value = headerOf(view.incoming.reading.message, name);
        const text = view.text({ header: name });
        return oneOrNone(
          value === null ? null : { value, spans: text.spans(0, value.length) },
          `a header ${name}`,
        );
      },
    say: ({ name }) => `the header ${name}`,
  },
);

export const pair = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('pair'),
    in: Scopes,
    labels: z.array(z.string().trim().min(1)).min(1, 'Name a label.'),
  }),
  {
    label: 'a labelled line',
    doc: 'What stands behind one of these labels on a line of your note or the newest words, as in `Due: 3 December`.',
    compile: ({ in: scopes, labels: wished }) => {
      const wanted = wished.map(labelKey);
      return ({ view, unit }) => ({
        found: factsIn(view.incoming.reading.facts.pairs, scopes, unit)
          .filter(({ label }) => wanted.includes(labelKey(label)))
          .map(({ value, spans }) => ({ value, spans })),
        absent: `a line labelled ${orList(wished)}`,
      });
    },
    say: (reading) => `the line labelled ${orList(reading.labels)}${sayScopes(reading.in)}`,
  },
);
