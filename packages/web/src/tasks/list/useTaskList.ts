import type { Task, TaskGroup } from '@hatband/contract';
import type { TaskView } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { taskList, taskRows } from '../../api/tasks.ts';
import { keepPlaces } from './keepPlaces.ts';

/** A heading of a group, or a task. */
export type Line = { group: TaskGroup } | { id: number };

export interface TaskList {
  groups: readonly TaskGroup[];
  total: number;
  first: readonly Task[];
  error: Error | null;
  isLoading: boolean;
  retry: () => void;
  /** How many tasks stand where they were, though the list would have them elsewhere. */
  kept: number;
  /** These were changed by hand and stay where they stand. */
  touch: (ids: readonly number[]) => void;
  /** These belong elsewhere now, and go there. */
  release: (ids: readonly number[]) => void;
  /** All go where they belong. */
  putInOrder: () => void;
}

interface Kept {
  /** What puts the view's tasks in their places. */
  key: string;
  groups: readonly TaskGroup[];
  touched: ReadonlySet<number>;
}

const NONE_KEPT: Kept = { key: '', groups: [], touched: new Set() };

/** The tasks of a view, kept true by the server's events; what was changed by hand stays in its place. */
export function useTaskList(view: TaskView): TaskList {
  const { data, error, refetch, isPending } = useQuery(taskList(view));
  const key = JSON.stringify([view.scope, view.filter, view.sort, view.group]);
  const [last, setKept] = useState<Kept>(NONE_KEPT);
  const kept = last.key === key ? last : NONE_KEPT;
  const groups = useMemo(
    () => keepPlaces(kept.groups, data?.groups ?? [], kept.touched),
    [kept, data?.groups],
  );
  return {
    groups,
    total: groups.reduce((n, { ids }) => n + ids.length, 0),
    first: data?.first ?? [],
    error,
    isLoading: isPending,
    retry: () => void refetch(),
    kept: moved(groups, data?.groups ?? [], kept.touched),
    touch: (ids) => {
      setKept({ key, groups, touched: new Set([...kept.touched, ...ids]) });
    },
    release: (ids) => {
      setKept({ key, groups, touched: new Set([...kept.touched].filter((id) => !ids.includes(id))) });
    },
    putInOrder: () => {
      setKept(NONE_KEPT);
    },
  };
}

/** How many of the touched tasks the list would have elsewhere. */
function moved(
  groups: readonly TaskGroup[],
  now: readonly TaskGroup[],
  touched: ReadonlySet<number>,
): number {
  if (touched.size === 0) return 0;
  const [shown, fresh] = [placesIn(groups, touched), placesIn(now, touched)];
  return [...shown].filter(([id, place]) => fresh.get(id) !== place).length;
}

/** The group of each of these tasks, and the task before it there. */
const placesIn = (groups: readonly TaskGroup[], ids: ReadonlySet<number>) =>
  new Map(
    groups.flatMap(({ value, ids: own }) =>
      own.flatMap((id, i) => (ids.has(id) ? [[id, `${String(value)} ${String(own[i - 1])}`] as const] : [])),
    ),
  );

const CHUNK = 50;

/** The tasks whose lines are on the screen, with those around them. */
export function useTaskRows(
  lines: readonly Line[],
  first: readonly Task[],
  { from, to }: { from: number; to: number },
): ReadonlyMap<number, Task> {
  const known = new Map(first.map((task) => [task.id, task]));
  const wanted = lines
    .slice(Math.floor(from / CHUNK) * CHUNK, Math.ceil((to + 1) / CHUNK) * CHUNK)
    .flatMap((line) => ('id' in line ? line.id : []));
  const { data } = useQuery({ ...taskRows(wanted), enabled: !wanted.every((id) => known.has(id)) });
  return new Map([...known, ...(data?.items ?? []).map((task) => [task.id, task] as const)]);
}
