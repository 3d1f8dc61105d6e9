import type { Task, TaskChange } from '@hatband/contract';
import { isDone, type FilterNames } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import type { CSSProperties } from 'react';
import { Link, useLocation } from 'react-router';
import { ruleNames } from '../../api/queries.ts';
import { useClock } from '../../shared/clock.ts';
import { Band, PriorityBar } from '../../shared/page/Band.tsx';
import { PersonLink } from '../../shared/page/PersonLink.tsx';
import { Foreign } from '../../shared/page/Foreign.tsx';
import { EmptyWord } from '../../shared/task/None.tsx';
import { isWaiting } from '../../shared/task/isWaiting.ts';
import { OffersContext } from '../../shared/task/candidates.ts';
import { TabStop } from '../../shared/task/InPlace.tsx';
import { TaskField } from '../../shared/task/TaskField.tsx';
import { isRight } from './columns.ts';
import css from './TaskTable.module.css';
import type { Settling } from './settling.ts';
import type { Picked } from '../../shared/usePicked.ts';

interface Props {
  /** Null until it has come. */
  task: Task | null;
  id: number;
  index: number;
  fields: readonly string[];
  place: CSSProperties;
  names: FilterNames;
  kindOf: (own: string) => string | null;
  picked: Picked;
  stop: number | null;
  onFocusCell: (line: number, column: number) => () => void;
  settling: Settling | undefined;
  onEdit: (task: Task, change: TaskChange) => void;
}

/** One task: picked or not, done or not, and its values, each changed in its place. */
export function TaskLine({
  task,
  id,
  index,
  fields,
  place,
  names,
  kindOf,
  picked,
  stop,
  onFocusCell,
  settling,
  onEdit,
}: Props) {
  const isPicked = picked.ids.has(id);
  const onChange = (change: TaskChange) => {
    if (task) onEdit(task, change);
  };
  const done = task !== null && isDone(task.status);
  const n = [...picked.ids].indexOf(id) + 1;
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={isPicked}
      className={`${css.line ?? ''} ${isPicked ? (css.picked ?? '') : ''} ${done ? (css.done ?? '') : ''} ${task && settling?.isSettled(task) ? (css.settled ?? '') : ''}`}
      style={place}
    >
      <span role="gridcell" className={css.marks}>
        <PickTab id={id} n={n} picked={picked} title={task?.title ?? ''} />
        {task && <DoneBox task={task} done={done} onChange={onChange} />}
      </span>
      <OffersContext value={offersOf(task, settling, onChange)}>
        {fields.map((field, column) => (
          <span
            key={field}
            role="gridcell"
            data-cell={`${String(index)}:${String(column)}`}
            className={isRight(field, kindOf) ? css.right : undefined}
            onFocus={onFocusCell(index, column)}
          >
            <TabStop value={stop === column}>
              {task && (
                <Cell
                  isGap={settling?.isGap(task, field) ?? false}
                  task={task}
                  field={field}
                  names={names}
                  isStop={stop === column}
                  onChange={onChange}
                />
              )}
            </TabStop>
          </span>
        ))}
      </OffersContext>
    </div>
  );
}

/** What the mail offers is known of the task that the user is at. */
function offersOf(task: Task | null, settling: Settling | undefined, take: (change: TaskChange) => void) {
  const offered = settling?.offered?.taskId === task?.id ? settling?.offered : null;
  return (
    task && {
      taskId: task.id,
      candidates: offered?.candidates ?? [],
      take,
      ...(settling && { onPoint: settling.onPoint }),
    }
  );
}

function PickTab({ id, n, picked, title }: { id: number; n: number; picked: Picked; title: string }) {
  return (
    <button
      type="button"
      tabIndex={-1}
      className={css.tab}
      aria-pressed={n > 0}
      aria-label={`pick: ${title}`}
      title="pick, with Shift all from the last one"
      onClick={(event) => {
        if (event.shiftKey) picked.pickTo(id);
        else picked.toggle(id);
      }}
    >
      {n > 0 ? n : ''}
    </button>
  );
}

function DoneBox({
  task,
  done,
  onChange,
}: {
  task: Task;
  done: boolean;
  onChange: (change: TaskChange) => void;
}) {
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find((each) => each.id === task.ruleId);
  return (
    <>
      <Band band={rule?.band ?? null} />
      <Checkbox
        tabIndex={-1}
        aria-label={`done: ${task.title}`}
        checked={done}
        onChange={(event) => {
          onChange({ status: event.target.checked ? 'completed' : 'needs action' });
        }}
      />
    </>
  );
}

interface CellProps {
  isGap: boolean;
  task: Task;
  field: string;
  names: FilterNames;
  isStop: boolean;
  onChange: (change: TaskChange) => void;
}

function Cell({ isGap, task, field, names, isStop, onChange }: CellProps) {
  const clock = useClock();
  const tabIndex = isStop ? 0 : -1;
  if (field === 'title') return <TitleCell task={task} tabIndex={tabIndex} />;
  if (field === 'asks')
    return <PersonLink who={{ name: task.source.from, address: '' }} tabIndex={tabIndex} />;
  const fixed = fixedWords(task, field, names, clock.ago);
  if (fixed !== null)
    return (
      <button type="button" className="plain" tabIndex={tabIndex}>
        <Foreign words={fixed || 'none'} />
      </button>
    );
  const isLate =
    field === 'due' && task.completedAt === null && task.due !== null && task.due.slice(0, 10) < clock.today;
  return (
    <span className={isGap ? css.gap : isLate ? css.overdue : undefined}>
      <EmptyWord value={isGap ? 'gap' : 'none'}>
        <TaskField task={task} field={field} onChange={onChange} />
      </EmptyWord>
      {isLate && <small>overdue</small>}
    </span>
  );
}

function TitleCell({ task, tabIndex }: { task: Task; tabIndex: number }) {
  const clock = useClock();
  const { pathname, search } = useLocation();
  return (
    <span className={css.title}>
      <Link to={`/tasks/${String(task.id)}${pathname === '/tasks' ? search : ''}`} tabIndex={tabIndex}>
        <Foreign words={task.title} />
      </Link>
      <PriorityBar priority={task.priority} />
      {task.waiting && (
        <small className={css.waiting}>
          {isWaiting(task, clock.today) ? 'waits' : 'waited'} for <Foreign words={task.waiting.for} />
        </small>
      )}
    </span>
  );
}

/** What stands in columns that nobody writes. */
function fixedWords(
  task: Task,
  field: string,
  names: FilterNames,
  ago: (at: string) => string,
): string | null {
  switch (field) {
    case 'waitingFor':
      return task.waiting?.for ?? '';
    case 'rule':
      return task.ruleId === null ? 'unclaimed' : names.value('rule', task.ruleId);
    case 'created':
      return ago(task.createdAt);
    case 'changed':
      return ago(task.changedAt);
    case 'completed':
      return task.completedAt === null ? '' : ago(task.completedAt);
    default:
      return null;
  }
}
