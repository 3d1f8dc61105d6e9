import { deliveryKey, isSameSending, originKey } from '@hatband/core/intake';
import { idsOf, referencesIn, referencesOf } from '@hatband/core/dryrun';
import type { Reading } from '@hatband/core/reading';
import type { KnownTask, KnownTasks } from '@hatband/core/rules';
import type { TaskFields } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { createHash } from 'node:crypto';
import { DONE } from '../tasks/columns.ts';
import { REPORT } from './reportTask.ts';

/** The thread of a message: that of any message it answers, else one of its own. */
export async function threadOf(
  trx: Knex.Transaction,
  arrivalId: number,
  { message }: Reading,
): Promise<number> {
  const ids = idsOf(message);
  const known = await trx('thread_messages').whereIn('message_ref', ids).orderBy('thread_id').first();
  const threadId = known?.thread_id ?? arrivalId;
  if (ids.length > 0)
    await trx('thread_messages')
      .insert(ids.map((message_ref) => ({ message_ref, thread_id: threadId })))
      .onConflict('message_ref')
      .ignore();
  return threadId;
}

/** The arrival whose message is asked about, and what is known of it besides. */
export interface Asked {
  arrivalId: number;
  threadId: number;
  /** The task whose own address it came by. */
  taskId: number | null;
}

/** The tasks that a message may speak of: those of messages that came before it, and that of its address. */
export async function knownTasks(
  db: Knex,
  { arrivalId, threadId, taskId }: Asked,
  reading: Reading,
): Promise<KnownTasks> {
  const thread: TaskName[] = await db('tasks')
    .join('arrivals', 'arrivals.id', 'tasks.arrival_id')
    .where({ thread_id: threadId })
    .where('tasks.arrival_id', '<', arrivalId)
    .orderBy('tasks.id')
    .select('tasks.id', 'title', 'status');
  const references = referencesIn(reading);
  const named: (TaskName & { reference: string })[] =
    references.length === 0
      ? []
      : await db('task_references')
          .join('tasks', 'tasks.id', 'task_references.task_id')
          .whereIn('reference', references)
          .where('tasks.arrival_id', '<', arrivalId)
          .orderBy('tasks.id')
          .select('tasks.id', 'title', 'status', 'reference');
  const byReference: KnownTasks['byReference'] = {};
  for (const task of named) (byReference[task.reference] ??= []).push(known(task));
  const own: TaskName | undefined =
    taskId === null
      ? undefined
      : await db('tasks')
          .where({ id: taskId })
          .first(...NAME);
  const origin = originHash(reading);
  const again =
    origin === null ? [] : await tasksOfOriginal(db, arrivalId, { origin, sent: originSent(reading) });
  return {
    thread: thread.map(known),
    byReference,
    ofAddress: own ? known(own) : null,
    ofOriginal: again.map(known),
  };
}

const NAME = ['tasks.id', 'title', 'status'] as const;

async function tasksOfOriginal(
  db: Knex,
  arrivalId: number,
  { origin, sent }: { origin: Buffer; sent: string | null },
): Promise<TaskName[]> {
  const rows: (TaskName & { origin_sent: string | null })[] = await db('tasks')
    .join('arrivals', 'arrivals.id', 'tasks.arrival_id')
    .where({ origin_hash: origin })
    .where('tasks.arrival_id', '<', arrivalId)
    .whereNot('tasks.rule_id', REPORT)
    .orderBy('tasks.id')
    .select(...NAME, 'origin_sent');
  return rows.filter((row) => isSameSending(row.origin_sent, sent));
}

export const originSent = ({ anatomy, message }: Reading) => anatomy.sentAt ?? message.sentAt;

/** What is the same of a message however it came. */
export const originHash = (reading: Reading) => hashOf(originKey(reading));
/** What two deliveries of one message have in common, though their bytes differ. */
export const deliveryHash = (reading: Reading) => hashOf(deliveryKey(reading));

const hashOf = (key: string | null) =>
  key === null ? null : createHash('sha256').update(key).digest().subarray(0, 16);

interface TaskName {
  id: number;
  title: string;
  status: string;
}

const known = ({ id, title, status }: TaskName): KnownTask => ({
  key: String(id),
  title,
  open: !DONE.some((done) => done === status),
});

/** Keeps by which reference numbers a task is found. */
export async function saveReferences(
  trx: Knex.Transaction,
  taskId: number,
  fields: Pick<TaskFields, 'title' | 'fields'>,
): Promise<void> {
  await trx('task_references').where({ task_id: taskId }).delete();
  const rows = referencesOf(fields).map((reference) => ({ task_id: taskId, reference }));
  if (rows.length > 0) await trx('task_references').insert(rows);
}
