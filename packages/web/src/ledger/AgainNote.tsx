import { settleAgain, type ArrivalSheet, type OutcomeKind } from '@hatband/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { call } from '../api/call.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './ReadingSheet.module.css';

/** Mail whose original came another way before, or may have; its tasks are merged with the first only by the user's word. */
export function AgainNote({ arrivalId, kind, before }: Props) {
  const clock = useClock();
  const act = useAct('arrival', 'task');
  const settle = (how: 'add to the first' | 'make its own') => () => {
    act.mutate(() => call(settleAgain, { params: { id: arrivalId }, body: { how } }));
  };
  const isSame = kind === 'again';
  const earlier = <Link to={`/ledger/${String(before.arrivalId)}`}>see the earlier one</Link>;
  return (
    <section className={css.held} aria-label="Came before">
      <p>
        {isSame ? (
          <>
            <b>The same message came before</b> another way, so no second task was made: {earlier}.
          </>
        ) : (
          <>
            <b>The same words came before</b> and already have a task: {earlier}.
          </>
        )}
      </p>
      <ul className={css.plain}>
        {before.tasks.map(({ id, title, due, priority }) => (
          <li key={id}>
            <Link to={`/tasks/${String(id)}`}>
              <Foreign words={title} />
            </Link>
            {due && `, due ${dayText(due, clock.today)}`}
            {priority && `, ${priority}`}
          </li>
        ))}
      </ul>
      {before.tasks.length === 0 ? (
        <p>Its task was deleted; bring it back from the bin to merge with it.</p>
      ) : (
        <p>
          Merging adds what is new here to that task and keeps what it has; a different due date becomes a
          proposal.{!isSame && ' The task made here is then cancelled.'}
        </p>
      )}
      <div className={css.choices}>
        {before.tasks.length > 0 && (
          <Button
            size="small"
            type={isSame ? 'primary' : 'default'}
            loading={act.isPending}
            onClick={settle('add to the first')}
          >
            Merge with the earlier task
          </Button>
        )}
        <Button size="small" onClick={settle('make its own')}>
          {isSame ? 'Make a separate task' : 'Keep both tasks'}
        </Button>
      </div>
      <ErrorLine error={act.error} />
    </section>
  );
}

interface Props {
  arrivalId: number;
  kind: OutcomeKind;
  before: NonNullable<ArrivalSheet['before']>;
}
