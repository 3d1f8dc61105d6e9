import { duplicateTask, splitTask, type Task, type TaskChange } from '@hatband/contract';
import { isDone } from '@hatband/core/tasks';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { useAct } from '../shared/useAct.ts';
import { useChangeTasks } from '../tasks/list/useChangeTasks.ts';
import { useEditTask } from '../tasks/list/useEditTask.ts';

export interface OpenTask {
  task: Task;
  /** The tasks of the view in their order. */
  order: readonly number[];
  /** Opens another task, or the list again. */
  onOpen: (id: number | null) => void;
}

/** What can be done with a task as a whole. */
export function useTaskWork({ task, order, onOpen }: OpenTask) {
  const { edit, ...editing } = useEditTask();
  const change = useChangeTasks();
  const act = useAct('task', 'act');
  const [part, setPart] = useState<Task | null>(null);
  const seen = { params: { id: task.id }, revision: task.revision };
  const at = order.indexOf(task.id);
  const next = order[at + 1] ?? order[at - 1] ?? null;
  return {
    ...editing,
    /** What was split off last. */
    part,
    error: editing.error ?? change.error ?? act.error,
    set: (values: TaskChange) => {
      edit(task, values);
    },
    complete: () => {
      edit(task, { status: isDone(task.status) ? 'needs action' : 'completed' });
    },
    duplicate: () => {
      act.mutate(async () => {
        onOpen((await call(duplicateTask, seen)).id);
      });
    },
    split: (title: string, line: number | null) => {
      act.mutate(async () => {
        setPart(await call(splitTask, { ...seen, body: { title, line } }));
      });
    },
    remove: () => {
      change.mutate({ ids: [task.id], change: { deleted: task.deletedAt === null } });
      if (task.deletedAt === null) onOpen(next);
    },
  };
}

export type TaskWork = ReturnType<typeof useTaskWork>;
