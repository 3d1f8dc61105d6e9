import { referencesOf } from '@hatband/core/rules';
import type { TaskFields } from '@hatband/core/tasks';
import type { Knex } from 'knex';

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
