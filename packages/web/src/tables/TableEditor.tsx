import { registers } from '@hatband/contract';
import { parseCsv, writeCsv } from '@hatband/core/formats';
import { problemOfRow, type LookupTable } from '@hatband/core/rules';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { Choose } from '../shared/forms/Choose.tsx';
import { call } from '../api/call.ts';
import { DeleteEntry } from '../shared/page/DeleteEntry.tsx';
import { FileButton } from '../shared/forms/FileButton.tsx';
import { useAct } from '../shared/useAct.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { Grid } from './Grid.tsx';
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
      <TableHead table={shown} onChange={set} />
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

interface HeadProps {
  table: LookupTable;
  onChange: (part: Partial<LookupTable>) => void;
}

function TableHead({ table, onChange }: HeadProps) {
  return (
    <div className={css.head}>
      <label>
        name
        <Input
          aria-label="name of the table"
          value={table.name}
          onChange={(e) => {
            onChange({ name: e.target.value });
          }}
        />
      </label>
      <label>
        looked up by
        <Choose
          aria-label="looked up by"
          value={table.by}
          options={BYS}
          onChange={(by) => {
            onChange({ by });
          }}
        />
      </label>
      <Csv
        rows={table.rows}
        name={table.name}
        onTaken={(rows) => {
          onChange({ rows });
        }}
      />
    </div>
  );
}

const withoutEmpty = (table: LookupTable): LookupTable => ({
  ...table,
  rows: table.rows.filter((row) => row.some((cell) => cell.trim() !== '')),
});

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
