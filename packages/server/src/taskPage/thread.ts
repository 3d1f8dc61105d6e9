import type { TaskThread } from '@hatband/contract';
import type { Knex } from 'knex';
import { missing } from '../errors.ts';
import { withMerged } from '../tasks/origins.ts';

const MOST = 100;

/** What belongs together with a task: its mail, that of its thread and of its comments, and the tasks of all that. */
export async function threadOfTask(db: Knex, id: number): Promise<TaskThread> {
  const own = await withMerged(db, id);
  const sources = (await db('tasks').whereIn('id', own).select('arrival_id')).map((row) => row.arrival_id);
  if (sources.length === 0) throw missing('task');
  const spoken = await db('comments').whereIn('task_id', own).whereNotNull('arrival_id').select('arrival_id');
  const threads = await db('arrivals').whereIn('id', sources).whereNotNull('thread_id').select('thread_id');
  const messages = await db('arrivals')
    .whereNull('same_as')
    .where((either) =>
      either.whereIn('id', [...sources, ...spoken.flatMap((row) => row.arrival_id ?? [])]).orWhereIn(
        'thread_id',
        threads.flatMap((row) => row.thread_id ?? []),
      ),
    )
    .orderBy('id')
    .limit(MOST)
    .select('id', 'subject', 'received_at', 'asks_name', 'asks_address');
  const tasks = await db('tasks')
    .whereIn(
      'arrival_id',
      messages.map((row) => row.id),
    )
    .whereNotIn('id', own)
    .whereNull('deleted_at')
    .orderBy('id')
    .limit(MOST)
    .select('id', 'title', 'status', 'due');
  return {
    messages: messages.map((row) => ({
      arrivalId: row.id,
      subject: row.subject,
      from: row.asks_name || row.asks_address,
      at: row.received_at,
      isSource: sources.includes(row.id),
    })),
    tasks,
  };
}
