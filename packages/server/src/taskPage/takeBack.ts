import type { Act } from '@hatband/contract';
import { ownNameOf, valueKept } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { listProjects } from '../named/projects.ts';
import type { Store, TaskRow } from '../store/index.ts';
import { nameOfField, type ChangedField, type RawValue } from '../tasks/columns.ts';
import { changedField } from './history.ts';
import { keptValue, writeValues } from '../tasks/writeValues.ts';
import { keepAct } from '../acts/acts.ts';

/** Gives a field the value back that it had before one change. Throws where something else changed it since. */
export const takeBack = (store: Store, changeId: number, clock: Clock): Promise<Act> =>
  store.write(async (trx) => {
    const change = await trx('task_changes').where({ id: changeId }).first();
    const task = await trx('tasks')
      .where({ id: change?.task_id ?? 0 })
      .first();
    if (!change || !task) throw missing('change');
    const field = changedField(change.field);
    if (keptValue(task, field) !== change.new)
      throw new Failure('conflict', 'This was changed again since; take the newer change back first.');
    const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    const before = await rawOf(trx, task, field, change.old);
    const steps = await writeValues(trx, task.id, () => [[field, before]], by);
    const label = `Took back a change of ${nameOfField(field)}: “${task.title}”`;
    return keepAct(trx, { id: by.run, at: by.at, label, steps });
  });

/** A value as its row holds it, from how histories keep it. */
async function rawOf(
  trx: Knex.Transaction,
  { project_id }: TaskRow,
  field: ChangedField,
  kept: string | null,
): Promise<RawValue> {
  const own = ownNameOf(field);
  if (own === null) return kept ?? EMPTY[field] ?? null;
  if (kept === null) return null;
  const project = (await listProjects(trx)).find(({ id }) => id === project_id);
  const kind = project?.fields.find(({ name }) => name === own)?.kind;
  return JSON.stringify(valueKept(kept, kind ?? 'text') ?? kept);
}

/** What columns hold that are never null. */
const EMPTY: Partial<Record<ChangedField, RawValue>> = {
  tags: '[]',
  reminders: '[]',
  checklist: '[]',
  notes: '',
};
