import { z } from 'zod';
import { fold } from '../../../languages/index.ts';
import { labelKey, nameKey, orList, sameName, wordsOfValue } from '../../../tasks/index.ts';
import { senderLookup, wordLookup } from '../../message/lookupTable.ts';
import { missing } from '../../message/missing.ts';
import { sayScopes, Scopes } from '../../message/scope.ts';
import { tableRows } from '../../message/tableRows.ts';
import { textIn, type Found, type ReadInput } from '../../message/unit.ts';
import { readingBase, readingKind } from './kind.ts';

export const column = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('column'),
    names: z.array(z.string().trim().min(1)).min(1, 'Name a column.'),
  }),
  {
    label: 'a table column',
    doc: 'The cell below one of these headings: of its own row where each row makes a task, else of the first row that has one.',
    compile: ({ names }) => {
      const wanted = names.map(labelKey);
      return ({ view, unit }) => {
        const rows = unit.kind === 'row' ? [unit] : tableRows(view);
        const cells = rows.flatMap((row) =>
          row.cells.filter((cell) => wanted.includes(labelKey(cell.column))),
        );
        return {
          found: cells.filter(({ value }) => value !== '').map(({ value, spans }) => ({ value, spans })),
          absent: `a column ${orList(names)}`,
        };
      };
    },
    say: ({ names }) => `the column ${orList(names)}`,
  },
);

export const lookup = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('lookup'),
    table: z.string().trim().min(1, 'Choose a lookup table.'),
    in: Scopes,
    /** A field whose value is looked up, instead of the message. */
    of: z.string().trim().nullable().default(null),
  }),
  {
    label: 'a lookup table',
    doc: 'The value that a lookup table of yours gives for words in the message, for its sender or his domain, or for the value of another field (`"of"`).',
    compile: (reading, { tables }) => {
      const table = tables.find(({ name }) => sameName(name, reading.table));
      const absent = `a row of ${reading.table} that fits`;
      if (!table) return () => ({ found: [], absent: `a lookup table ${reading.table}` });
      const byWords = wordLookup(table);
      const bySender = senderLookup(table);
      return (input) => {
        if (reading.of !== null) return { found: ofField(reading.of, input, byWords), absent };
        if (table.by !== 'words') {
          const hits = input.view.senders.flatMap(bySender);
          return { found: hits.map(({ value }) => ({ value, spans: [] })), absent };
        }
        const found = reading.in.flatMap((scope): Found[] => {
          const text = textIn(scope, input);
          return byWords(fold(text.value)).map(({ value, place }) => ({
            value,
            spans: place ? text.spans(place.start, place.end) : [],
          }));
        });
        return { found, absent };
      };
    },
    say: ({ table, of, in: scopes }) =>
      `what the table ${table} gives${of === null ? sayScopes(scopes) : ` for the ${of}`}`,
    rename: (reading, rename) => ({ ...reading, table: rename('table', reading.table) }),
    needs: ({ of }) => (of === null ? [] : [of]),
    problems: ({ table }, context) => missing(context, 'table', table),
  },
);

function ofField(field: string, { read }: ReadInput, look: ReturnType<typeof wordLookup>): Found[] {
  const known = read.get(nameKey(field));
  if (!known) return [];
  return look(fold(wordsOfValue(known.value))).map(({ value }) => ({ value, spans: known.spans }));
}
