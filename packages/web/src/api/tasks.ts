import * as contract from '@hatband/contract';
import { isDone, Status, type TaskFilter, type TaskScope, type TaskView } from '@hatband/core/tasks';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { call } from './call.ts';
import { RAIL_COUNTS } from './stale.ts';

/** What is still to be done. */
export const TO_DO: TaskFilter = {
  kind: 'is',
  field: 'status',
  values: Status.options.filter((status) => !isDone(status)),
};

/** Tasks to be done that lack what their projects require. */
export const GAPS: TaskFilter = { all: [{ kind: 'gap', field: null }, TO_DO] };

/** The numbers of a view's tasks, and the first of them whole. */
export const taskList = (view: TaskView) =>
  queryOptions({
    queryKey: ['tasks', 'list', view],
    queryFn: () => call(contract.listTasks, { body: view }),
    placeholderData: keepPreviousData,
  });

export const taskRows = (ids: readonly number[]) =>
  queryOptions({
    queryKey: ['tasks', 'rows', ids],
    queryFn: () => call(contract.readTasks, { body: { ids: [...ids] } }),
    enabled: ids.length > 0,
    placeholderData: keepPreviousData,
  });

export const taskCounts = (scope: TaskScope, filters: readonly TaskFilter[]) =>
  queryOptions({
    queryKey: ['tasks', 'counts', scope, filters],
    queryFn: () => call(contract.countTasks, { body: { scope, filters: [...filters] } }),
    placeholderData: keepPreviousData,
  });

/** How many tasks have gaps, and of how many something is proposed. */
export const railCounts = queryOptions({
  queryKey: [RAIL_COUNTS],
  queryFn: async () => {
    const filters: TaskFilter[] = [GAPS, { all: [{ kind: 'proposals' }, TO_DO] }];
    const { counts } = await call(contract.countTasks, { body: { scope: 'open', filters } });
    return { gaps: counts[0] ?? 0, proposals: counts[1] ?? 0 };
  },
});

export const views = queryOptions({ queryKey: ['views'], queryFn: () => call(contract.listViews) });
export const acts = queryOptions({ queryKey: ['acts'], queryFn: () => call(contract.listActs) });
