import { takeBack, type HistoryLine } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { taskHistory } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './TaskPage.module.css';

/** Shown at first. */
const NEWEST = 6;

/** Every change of the task, each taken back by itself while it stands. */
export function History({ taskId }: { taskId: number }) {
  const { data } = useQuery(taskHistory(taskId));
  const [isAll, setAll] = useState(false);
  const act = useAct('task', 'act');
  if (!data) return null;
  const { items } = data;
  const shown = isAll ? items : items.slice(0, NEWEST);
  return (
    <section aria-label="History" className={css.history}>
      <h3>
        History{' '}
        {items.length > shown.length && (
          <>
            <small>
              newest {shown.length} of {items.length},
            </small>{' '}
            <LinkButton
              onClick={() => {
                setAll(true);
              }}
            >
              show all
            </LinkButton>
          </>
        )}
      </h3>
      <ErrorLine error={act.error} />
      <ol>
        {shown.map((line) => (
          <Line
            key={line.kind === 'made' ? 'made' : line.id}
            line={line}
            onTakeBack={(id) => {
              act.mutate(() => call(takeBack, { params: { id } }));
            }}
          />
        ))}
      </ol>
    </section>
  );
}

const WHO = { user: 'you', undo: 'you', rule: 'by mail' } as const;

function Line({ line, onTakeBack }: { line: HistoryLine; onTakeBack: (id: number) => void }) {
  const clock = useClock();
  const at = <time dateTime={line.at}>{clock.ago(line.at)}</time>;
  if (line.kind === 'made')
    return (
      <li>
        {at}
        <span>
          <Foreign words={line.rule ?? 'you'} />
        </span>
        <span>
          made the task
          {line.rule === null
            ? ' out of another'
            : ` with ${line.values === 1 ? '1 value' : `${String(line.values)} values`}`}
        </span>
      </li>
    );
  return (
    <li>
      {at}
      <span>{WHO[line.by]}</span>
      <span>
        {line.field === 'deleted' ? (
          line.new === null ? 'brought it back' : 'deleted it'
        ) : (
          <>
            {line.field} {line.old !== null && <del><Foreign words={line.old} /></del>} → <Foreign words={line.new ?? 'none'} />
          </>
        )}
        {line.by === 'undo' && ' (taken back, or done again)'}
      </span>
      {line.stands && line.field !== 'deleted' && (
        <LinkButton
          aria-label={`Take the change of ${line.field} back`}
          onClick={() => {
            onTakeBack(line.id);
          }}
        >
          take back
        </LinkButton>
      )}
    </li>
  );
} // prettier-ignore
