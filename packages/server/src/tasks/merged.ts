import type { Knex } from 'knex';

/** A task and those that were merged into it. */
export async function withMerged(db: Knex, id: number): Promise<number[]> {
  const rows = await db('tasks').where({ merged_into: id }).orderBy('id').select('id');
  return [id, ...rows.map((row) => row.id)];
}
