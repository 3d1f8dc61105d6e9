import { registers } from '@hatband/contract';
import { parseCsv, writeCsv } from '@hatband/core/formats';
import { KEY_NAMES, problemOfRow, type LookupTable } from '@hatband/core/rules';
import { Button, Input } from 'antd';
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import { Choose } from '../shared/forms/Choose.tsx';
import { call } from '../api/call.ts';
import { DeleteEntry } from '../shared/page/DeleteEntry.tsx';
import { FileButton } from '../shared/forms/FileButton.tsx';
import { useAct } from '../shared/useAct.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import css from './Tables.module.css';

interface Stored {
  id: string;
  revision: number;
  body: LookupTable;
}

type Row = LookupTable['rows'][number];

const BYS: { value: LookupTable['by']; label: string }[] = [
  { value: 'words', label: 'words in the mail' },
  { value: 'senders', label: 'the sender’s address' },
  { value: 'domains', label: 'the sender’s domain' },
];

/** One table as a grid: rows are asked from the top; cells are pasted from a spreadsheet, or come from a CSV file. */
export function TableEditor({ table }: { table: Stored }) {
  const [changed, setChanged] = useState<LookupTable | null>(null);
  const shown = changed ?? table.body;
  const seen = { params: { id: table.id }, revision: table.revision };
  const act = useAct('named');
  const set = (part: Partial<LookupTable>) => {
    setChanged({ ...shown, ...part });
  };
  return (
    <section className={css.editor} aria-label="Lookup table">
      <div className={css.head}>
        <label>
          name
          <Input
            aria-label="name of the table"
            value={shown.name}
            onChange={(e) => {
              set({ name: e.target.value });
            }}
          />
        </label>
        <label>
          looked up by
          <Choose
            aria-label="looked up by"
            value={shown.by}
            options={BYS}
            onChange={(by) => {
              set({ by });
            }}
          />
        </label>
        <Csv
          rows={shown.rows}
          name={shown.name}
          onTaken={(rows) => {
            set({ rows });
          }}
        />
      </div>
      <Grid
        by={shown.by}
        rows={shown.rows}
        onChange={(rows) => {
          set({ rows });
        }}
      />
      <div className={css.actions}>
        <ErrorLine error={act.error} />
        <Button
          type="primary"
          disabled={changed === null || shown.rows.some((row) => problemOfRow(row, shown.by) !== null)}
          loading={act.isPending}
          onClick={() => {
            act.mutate(() => call(registers.tables.save, { ...seen, body: withoutEmpty(shown) }));
          }}
        >
          Save the table
        </Button>
        <Button
          disabled={changed === null}
          onClick={() => {
            setChanged(null);
          }}
        >
          Undo my changes
        </Button>
        <DeleteEntry
          kind="tables"
          id={seen.params.id}
          name={table.body.name}
          onRemove={() => call(registers.tables.remove, seen)}
          act={act}
        />
      </div>
    </section>
  );
}

const withoutEmpty = (table: LookupTable): LookupTable => ({
  ...table,
  rows: table.rows.filter((row) => row.some((cell) => cell.trim() !== '')),
});

interface GridProps {
  by: LookupTable['by'];
  rows: readonly Row[];
  onChange: (rows: Row[]) => void;
}

/** Always with an empty row at its end; Enter and the arrow keys go from cell to cell. */
function Grid({ by, rows, onChange }: GridProps) {
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
      <thead>
        <tr>
          <th>{KEY_NAMES[by]}</th>
          <th>value</th>
          <th aria-label="remove" />
          <th aria-label="what is missing" />
        </tr>
      </thead>
      <tbody>
        {all.map((row, at) => (
          <tr key={at} aria-invalid={problemOfRow(row, by) !== null}>
            {([0, 1] as const).map((column) => (
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
                <button
                  type="button"
                  aria-label={`remove row ${String(at + 1)}`}
                  onClick={() => {
                    onChange(rows.toSpliced(at, 1));
                  }}
                >
                  ✕
                </button>
              )}
            </td>
            <td className={css.problem}>{problemOfRow(row, by)}</td>
          </tr>
        ))}
      </tbody>
    </table>
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

/** The table out as a CSV file, and in from one in place of its rows. */
function Csv({
  rows,
  name,
  onTaken,
}: {
  rows: readonly Row[];
  name: string;
  onTaken: (rows: Row[]) => void;
}) {
  const take = async (file: File) => {
    const cells = parseCsv(await file.text());
    onTaken(cells.map(([key = '', value = '']): Row => [key, value]));
  };
  return (
    <span className={css.csv}>
      <a href={`data:text/csv;charset=utf-8,${encodeURIComponent(writeCsv(rows))}`} download={`${name}.csv`}>
        CSV out
      </a>
      <FileButton
        words="CSV in …"
        name="a CSV file"
        accept=".csv,text/csv,text/plain"
        onFile={(file) => void take(file)}
      />
    </span>
  );
}
