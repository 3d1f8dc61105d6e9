import type { Reading } from '../reading/index.ts';
import {
  idsOf,
  knownTasks,
  referencesIn,
  referencesOf,
  type KnownTask,
  type KnownTasks,
  type Outcome,
} from '../rules/index.ts';

/** The tasks that earlier messages of a run became, by thread and by reference number; messages are added as they came. */
export interface TaskBook {
  knownTo: (reading: Reading) => KnownTasks;
  add: (reading: Reading, outcome: Outcome) => void;
}

export function openTaskBook(): TaskBook {
  /** The thread of each message id, and the tasks of each thread. */
  const threads = new Map<string, KnownTask[]>();
  const byReference = new Map<string, KnownTask[]>();
  let count = 0;
  const threadOf = ({ message }: Reading): KnownTask[] => {
    const ids = idsOf(message);
    const tasks = ids.map((id) => threads.get(id)).find((known) => known !== undefined) ?? [];
    for (const id of ids) threads.set(id, tasks);
    return tasks;
  };
  return {
    knownTo: (reading) =>
      knownTasks({
        thread: [...threadOf(reading)],
        named: referencesIn(reading).flatMap((reference) =>
          (byReference.get(reference) ?? []).map((task) => ({ reference, task })),
        ),
        ofAddress: null,
        ofOriginal: [],
      }),
    add: (reading, { tasks }) => {
      const thread = threadOf(reading);
      for (const { fields } of tasks) {
        count += 1;
        const task = { key: String(count), title: fields.title, open: true };
        thread.push(task);
        for (const reference of referencesOf(fields))
          byReference.set(reference, [...(byReference.get(reference) ?? []), task]);
      }
    },
  };
}
