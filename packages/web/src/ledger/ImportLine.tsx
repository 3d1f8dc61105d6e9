import { cancelImport, type Import } from '@hatband/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { importItems } from '../api/queries.ts';
import { useAct } from '../shared/useAct.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import css from './FileDrop.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

/** A file on its way in. */
export interface Sending {
  key: string;
  name: string;
  /** The share that was sent. */
  sent: number;
  error: Error | null;
  /** Once it was sent. */
  import: Import | null;
}

export function ImportLine({ sending, onPutAway }: { sending: Sending; onPutAway: (key: string) => void }) {
  const [open, setOpen] = useState(false);
  const { key, name, error, import: begun } = sending;
  const isOver = hasEnded(sending);
  return (
    <section className={css.line} aria-label={`file ${name}`}>
      <p>
        <b>{name}</b> <span role="status">{begun ? wordsOf(begun) : error ? '' : 'being sent …'}</span>
        {begun && isOver && (
          <LinkButton
            aria-expanded={open}
            onClick={() => {
              setOpen(!open);
            }}
          >
            {open ? 'hide each' : 'each of them'}
          </LinkButton>
        )}
        {begun?.state === 'running' && <Cancel id={begun.id} />}
        {isOver && (
          <LinkButton
            onClick={() => {
              onPutAway(key);
            }}
          >
            dismiss
          </LinkButton>
        )}
      </p>
      {!isOver && <progress value={shareOf(sending)} max={1} aria-label={`progress of ${name}`} />}
      <ErrorLine error={error ?? problemOf(begun)} />
      {open && begun && <Items id={begun.id} />}
    </section>
  );
}

const hasEnded = ({ error, import: begun }: Sending) =>
  error !== null || (begun !== null && begun.state !== 'running');

const problemOf = (begun: Import | null) => (begun?.problem ? new Error(begun.problem) : null);

/** Of what was sent, then of what was looked through. */
function shareOf({ sent, import: begun }: Sending): number {
  if (begun === null) return sent;
  return begun.size === 0 ? 1 : begun.read / begun.size;
}

function Cancel({ id }: { id: number }) {
  const cancel = useAct('import');
  return (
    <LinkButton
      disabled={cancel.isPending}
      onClick={() => {
        cancel.mutate(() => call(cancelImport, { params: { id } }));
      }}
    >
      cancel
    </LinkButton>
  );
}

function wordsOf({ state, counts }: Import): string {
  const words = [
    `${String(counts.new)} new`,
    ...(counts.known > 0 ? [`${String(counts.known)} that had come before`] : []),
    ...(counts.refused > 0 ? [`${String(counts.refused)} not taken`] : []),
  ].join(', ');
  return state === 'running'
    ? `being brought in: ${words}`
    : state === 'cancelled'
      ? `cancelled: ${words}`
      : words;
}

const RESULTS = { new: 'new', known: 'had come before', refused: 'not taken' } as const;

function Items({ id }: { id: number }) {
  const { data, hasNextPage, fetchNextPage } = useInfiniteQuery(importItems(id));
  const items = data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <ol className={css.items}>
      {items.map(({ n, name, result, words, arrivalId }) => (
        <li key={n}>
          {arrivalId === null ? name : <Link to={`/ledger/${String(arrivalId)}`}>{name}</Link>}:{' '}
          {RESULTS[result]}
          {words && `. ${words}`}
        </li>
      ))}
      {hasNextPage && <LinkButton onClick={() => void fetchNextPage()}>more of them</LinkButton>}
    </ol>
  );
}
