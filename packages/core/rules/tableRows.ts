import { findTables } from '../requests/index.ts';
import type { Unit } from './unit.ts';
import type { View } from './view.ts';

type RowUnit = Extract<Unit, { kind: 'row' }>;

/** The rows of the tables in the note and the newest words, below a row of headings. */
export function tableRows(view: View): RowUnit[] {
  return (['note', 'newest'] as const).flatMap((scope) => {
    const text = view.text(scope);
    return findTables(text.value).flatMap(([headings, ...rows]) =>
      rows.map(({ cells }): RowUnit => ({
        kind: 'row',
        cells: cells.map(({ words, start, end }, i) => ({
          column: headings?.cells[i]?.words ?? '',
          value: words,
          spans: text.spans(start, end),
        })),
      })),
    );
  });
}
