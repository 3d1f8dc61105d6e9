import type { Task, TaskGroup } from '@hatband/contract';
import type { TaskView } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
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
  /** All go where they belong. */
  putInOrder: () => void;
}

interface Kept {
  /** The view that they stand in. */
  key: string;
  groups: readonly TaskGroup[];
  touched: ReadonlySet<number>;
}

/** The tasks of a view, kept true by the server's events; what was changed by hand stays in its place. */
export function useTaskList(view: TaskView): TaskList {
  const { data, error, refetch, isPending } = useQuery(taskList(view));
  const key = JSON.stringify(view);
  const [kept, setKept] = useState<Kept>({ key, groups: [], touched: new Set() });
  const now = data?.groups ?? [];
  const isSame = kept.key === key;
  const groups = isSame ? keepPlaces(kept.groups, now, kept.touched) : now;
  return {
    groups,
    total: groups.reduce((n, { ids }) => n + ids.length, 0),
    first: data?.first ?? [],
    error,
    isLoading: isPending,
    retry: () => void refetch(),
    kept: isSame ? moved(groups, now, kept.touched) : 0,
    touch: (ids) => {
      setKept({ key, groups, touched: new Set([...(isSame ? kept.touched : []), ...ids]) });
    },
    putInOrder: () => {
      setKept({ key, groups: [], touched: new Set() });
    },
  };
}

/** How many of the touched tasks the list would have elsewhere. */
function moved(
  groups: readonly TaskGroup[],
  now: readonly TaskGroup[],
  touched: ReadonlySet<number>,
): number {
  const places = (all: readonly TaskGroup[]) =>
    new Map(
      all.flatMap(({ value, ids }) => ids.map((id, i) => [id, `${String(value)} ${String(ids[i - 1])}`])),
    );
  const [shown, fresh] = [places(groups), places(now)];
  return [...touched].filter((id) => shown.has(id) && shown.get(id) !== fresh.get(id)).length;
}

const CHUNK = 50;

/** The tasks whose lines are on the screen, with those around them. */
export function useTaskRows(
  ids: readonly number[],
  first: readonly Task[],
  { from, to }: { from: number; to: number },
): ReadonlyMap<number, Task> {
  const start = Math.floor(from / CHUNK) * CHUNK;
  const wanted = ids.slice(start, Math.ceil((to + 1) / CHUNK) * CHUNK);
  const isKnown = wanted.every((id) => first.some((task) => task.id === id));
  const { data } = useQuery({ ...taskRows(wanted), enabled: wanted.length > 0 && !isKnown });
  return new Map([...first, ...(data?.items ?? [])].map((task) => [task.id, task]));
}
