import type { Task } from '@hatband/contract';
import { isDone, type TaskView } from '@hatband/core/tasks';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, type CSSProperties } from 'react';
import { Link } from 'react-router';
import { useGaps } from '../shared/task/useGaps.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { useFilterNames } from '../tasks/filter/useFilterNames.ts';
import { sayGroup } from '../tasks/list/sayGroup.ts';
import { useTaskRows, type Line, type TaskList } from '../tasks/list/useTaskList.ts';
import css from './TaskPage.module.css';

const LINE = 54;
const HEADING = 30;

interface Props {
  list: TaskList;
  view: TaskView;
  openId: number;
  /** Of the view, for the addresses of its tasks. */
  search: string;
}

/** The tasks of the view in two lines each, beside the one that is open. */
export function ListBeside({ list, view, openId, search }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const names = useFilterNames();
  const lines = useMemo(
    () =>
      list.groups.flatMap((group): Line[] => [
        ...(view.group === null ? [] : [{ group }]),
        ...group.ids.map((id) => ({ id })),
      ]),
    [list.groups, view.group],
  );
  // oxlint-disable-next-line react/incompatible-library -- what it returns is asked anew in each render
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (lines[i] && 'id' in lines[i] ? LINE : HEADING),
    overscan: 6,
  });
  const at = lines.findIndex((line) => 'id' in line && line.id === openId);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at);
    // oxlint-disable-next-line react/exhaustive-deps -- only when another task is opened
  }, [openId, at >= 0]);
  const places = virtual.getVirtualItems();
  const tasks = useTaskRows(lines, list.first, {
    from: places[0]?.index ?? 0,
    to: places.at(-1)?.index ?? 0,
  });
  return (
    <nav ref={scroller} className={css.beside} aria-label="Tasks of the view">
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {places.map(({ index, start, size }) => {
          const line = lines[index];
          if (!line) return null;
          const place = { transform: `translateY(${String(start)}px)`, height: size };
          if ('id' in line)
            return (
              <BesideLine
                key={line.id}
                task={tasks.get(line.id)}
                to={{ pathname: `/tasks/${String(line.id)}`, search }}
                isOpen={line.id === openId}
                place={place}
              />
            );
          return (
            <h2 key={`group ${String(line.group.value)}`} className={css.heading} style={place}>
              <Foreign words={sayGroup(view.group ?? '', line.group.value, names)} />
            </h2>
          );
        })}
      </div>
    </nav>
  );
}

interface LineProps {
  task: Task | undefined;
  to: { pathname: string; search: string };
  isOpen: boolean;
  place: CSSProperties;
}

function BesideLine({ task, to, isOpen, place }: LineProps) {
  const clock = useClock();
  const gaps = useGaps();
  if (!task) return null;
  const isOver = isDone(task.status);
  const hasGap = !isOver && !gaps.isSettled(task);
  return (
    <Link
      to={to}
      aria-current={isOpen ? 'true' : undefined}
      className={`${css.besideLine ?? ''} ${isOver ? (css.over ?? '') : ''}`}
      style={place}
    >
      <b>
        <Foreign words={task.title} />
      </b>
      <Due due={task.due} isLate={!isOver && task.due !== null && task.due.slice(0, 10) < clock.today} />
      <span className={hasGap ? css.gap : undefined}>
        {hasGap ? 'has a gap' : (task.project?.name ?? '')}
      </span>
    </Link>
  );
}

function Due({ due, isLate }: { due: string | null; isLate: boolean }) {
  const clock = useClock();
  if (due === null) return <span>no due date</span>;
  return (
    <span className={isLate ? css.late : undefined}>
      {dayText(due, clock.today)}
      {isLate && ', overdue'}
    </span>
  );
}
