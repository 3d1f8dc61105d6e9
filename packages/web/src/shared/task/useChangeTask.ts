import { changeTask, type Task, type TaskChange } from '@hatband/contract';
import { useMutation } from '@tanstack/react-query';
import { call } from '../../api/call.ts';
import { useRefresh } from '../../api/stale.ts';

/** Changes a task as it was seen; a refusal stands in `error`. */
export function useChangeTask(task: Pick<Task, 'id' | 'revision'>) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: (change: TaskChange) =>
      call(changeTask, { params: { id: task.id }, body: change, revision: task.revision }),
    onSettled: () => refresh('task'),
  });
}
