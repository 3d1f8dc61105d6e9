import type { StoredView } from '@hatband/contract';
import { TaskScope, TaskView } from '@hatband/core/tasks';

/** What a link shows: a saved view or one of those that there always are, as it is or changed. */
export interface ShownView {
  /** Null for one of those that there always are. */
  saved: StoredView | null;
  /** As it was before it was changed here. */
  base: TaskView;
  view: TaskView;
}

const VIEW = 'view';
const AS = 'as';

/** Tasks to be done by their due dates; the done and the deleted ones by when they became so. */
export function scopeView(scope: TaskScope): TaskView {
  if (scope === 'open' || scope === 'waiting' || scope === 'all') return TaskView.parse({ scope });
  return TaskView.parse({
    scope,
    sort: [{ field: scope === 'done' ? 'completed' : 'changed', descending: true }],
  });
}

/** The view that an address names; what is not understood in it is left out. */
export function viewOfUrl(params: URLSearchParams, saved: readonly StoredView[]): ShownView {
  const named = params.get(VIEW);
  const stored = saved.find(({ id }) => id === named) ?? null;
  const base = stored?.view ?? scopeView(TaskScope.safeParse(named).data ?? 'open');
  const changed = TaskView.safeParse({ ...base, ...parts(params.get(AS)) });
  return { saved: stored, base, view: changed.data ?? base };
}

function parts(json: string | null): object {
  try {
    const value: unknown = JSON.parse(json ?? '{}');
    return typeof value === 'object' && value !== null ? value : {};
  } catch {
    return {};
  }
}

/** The address of a view: what is changed in it stands there whole. */
export function urlOfView(name: string, base: TaskView, view: TaskView): URLSearchParams {
  const changes = changedParts(base, view);
  return new URLSearchParams({
    ...(name === 'open' ? {} : { [VIEW]: name }),
    ...(Object.keys(changes).length === 0 ? {} : { [AS]: JSON.stringify(changes) }),
  });
}

const KEYS = TaskView.keyof().options;

/** What of a view differs from another. */
export const changedParts = (base: TaskView, view: TaskView): Partial<TaskView> =>
  Object.fromEntries(
    KEYS.filter((key) => JSON.stringify(base[key]) !== JSON.stringify(view[key])).map((key) => [
      key,
      view[key],
    ]),
  );
