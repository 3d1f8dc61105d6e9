import { findTables, isHeading } from '../../requests/index.ts';
import type { MessageScope } from './scope.ts';
import type { Unit } from './unit.ts';
import type { View } from './view.ts';

type RowUnit = Extract<Unit, { kind: 'row' }>;

/**
 * The rows of the tables in some parts of a message, below a row of headings; columns of a table without one are called
 * by their numbers, from 1.
 */
export function tableRows(view: View, scopes: readonly MessageScope[] = ['note', 'newest']): RowUnit[] {
  return scopes.flatMap((scope) => {
    const text = view.text(scope);
    return findTables(text.value).flatMap((table) => {
      const [first, ...rest] = table;
      const headings = first && isHeading(first) ? first.cells.map(({ words }) => words) : null;
      return (headings ? rest : table).map(({ cells }): RowUnit => ({
        kind: 'row',
        cells: cells.map(({ words, start, end }, i) => ({
          column: headings?.[i] ?? String(i + 1),
          value: words,
          spans: text.spans(start, end),
        })),
      }));
    });
  });
}
