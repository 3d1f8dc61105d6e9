import { isDone } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { taskThread } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import css from './TaskPage.module.css';

/** The other mail that the task came of or that speaks of it, and the other tasks of that mail. */
export function Thread({ taskId }: { taskId: number }) {
  const clock = useClock();
  const { data } = useQuery(taskThread(taskId));
  if (!data || (data.messages.length <= 1 && data.tasks.length === 0)) return null;
  return (
    <section aria-label="Thread" className={css.thread}>
      <h3>In the same thread</h3>
      <ul>
        {data.messages.map(({ arrivalId, subject, from, at, isSource }) => (
          <li key={arrivalId}>
            <Link to={`/ledger/${String(arrivalId)}`}>
              <Foreign words={subject || '(no subject)'} />
            </Link>{' '}
            <small>
              <Foreign words={from} />, {clock.ago(at)}
              {isSource && ', this task came of it'}
            </small>
          </li>
        ))}
        {data.tasks.map(({ id, title, status, due }) => (
          <li key={`task ${String(id)}`}>
            task{' '}
            <Link to={`/tasks/${String(id)}`} className={isDone(status) ? css.over : undefined}>
              <Foreign words={title} />
            </Link>{' '}
            <small>{due !== null && dayText(due, clock.today)}</small>
          </li>
        ))}
      </ul>
    </section>
  );
}
