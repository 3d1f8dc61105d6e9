import type { Knex } from 'knex';

/** Above all other tasks in the order by hand, or below; no two stand at one place. */
export async function placeAt(trx: Knex.Transaction, end: 'top' | 'bottom'): Promise<number> {
  const row = await trx('tasks')
    .orderBy('place', end === 'top' ? 'asc' : 'desc')
    .first('place');
  return (row?.place ?? 0) + (end === 'top' ? -1 : 1);
}
