import { changeTask, getTask, type Task, type TaskChange } from '@hatband/contract';
import { ownField } from '@hatband/core/tasks';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { call, ProblemError } from '../../api/call.ts';
import { useRefresh } from '../../api/stale.ts';
import { valueOf } from '../../shared/task/valueOf.ts';
import { useShowChange } from './useChangeTasks.ts';

/** An edit that met another: what the user wrote, and the task as somebody else made it meanwhile. */
export interface Conflict {
  change: TaskChange;
  now: Task;
}

/** Changes one task as it was seen. What was changed elsewhere meanwhile is not lost: the user chooses. */
export function useEditTask() {
  const refresh = useRefresh();
  const showChange = useShowChange();
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const edit = useMutation({
    mutationFn: async ({ task, change }: { task: Task; change: TaskChange }) => {
      const send = (revision: number) =>
        call(changeTask, { params: { id: task.id }, body: change, revision });
      try {
        await send(task.revision);
      } catch (error) {
        if (!(error instanceof ProblemError) || error.problem.status !== 412) throw error;
        const now = await call(getTask, { params: { id: task.id } });
        if (isSameIn(task, now, change)) await send(now.revision);
        else setConflict({ change, now });
      }
    },
    onMutate: ({ task, change }) => {
      setConflict(null);
      showChange([task.id], change);
    },
    onSettled: () => refresh('task', 'act'),
  });
  return {
    edit: (task: Task, change: TaskChange) => {
      edit.mutate({ task, change });
    },
    error: edit.error,
    conflict,
    /** The user's value after all, or the other's. */
    settle: (mine: boolean) => {
      if (conflict && mine) edit.mutate({ task: conflict.now, change: conflict.change });
      setConflict(null);
    },
  };
}

/** Whether the values that a change replaces are still those that were seen. */
function isSameIn(seen: Task, now: Task, change: TaskChange): boolean {
  const values = (task: Task) => changedFields(change).map(([field]) => valueOf(task, field));
  return JSON.stringify(values(seen)) === JSON.stringify(values(now));
}

/** The fields that a change gives values, as columns name them. */
export const changedFields = ({ fields, ...change }: TaskChange): [string, unknown][] => [
  ...Object.entries(change),
  ...Object.entries(fields ?? {}).map(([name, value]): [string, unknown] => [ownField(name), value]),
];
