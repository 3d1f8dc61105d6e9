import type { RenamedName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { parseJson } from '../store/index.ts';
import { renamedValue } from '../tasks/renameInTasks.ts';
import { Steps } from './acts.ts';

/** A new name of a person or a tag in what can be taken back, so that the old one does not come back by it. */
export async function renameInActs(trx: Knex.Transaction, renamed: RenamedName): Promise<void> {
  const value = (raw: string | number | null) => (typeof raw === 'string' ? renamedValue(raw, renamed) : raw);
  for (const { id, steps } of await trx('acts').select('id', 'steps')) {
    const changed = parseJson(Steps, steps).map((step) =>
      step.field === renamed.field ? { ...step, before: value(step.before), after: value(step.after) } : step,
    );
    await trx('acts')
      .where({ id })
      .update({ steps: JSON.stringify(changed) });
  }
}
