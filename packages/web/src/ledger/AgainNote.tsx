import { settleAgain, type ArrivalSheet } from '@hatband/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './ReadingSheet.module.css';

/** Mail whose original came another way before: its task is not made twice unless the user says so. */
export function AgainNote({ arrivalId, before }: { arrivalId: number; before: ArrivalSheet['before'] }) {
  const clock = useClock();
  const act = useAct(['arrivals', 'tasks']);
  const settle = (how: 'add to the first' | 'make its own') => () => {
    act.mutate(() => call(settleAgain, { params: { id: arrivalId }, body: { how } }));
  };
  return (
    <section className={css.held} aria-label="Came before">
      <p>
        <b>The same mail came before,</b> another way:{' '}
        {before && <Link to={`/ledger/${String(before.arrivalId)}`}>see it there</Link>}
      </p>
      <ul className={css.plain}>
        {before?.tasks.map(({ id, title, due, priority }) => (
          <li key={id}>
            <Link to={`/tasks/${String(id)}`}>{title}</Link>
            {due && `, due ${dayText(due, clock.today)}`}
            {priority && `, ${priority}`}
          </li>
        ))}
      </ul>
      <p>What that task has stays as it is; another due date is proposed on it.</p>
      <div className={css.choices}>
        <Button size="small" type="primary" loading={act.isPending} onClick={settle('add to the first')}>
          Add what is new to that task
        </Button>
        <Button size="small" onClick={settle('make its own')}>
          Make a task of its own
        </Button>
      </div>
      <ErrorLine error={act.error} />
    </section>
  );
}
