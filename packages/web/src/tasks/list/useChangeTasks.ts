import { changeTasks, listTasks, readTasks, type Task, type TaskChange } from '@hatband/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { z } from 'zod';
import { call } from '../../api/call.ts';
import { useRefresh } from '../../api/stale.ts';

interface Asked {
  ids: readonly number[];
  change: TaskChange;
}

/** Shows a change at once, before the server has answered. */
export function useShowChange() {
  const client = useQueryClient();
  return (ids: readonly number[], change: TaskChange) => {
    const changed = (task: Task) => (ids.includes(task.id) ? afterChange(task, change) : task);
    client.setQueriesData<z.infer<typeof listTasks.answer>>(
      { queryKey: ['tasks', 'list'] },
      (list) => list && { ...list, first: list.first.map(changed) },
    );
    client.setQueriesData<z.infer<typeof readTasks.answer>>(
      { queryKey: ['tasks', 'rows'] },
      (rows) => rows && { items: rows.items.map(changed) },
    );
  };
}

/** Changes many tasks at once, whatever they are now. */
export function useChangeTasks() {
  const refresh = useRefresh();
  const showChange = useShowChange();
  return useMutation({
    mutationFn: ({ ids, change }: Asked) => call(changeTasks, { body: { ids: [...ids], change } }),
    onMutate: ({ ids, change }) => {
      showChange(ids, change);
    },
    onSettled: () => refresh('task', 'act'),
  });
}

/** A task as it is once the server has made the change; what only the server knows is told by its answer. */
function afterChange(task: Task, { addTags, fields, deleted: _, project, ...values }: TaskChange): Task {
  const own = new Map(Object.entries(task.fields));
  for (const [name, value] of Object.entries(fields ?? {})) {
    if (value === null) own.delete(name);
    else own.set(name, value);
  }
  return {
    ...task,
    ...values,
    ...(project === null ? { project: null } : {}),
    tags: addTags ? [...new Set([...task.tags, ...addTags])] : (values.tags ?? task.tags),
    fields: Object.fromEntries(own),
  };
}
