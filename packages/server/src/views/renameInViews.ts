import { renameInFilter, TaskView, type RenamedName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { parseJson, record } from '../store/index.ts';

/** A new name of a person or a tag in the filters of saved views. */
export async function renameInViews(trx: Knex.Transaction, renamed: RenamedName): Promise<void> {
  for (const { id, view: json, revision } of await trx('views')) {
    const view = parseJson(TaskView, json);
    const next = JSON.stringify({ ...view, filter: renameInFilter(view.filter, renamed) });
    if (next === JSON.stringify(view)) continue;
    await trx('views')
      .where({ id })
      .update({ view: next, revision: revision + 1 });
    await record(trx, [{ kind: 'view', ref: id }]);
  }
}
