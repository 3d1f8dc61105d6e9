import { changeTask, type Task, type TaskChange } from '@hatband/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../api/call.ts';

/** Changes a task as it was seen; a refusal stands in `error`. */
export function useChangeTask(task: Pick<Task, 'id' | 'revision'>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (change: TaskChange) =>
      call(changeTask, { params: { id: task.id }, body: change, revision: task.revision }),
    onSettled: () =>
      Promise.all(['tasks', 'arrivals'].map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}
