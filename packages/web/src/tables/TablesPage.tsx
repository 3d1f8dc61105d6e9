import { registers } from '@hatband/contract';
import { LookupTable } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { AddButton } from '../shared/page/AddButton.tsx';
import { register } from '../api/queries.ts';
import { Failed, Notice, PageHeader, PartLinks } from '../shared/page/Page.tsx';
import { TableEditor } from './TableEditor.tsx';
import css from './Tables.module.css';

/** The lookup tables that rules read values from. */
export function TablesPage() {
  const { id } = useParams();
  const { data, error, refetch } = useQuery(register(registers.tables));
  const open = data?.items.find((table) => table.id === id) ?? data?.items[0];
  return (
    <div className={css.page}>
      <PageHeader title="Rules">
        <PartLinks
          parts={[
            { to: '/rules', name: 'rules' },
            { to: '/tables', name: 'lookup tables', current: true },
          ]}
        />
        <AddTable names={data?.items.map(({ body }) => body.name) ?? []} />
      </PageHeader>
      {error && <Failed error={error} retry={() => void refetch()} />}
      <nav className={css.list} aria-label="Lookup tables">
        {data?.items.map((table) => (
          <Link
            key={table.id}
            to={`/tables/${table.id}`}
            aria-current={table.id === open?.id ? 'true' : undefined}
          >
            <b>{table.body.name}</b>
            <span>
              {table.body.rows.length} rows, by {table.body.by}
            </span>
          </Link>
        ))}
      </nav>
      {open ? (
        <TableEditor key={`${open.id} ${String(open.revision)}`} table={open} />
      ) : (
        data && (
          <Notice title="No lookup tables yet">
            One gives a value for words in a mail, for its sender or for his domain: a lender’s name for his
            domain, a shelf for a room.
          </Notice>
        )
      )}
    </div>
  );
}

function AddTable({ names }: { names: readonly string[] }) {
  const refresh = useRefresh();
  const navigate = useNavigate();
  const add = async () => {
    let n = 1;
    const name = () => (n === 1 ? 'New table' : `New table ${String(n)}`);
    while (names.includes(name())) n += 1;
    const { items } = await call(registers.tables.add, { body: LookupTable.parse({ name: name() }) });
    await refresh('named');
    const fresh = items.find(({ body }) => !names.includes(body.name));
    if (fresh) await navigate(`/tables/${fresh.id}`);
  };
  return <AddButton words="New table" add={add} />;
}
