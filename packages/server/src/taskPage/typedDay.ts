import type { TypedDay } from '@hatband/contract';
import { typedDay } from '@hatband/core/dates';
import { localTime } from '@hatband/core/reading';
import { sameName } from '@hatband/core/tasks';
import type { Clock } from '../clock.ts';
import type { UserNow } from '../settings/user.ts';
import type { Store } from '../store/index.ts';
import { viewTasks } from '../tasks/tasks.ts';

/** The day that words mean today, in the user's zone and calendar; other days of the task may be named in them. */
export async function readTypedDay(
  store: Store,
  user: UserNow,
  { words, task: id }: TypedDay,
  clock: Clock,
): Promise<string | null> {
  const { context } = await user();
  const [task] = await viewTasks(store.read, (query) => query.where('tasks.id', id ?? 0));
  const reference = localTime(clock().toISOString(), context.zone).slice(0, 16);
  const named = (field: string) => {
    const own = Object.entries(task?.fields ?? {}).find(([name]) => sameName(name, field))?.[1];
    const days: Readonly<Record<string, unknown>> = {
      today: reference.slice(0, 10), due: task?.due, 'due date': task?.due, start: task?.start, deadline: task?.deadline,
    }; // prettier-ignore
    const day = days[field.toLowerCase()] ?? own;
    return typeof day === 'string' && /^\d{4}-\d{2}-\d{2}/.test(day) ? day : null;
  };
  return typedDay(words, { ...context, ...context.calendar, reference, named });
}
