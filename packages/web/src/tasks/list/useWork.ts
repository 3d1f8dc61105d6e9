import { placeTasks, type Task, type TaskChange } from '@hatband/contract';
import { useMutation } from '@tanstack/react-query';
import { call } from '../../api/call.ts';
import { useRefresh } from '../../api/stale.ts';
import { useChangeTasks } from './useChangeTasks.ts';
import { useEditTask } from './useEditTask.ts';
import type { TaskList } from './useTaskList.ts';

/** Changes tasks, which stay in their places; what is deleted, or brought back, goes. */
export function useWork({ touch, release }: Pick<TaskList, 'touch' | 'release'>) {
  const refresh = useRefresh();
  const change = useChangeTasks();
  const { edit, conflict, settle, error } = useEditTask();
  const place = useMutation({
    mutationFn: (body: { ids: number[]; beside: number; side: 'before' | 'behind' }) =>
      call(placeTasks, { body }),
    onSettled: () => refresh('task', 'act'),
  });
  return {
    error: error ?? change.error ?? place.error,
    conflict,
    settle,
    edit: (task: Task, values: TaskChange) => {
      touch([task.id]);
      edit(task, values);
    },
    change: (ids: readonly number[], values: TaskChange) => {
      if (ids.length === 0) return;
      if (values.deleted === undefined) touch(ids);
      else release(ids);
      change.mutate({ ids, change: values });
    },
    place: (ids: readonly number[], beside: number, side: 'before' | 'behind') => {
      place.mutate({ ids: [...ids], beside, side });
    },
  };
}

export type Work = ReturnType<typeof useWork>;
