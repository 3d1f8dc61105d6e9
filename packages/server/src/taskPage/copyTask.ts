import { FieldEvidence } from '@hatband/core/rules';
import { ChecklistLine } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { parseJson, record, type Store, type TaskRow } from '../store/index.ts';
import { fieldsOf } from '../tasks/columns.ts';
import { COPY } from '../tasks/origins.ts';
import { placeAt } from '../tasks/place.ts';
import { saveReferences } from '../tasks/references.ts';
import { writeValues, type By, type Step } from '../tasks/writeValues.ts';
import { keepAct } from '../acts/acts.ts';
import { requireRevision } from '../acts/changeTasks.ts';

interface Seen {
  id: number;
  revision: number;
}

/** Another task like this one; its number. */
export const duplicateTask = (store: Store, seen: Seen, clock: Clock): Promise<number> =>
  store.write(async (trx) => {
    const row = await requireRevision(trx, seen);
    const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    const { id, step } = await copy(trx, row, {}, by);
    await keepAct(trx, { id: by.run, at: by.at, label: `Duplicated “${row.title}”`, steps: [step] });
    return id;
  });

/** A task of its own with that title, of the same message and project; a line of the checklist goes. Its number. */
export const splitTask = (
  store: Store,
  seen: Seen,
  { title, line }: { title: string; line: number | null },
  clock: Clock,
): Promise<number> =>
  store.write(async (trx) => {
    const row = await requireRevision(trx, seen);
    const checklist = parseJson(z.array(ChecklistLine), row.checklist);
    if (line !== null && !checklist[line]) throw missing('line of the checklist');
    const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    const { id, step } = await copy(trx, row, { ...NOTHING_OWN, title }, by);
    const left = checklist.filter((_, i) => i !== line);
    const taken = await writeValues(trx, row.id, () => [['checklist', JSON.stringify(left)]], by);
    const label = `Split “${title}” off “${row.title}”`;
    await keepAct(trx, { id: by.run, at: by.at, label, steps: [step, ...taken] });
    return id;
  });

/** What a part of a task does not take along. */
const NOTHING_OWN = { notes: '', checklist: '[]', effort: null, reminders: '[]' } as const;

/** The copy, and the step that takes it back into the bin: as if it had been deleted before it was made. */
async function copy(
  trx: Knex.Transaction,
  row: TaskRow,
  own: Partial<TaskRow>,
  by: By,
): Promise<{ id: number; step: Step }> {
  const { id: _, ...columns } = row;
  if (row.deleted_at !== null)
    throw new Failure('conflict', 'This task lies in the bin; bring it back first.');
  const evidence = Object.entries(parseJson(FieldEvidence, row.evidence)).filter(
    ([field]) => own.title === undefined || (field !== 'title' && !(field in own)),
  );
  const [made] = await trx('tasks')
    .insert({
      ...columns,
      ...own,
      item_key: `${COPY}${by.run}`,
      evidence: JSON.stringify(Object.fromEntries(evidence)),
      status: 'needs action',
      completed_at: null,
      waiting_for: null,
      waiting_until: null,
      place: await placeAt(trx, 'bottom'),
      revision: 1,
      created_at: by.at,
      changed_at: by.at,
    })
    .returning('*');
  if (!made) throw new Error('The copy of a task was not made.');
  await saveReferences(trx, made.id, fieldsOf(made));
  const step = { task: made.id, field: 'deleted' as const, before: by.at, after: null };
  await trx('task_changes').insert({ task_id: made.id, field: 'deleted', old: by.at, new: null, ...by });
  await record(trx, [
    { kind: 'task', ref: String(made.id) },
    { kind: 'arrival', ref: String(made.arrival_id) },
  ]);
  return { id: made.id, step };
}
