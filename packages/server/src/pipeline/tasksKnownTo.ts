import type { Reading } from '@hatband/core/reading';
import { idsOf, knownTasks, referencesIn, type KnownTask, type KnownTasks } from '@hatband/core/rules';
import { isDone, type Status } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { aliveId } from '../tasks/origins.ts';

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
  /** The arrival of the same original by another way. */
  sameArrival: number | null;
}

/** The tasks that a message may speak of: those of messages that came before it, and that of its address. */
export async function tasksKnownTo(
  db: Knex,
  { arrivalId, threadId, taskId, sameArrival }: Asked,
  reading: Reading,
): Promise<KnownTasks> {
  const thread = (await survivors(db)
    .join('arrivals', 'arrivals.id', 'tasks.arrival_id')
    .where({ thread_id: threadId })
    .where('tasks.arrival_id', '<', arrivalId)) as TaskName[];
  const references = referencesIn(reading);
  const named = references.length === 0 ? [] : await namedBy(db, references, arrivalId);
  const own = taskId === null ? [] : ((await survivors(db).where('tasks.id', taskId)) as TaskName[]);
  const again =
    sameArrival === null ? [] : ((await survivors(db).where('tasks.arrival_id', sameArrival)) as TaskName[]);
  return knownTasks({
    thread: thread.map(known),
    named: named.map((task) => ({ reference: task.reference, task: known(task) })),
    ofAddress: own[0] ? known(own[0]) : null,
    ofOriginal: again.map(known),
  });
}

const namedBy = (
  db: Knex,
  references: readonly string[],
  arrivalId: number,
): Promise<(TaskName & { reference: string })[]> =>
  survivors(db)
    .join('task_references', 'tasks.id', 'task_references.task_id')
    .whereIn('reference', references)
    .where('tasks.arrival_id', '<', arrivalId)
    .select<(TaskName & { reference: string })[]>('reference');

/** Tasks that are there, each with its name; instead of one that was merged into another, that other. */
const survivors = (db: Knex) =>
  db('tasks')
    .join('tasks as alive', (join) =>
      join.on('alive.id', db.raw(aliveId('tasks'))).andOnNull('alive.deleted_at'),
    )
    .orderBy('alive.id')
    .distinct('alive.id', 'alive.title', 'alive.status');

interface TaskName {
  id: number;
  title: string;
  status: Status;
}

const known = ({ id, title, status }: TaskName): KnownTask => ({
  key: String(id),
  title,
  open: !isDone(status),
});
