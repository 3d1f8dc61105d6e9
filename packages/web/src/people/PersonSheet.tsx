import type { Task } from '@hatband/contract';
import { isDone, TaskView, type Person, type TaskFilter } from '@hatband/core/tasks';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { arrivals } from '../api/queries.ts';
import { taskList } from '../api/tasks.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { Failed } from '../shared/page/Page.tsx';
import css from './People.module.css';

interface Props {
  /** A name or an address. */
  who: string;
  /** Null where nobody of that name is kept. */
  person: Person | null;
}

/** Somebody's mail, the tasks that they ask for, and those that wait for them. */
export function PersonSheet({ who, person }: Props) {
  return (
    <article className={css.sheet} aria-label="Person">
      <h2>
        <Foreign words={person?.name ?? who} />
      </h2>
      {person && (
        <p className={css.facts}>
          {[person.organisation, ...person.addresses, ...person.groups].filter(Boolean).join(' · ')}{' '}
          <Link to="/settings/people">change</Link>
        </p>
      )}
      <Tasks
        name="Waiting for them"
        view={{ scope: 'waiting', filter: { kind: 'is', field: 'waitingFor', values: names(who, person) } }}
      />
      <Tasks name="They ask for" view={{ scope: 'open', filter: { kind: 'askedBy', people: [who] } }} />
      <Tasks
        name="Done"
        view={{
          scope: 'done',
          filter: { kind: 'askedBy', people: [who] },
          sort: [{ field: 'completed', descending: true }],
        }}
      />
      <Mail who={who} />
    </article>
  );
}

const names = (who: string, person: Person | null) => [
  ...new Set([who, ...(person ? [person.name, ...person.addresses] : [])]),
];

/** As many of a list as one looks at beside others; the whole list stands under Tasks. */
const SHOWN = 12;

interface TasksProps {
  name: string;
  view: { scope: TaskView['scope']; filter: TaskFilter; sort?: TaskView['sort'] };
}

function Tasks({ name, view }: TasksProps) {
  const { data } = useQuery(taskList(TaskView.parse(view)));
  if (!data || data.total === 0) return null;
  const search = new URLSearchParams({
    ...(view.scope === 'open' ? {} : { view: view.scope }),
    as: JSON.stringify({ filter: view.filter }),
  });
  return (
    <section aria-label={name}>
      <h3>
        {name} <small>{data.total}</small>
      </h3>
      <ul>
        {data.first.slice(0, SHOWN).map((task) => (
          <TaskItem key={task.id} task={task} search={search.toString()} />
        ))}
      </ul>
      {data.total > SHOWN && <Link to={`/tasks?${search.toString()}`}>all {data.total}</Link>}
    </section>
  );
}

function TaskItem({ task, search }: { task: Task; search: string }) {
  const clock = useClock();
  return (
    <li>
      <Link to={`/tasks/${String(task.id)}?${search}`} className={isDone(task.status) ? css.over : undefined}>
        <Foreign words={task.title} />
      </Link>
      <small>
        {task.due !== null && dayText(task.due, clock.today)} {task.project?.name}
      </small>
    </li>
  );
}

function Mail({ who }: { who: string }) {
  const clock = useClock();
  const list = useInfiniteQuery(arrivals({ person: who }));
  const items = list.data?.pages.flatMap((page) => page.items) ?? [];
  if (list.error) return <Failed error={list.error} retry={() => void list.refetch()} />;
  return (
    <section aria-label="Mail">
      <h3>Their mail</h3>
      {list.data && items.length === 0 && <p className={css.facts}>None so far.</p>}
      <ul>
        {items.map(({ id, subject, receivedAt, tasks }) => (
          <li key={id}>
            <Link to={`/ledger/${String(id)}`}>
              <Foreign words={subject || '(no subject)'} />
            </Link>
            <small>
              {clock.ago(receivedAt)}
              {tasks.length > 0 && (tasks.length === 1 ? ', 1 task' : `, ${String(tasks.length)} tasks`)}
            </small>
          </li>
        ))}
      </ul>
      {list.hasNextPage && <LinkButton onClick={() => void list.fetchNextPage()}>earlier mail</LinkButton>}
    </section>
  );
}
