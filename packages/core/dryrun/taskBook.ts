import { header, type Message } from '../mail/index.ts';
import type { Reading } from '../reading/index.ts';
import { findValues } from '../requests/index.ts';
import type { KnownTask, KnownTasks, Outcome } from '../rules/index.ts';
import { wordsOfValue, type TaskFields } from '../tasks/index.ts';

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
    knownTo: (reading) => ({
      thread: [...threadOf(reading)],
      byReference: Object.fromEntries(
        referencesIn(reading).flatMap((reference) => {
          const tasks = byReference.get(reference);
          return tasks ? [[reference, tasks] as const] : [];
        }),
      ),
      ofAddress: null,
      ofOriginal: [],
    }),
    add: (reading, { tasks }) => {
      const thread = threadOf(reading);
      for (const { fields } of tasks) {
        count += 1;
        const known = { key: String(count), title: fields.title, open: true };
        thread.push(known);
        for (const reference of referencesOf(fields))
          byReference.set(reference, [...(byReference.get(reference) ?? []), known]);
      }
    },
  };
}

/** The ids of a message and of those that it answers (RFC 5322, section 3.6.4). */
export function idsOf(message: Message): string[] {
  const references = header(message, 'References') ?? '';
  return [...new Set([message.messageId, message.inReplyTo, ...(references.match(/<[^<>\s]+>/g) ?? [])])]
    .filter((id) => id !== null)
    .map((id) => id.replace(/^<|>$/g, ''));
}

/** The reference numbers that a message names. */
export const referencesIn = ({ facts }: Reading): string[] => [
  ...new Set(facts.values.filter(({ kind }) => kind === 'reference').map(({ value }) => value)),
];

/** The reference numbers of a task: those in its title and in its project's own fields. */
export function referencesOf({ title, fields }: Pick<TaskFields, 'title' | 'fields'>): string[] {
  const words = [title, ...Object.values(fields).map(wordsOfValue)].join('\n');
  return [
    ...new Set(
      findValues(words)
        .filter(({ kind }) => kind === 'reference')
        .map(({ value }) => value),
    ),
  ];
}
