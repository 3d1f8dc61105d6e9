import type { Task } from '@hatband/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { ruleNames, tasks } from '../api/queries.ts';
import { Band, PriorityBar } from '../shared/page/Band.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine, Failed, Notice, PageHeader, Tabs } from '../shared/page/Page.tsx';
import { useChangeTask } from '../shared/task/useChangeTask.ts';
import css from './Tasks.module.css';

type Shown = 'open' | 'done';

/** All tasks: open ones by their due dates, done ones by their age. */
export function TasksPage() {
  const [shown, setShown] = useState<Shown>('open');
  const list = useInfiniteQuery(tasks(shown));
  const counts = list.data?.pages[0]?.counts;
  return (
    <div className={css.page}>
      <PageHeader title="Tasks">
        <Tabs
          tabs={[
            { value: 'open', name: 'open', count: counts?.open },
            { value: 'done', name: 'done', count: counts?.done },
          ]}
          value={shown}
          onChange={setShown}
        />
      </PageHeader>
      <div className={css.body}>
        {list.error && <Failed error={list.error} retry={() => void list.refetch()} />}
        {list.data && (
          <TaskTable key={shown} shown={shown} items={list.data.pages.flatMap((page) => page.items)} />
        )}
        {list.hasNextPage && (
          <button type="button" className={css.more} onClick={() => void list.fetchNextPage()}>
            more
          </button>
        )}
      </div>
    </div>
  );
}

/** Tasks as they were ticked here stand beside those of the list. */
function withTicked(items: readonly Task[], ticked: readonly Task[], shown: Shown): Task[] {
  const gone = ticked.filter((task) => !items.some((item) => item.id === task.id));
  const key = (task: Task) => task.due ?? '9';
  const byDue = (a: Task, b: Task) => key(a).localeCompare(key(b)) || a.id - b.id;
  return [...items, ...gone].toSorted(shown === 'open' ? byDue : (a, b) => b.id - a.id);
}

function Empty({ state }: { state: 'open' | 'done' }) {
  return state === 'open' ? (
    <Notice title="Nothing is open">New mail becomes tasks here; see what came under Ledger.</Notice>
  ) : (
    <Notice title="Nothing is done yet">Tick a task under “open” and it moves here.</Notice>
  );
}

/** A task that is ticked stays in its place until the list is left: nothing jumps away under one's hands. */
function TaskTable({ items, shown }: { items: readonly Task[]; shown: Shown }) {
  const [ticked, setTicked] = useState<readonly Task[]>([]);
  const all = withTicked(items, ticked, shown);
  if (all.length === 0) return <Empty state={shown} />;
  const onTicked = (task: Task) => {
    setTicked((before) => [...before.filter(({ id }) => id !== task.id), task]);
  };
  return (
    <table className={css.table}>
      <thead>
        <tr>
          <th className={css.check} aria-label="done" />
          <th style={{ color: 'var(--field-title)' }}>Task</th>
          <th style={{ color: 'var(--field-project)' }}>Project</th>
          <th style={{ color: 'var(--field-due)' }}>Due</th>
          <th style={{ color: 'var(--field-priority)' }}>Priority</th>
          <th>From</th>
        </tr>
      </thead>
      <tbody>
        {all.map((task) => (
          <TaskRow key={task.id} task={task} onTicked={onTicked} />
        ))}
      </tbody>
    </table>
  );
}

function TaskRow({ task, onTicked }: { task: Task; onTicked: (task: Task) => void }) {
  const clock = useClock();
  const change = useChangeTask(task);
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find((r) => r.id === task.ruleId);
  // Kept here and set in the event itself: a mutation is pending a moment later, and the tick would jump back.
  const [asked, setAsked] = useState<boolean>();
  const done = asked ?? (task.status === 'completed' || task.status === 'cancelled');
  const overdue = !done && task.due !== null && task.due.slice(0, 10) < clock.today;
  return (
    <tr className={done ? css.done : undefined}>
      <td className={css.check}>
        <div className={css.tick}>
          <Band band={rule?.band ?? null} />
          <Checkbox
            aria-label={`done: ${task.title}`}
            checked={done}
            onChange={(e) => {
              // Not disabled meanwhile, which would lose the focus.
              if (change.isPending) return;
              setAsked(e.target.checked);
              change.mutate(
                { status: e.target.checked ? 'completed' : 'needs action' },
                {
                  onSuccess: onTicked,
                  onSettled: () => {
                    setAsked(undefined);
                  },
                },
              );
            }}
          />
        </div>
      </td>
      <td className={css.title}>
        <Link to={`/tasks/${String(task.id)}`}>
          <Foreign words={task.title} />
        </Link>
        <ErrorLine error={change.error} />
      </td>
      <td>{task.project?.name ?? <span className={css.none}>none</span>}</td>
      <td className={overdue ? css.overdue : css.due}>
        {task.due === null ? <span className={css.none}>none</span> : dayText(task.due, clock.today)}
        {overdue && <span className={css.sign}>overdue</span>}
      </td>
      <td>
        {task.priority ?? <span className={css.none}>none</span>}
        <PriorityBar priority={task.priority} />
      </td>
      <td className={css.from}>
        <Foreign words={task.source.from} />
      </td>
    </tr>
  );
}
