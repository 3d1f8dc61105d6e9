import { undoAct, type Act } from '@hatband/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useEffectEvent } from 'react';
import { acts } from '../api/tasks.ts';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { Opening } from '../shared/page/Opening.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import css from './Tasks.module.css';

/** The last of what the user did, each to be taken back or done again; Ctrl+Z and Ctrl+Y do so with the last. */
export function WhatYouDid() {
  const { data } = useQuery(acts);
  const refresh = useRefresh();
  const client = useQueryClient();
  const undo = useMutation({
    mutationFn: ({ id, back }: { id: string; back: boolean }) =>
      call(undoAct, { params: { id }, body: { undo: back } }),
    onSuccess: ({ act }) => {
      client.setQueryData(acts.queryKey, (known) =>
        known ? { items: known.items.map((each) => (each.id === act.id ? act : each)) } : known,
      );
    },
    // The next key is heard before all is asked anew.
    onSettled: () => void refresh('act', 'task'),
  });
  const items = data?.items ?? [];
  const last = items.find(({ undone }) => !undone);
  const again = items.findLast(({ undone }, i) => undone && items.slice(0, i).every((each) => each.undone));
  useUndoKeys((isAgain) => {
    const act = isAgain ? again : last;
    if (!act || undo.isPending) return false;
    undo.mutate({ id: act.id, back: !act.undone });
    return true;
  });
  const kept = undo.data?.kept ?? [];
  return (
    <div className={css.acts}>
      <Opening
        placement="topRight"
        trigger={
          <button type="button" className="link">
            What you did
          </button>
        }
      >
        <ActList items={items} onUndo={undo.mutate} />
      </Opening>
      {last && (
        <button
          type="button"
          className={css.key}
          title={last.label}
          onClick={() => {
            undo.mutate({ id: last.id, back: true });
          }}
        >
          <kbd>Ctrl Z</kbd> take back the last
        </button>
      )}
      {kept.length > 0 && (
        <p role="status" className={css.kept}>
          Kept, since it was changed again:{' '}
          {kept.map(({ task, field, now }) => `${field} of “${task}” (${now ?? 'empty'})`).join(', ')}
        </p>
      )}
      <ErrorLine error={undo.error} />
    </div>
  );
}

function ActList({
  items,
  onUndo,
}: {
  items: readonly Act[];
  onUndo: (asked: { id: string; back: boolean }) => void;
}) {
  const clock = useClock();
  return (
    <ol className={css.actList}>
      {items.length === 0 && <li>Nothing so far.</li>}
      {items.map(({ id, at, label, undone }) => (
        <li key={id} className={undone ? css.undone : undefined}>
          <span>
            <Foreign words={label} /> <small>{clock.ago(at)}</small>
          </span>
          <LinkButton
            onClick={() => {
              onUndo({ id, back: !undone });
            }}
          >
            {undone ? 'Do again' : 'Take back'}
          </LinkButton>
        </li>
      ))}
    </ol>
  );
}

/** Hears the keys that take back, or do again; whoever answers true has taken them. */
function useUndoKeys(onKeys: (isAgain: boolean) => boolean): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    const isWriting = event.target instanceof HTMLElement && event.target.matches('input, textarea');
    const key = event.key.toLowerCase();
    if (!(event.ctrlKey || event.metaKey) || isWriting || (key !== 'z' && key !== 'y')) return;
    if (onKeys(key === 'y' || event.shiftKey)) event.preventDefault();
  });
  useEffect(() => {
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, []);
}
