import { registers, type Writer } from '@hatband/contract';
import { findPerson, type Person } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { register, writers } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { Failed, Notice, PageHeader } from '../shared/page/Page.tsx';
import { SearchBox } from '../search/SearchBox.tsx';
import css from './People.module.css';
import { PersonSheet } from './PersonSheet.tsx';

/** Everybody who wrote or is known, and one of them with their mail and tasks. */
export function PeoplePage() {
  const { who } = useParams();
  const { data, error, refetch } = useQuery(writers);
  const { data: people } = useQuery(register(registers.people));
  const [words, setWords] = useState('');
  const known = (people?.items ?? []).map(({ body }) => body);
  const rows = rowsOf(data?.items ?? [], known).filter((row) => hasWords(row, words));
  return (
    <div className={css.page}>
      <PageHeader title="People">
        <SearchBox />
      </PageHeader>
      <div className={css.body}>
        <div className={css.list}>
          <Input
            type="search"
            aria-label="a name or an address"
            placeholder="A name or an address"
            value={words}
            onChange={(event) => {
              setWords(event.target.value);
            }}
          />
          {error && <Failed error={error} retry={() => void refetch()} />}
          <nav aria-label="People">
            {rows.map((row) => (
              <PersonLine key={row.key} row={row} isOpen={row.key === who} />
            ))}
          </nav>
        </div>
        {who === undefined ? (
          <Notice title="Choose somebody">
            Their mail, what they ask for and what waits for them stand here.
          </Notice>
        ) : (
          <PersonSheet key={who} who={who} person={findPerson(known, who) ?? null} />
        )}
      </div>
    </div>
  );
}

/** Somebody under a name, with what came under all their addresses. */
interface Row {
  /** What the page's address names them by. */
  key: string;
  name: string;
  detail: string;
  messages: number;
  openTasks: number;
  lastAt: string | null;
}

function rowsOf(all: readonly Writer[], known: readonly Person[]): Row[] {
  const rows = new Map<string, Row>();
  for (const writer of all) {
    const row = rowOf(writer, findPerson(known, writer.address) ?? findPerson(known, writer.name));
    const before = rows.get(row.key);
    rows.set(row.key, before ? joined(before, row) : row);
  }
  for (const { name, organisation, addresses } of known)
    if (!rows.has(name))
      rows.set(name, { ...NO_MAIL, key: name, name, detail: organisation ?? addresses[0] ?? '' });
  return [...rows.values()];
}

const NO_MAIL = { messages: 0, openTasks: 0, lastAt: null };

const rowOf = ({ name, address, ...mail }: Writer, person: Person | undefined): Row => ({
  key: person?.name ?? address,
  name: person?.name ?? (name || address),
  detail: person?.organisation ?? address,
  ...mail,
});

/** Writers come the last of them first. */
const joined = (before: Row, more: Row): Row => ({
  ...before,
  messages: before.messages + more.messages,
  openTasks: before.openTasks + more.openTasks,
});

const hasWords = ({ key, name, detail }: Row, words: string) =>
  `${key} ${name} ${detail}`.toLowerCase().includes(words.trim().toLowerCase());

function PersonLine({ row, isOpen }: { row: Row; isOpen: boolean }) {
  const clock = useClock();
  return (
    <Link
      to={`/people/${encodeURIComponent(row.key)}`}
      className={css.line}
      aria-current={isOpen ? 'true' : undefined}
    >
      <b>
        <Foreign words={row.name} />
      </b>
      <span>{row.openTasks > 0 && `${String(row.openTasks)} open`}</span>
      <small>
        <Foreign words={row.detail} />
      </small>
      <small>{row.lastAt !== null && clock.ago(row.lastAt)}</small>
    </Link>
  );
}
