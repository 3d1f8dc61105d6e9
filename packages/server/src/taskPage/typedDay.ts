import type { TypedDay } from '@hatband/contract';
import { LocalDate, typedDay } from '@hatband/core/dates';
import { localTime } from '@hatband/core/reading';
import { builtInName, sameName, type Value } from '@hatband/core/tasks';
import type { Clock } from '../clock.ts';
import type { UserNow } from '../settings/user.ts';
import type { Store } from '../store/index.ts';
import { getTask } from '../tasks/tasks.ts';

/** The day that words mean today, in the user's zone and calendar; other days of the task may be named in them. */
export async function readTypedDay(
  store: Store,
  user: UserNow,
  { words, task: id }: TypedDay,
  clock: Clock,
): Promise<string | null> {
  const { context } = await user();
  const today = localTime(clock().toISOString(), context.zone);
  const task = id === undefined ? undefined : await getTask(store, id);
  const days: Readonly<Record<string, Value | null>> = {
    today: today.slice(0, 10),
    ...(task && { ...task.fields, due: task.due, start: task.start, deadline: task.deadline }),
  };
  const named = (words: string) => {
    const name = Object.keys(days).find((each) => sameName(each, builtInName(words))) ?? '';
    return LocalDate.safeParse(days[name]).data ?? null;
  };
  return typedDay(words, { ...context, ...context.calendar, reference: today, named });
}
