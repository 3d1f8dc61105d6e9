import { header, type Message } from '../../mail/index.ts';
import type { Reading } from '../../reading/index.ts';
import { findValues } from '../../requests/index.ts';
import { wordsOfValue, type TaskFields } from '../../tasks/index.ts';
import type { KnownTask, KnownTasks } from './incoming.ts';

/** The ids of a message and of those that it answers (RFC 5322, section 3.6.4): they are of one thread. */
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

interface Found extends Omit<KnownTasks, 'byReference'> {
  /** The tasks that bear a reference number of the message, once for each. */
  named: readonly { reference: string; task: KnownTask }[];
}

/** What was found, as rules ask for it. */
export function knownTasks({ named, ...others }: Found): KnownTasks {
  const byReference: KnownTasks['byReference'] = {};
  for (const { reference, task } of named) (byReference[reference] ??= []).push(task);
  return { ...others, byReference };
}
