import { parseCsv } from '@hatband/core/formats';
import { KEY_NAMES, problemOfRow, type LookupTable } from '@hatband/core/rules';
import { useRef, type ClipboardEvent, type KeyboardEvent } from 'react';
import css from './Tables.module.css';

type Row = LookupTable['rows'][number];

const COLUMNS = [0, 1] as const;

interface GridProps {
  by: LookupTable['by'];
  rows: readonly Row[];
  onChange: (rows: Row[]) => void;
}

/** Always with an empty row at its end; Enter and the arrow keys go from cell to cell. */
export function Grid({ by, rows, onChange }: GridProps) {
  const grid = useRef<HTMLTableElement>(null);
  const all: Row[] = [...rows, ['', '']];
  const setCell = (at: number, column: 0 | 1, value: string) => {
    onChange(
      dropLast(all.map((row, i) => (i === at ? (column === 0 ? [value, row[1]] : [row[0], value]) : row))),
    );
  };
  const paste = (at: number, column: 0 | 1) => (event: ClipboardEvent) => {
    const cells = parseCsv(event.clipboardData.getData('text'));
    if (cells.length < 2 && (cells[0]?.length ?? 0) < 2) return;
    event.preventDefault();
    onChange(dropLast(withCells(all, at, column, cells)));
  };
  const move = (at: number, column: 0 | 1) => (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, Enter: 1, ArrowUp: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    grid.current
      ?.querySelector<HTMLInputElement>(`[data-cell="${String(at + step)}-${String(column)}"]`)
      ?.focus();
  };
  return (
    <table ref={grid} className={css.grid}>
      <GridHead by={by} />
      <tbody>
        {all.map((row, at) => (
          <tr key={at} aria-invalid={problemOfRow(row, by) !== null}>
            {COLUMNS.map((column) => (
              <td key={column}>
                <input
                  data-cell={`${String(at)}-${String(column)}`}
                  aria-label={`${column === 0 ? KEY_NAMES[by] : 'value'} ${String(at + 1)}`}
                  value={row[column]}
                  onChange={(e) => {
                    setCell(at, column, e.target.value);
                  }}
                  onPaste={paste(at, column)}
                  onKeyDown={move(at, column)}
                />
              </td>
            ))}
            <td className={css.off}>
              {at < rows.length && (
                <RemoveRow
                  n={at + 1}
                  onClick={() => {
                    onChange(rows.toSpliced(at, 1));
                  }}
                />
              )}
            </td>
            <td className={css.problem}>{problemOfRow(row, by)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function GridHead({ by }: Pick<GridProps, 'by'>) {
  return (
    <thead>
      <tr>
        <th>{KEY_NAMES[by]}</th>
        <th>value</th>
        <th aria-label="remove" />
        <th aria-label="what is missing" />
      </tr>
    </thead>
  );
}

function RemoveRow({ n, onClick }: { n: number; onClick: () => void }) {
  return (
    <button type="button" aria-label={`remove row ${String(n)}`} onClick={onClick}>
      ✕
    </button>
  );
}

/** Without the empty rows at the end. */
function dropLast(rows: readonly Row[]): Row[] {
  const last = rows.findLastIndex((row) => row.some((cell) => cell !== ''));
  return rows.slice(0, last + 1);
}

function withCells(rows: readonly Row[], at: number, column: 0 | 1, cells: readonly string[][]): Row[] {
  const made: Row[] = [...rows];
  cells.forEach((pasted, i) => {
    const old = made[at + i] ?? ['', ''];
    const [first = '', second = old[1]] = pasted;
    made[at + i] = column === 0 ? [first, second] : [old[0], first];
  });
  return made;
}
