import type { Knex } from 'knex';
import type { TaskRow } from '../store/index.ts';

/** What copies and parts of a task, which the user made, have in front of their item keys. */
export const COPY = 'copy:';

/** The id of a task, or of that into which it was merged; SQL. */
export const aliveId = (table: string) => `coalesce(${table}.merged_into, ${table}.id)`;

/** A task and those that were merged into it. */
export async function withMerged(db: Knex, id: number): Promise<number[]> {
  const rows = await db('tasks').where({ merged_into: id }).orderBy('id').select('id');
  return [id, ...rows.map((row) => row.id)];
}

/** The tasks that were made of a message and are there; instead of one that was merged into another, that other. */
export async function tasksOfMessage(db: Knex, arrivalId: number): Promise<TaskRow[]> {
  const made = db('tasks')
    .where({ arrival_id: arrivalId })
    .whereNot('item_key', 'like', `${COPY}%`)
    .select(db.raw(aliveId('tasks')));
  return db('tasks').whereIn('id', made).whereNull('deleted_at').orderBy('id');
}
