import type { Policy } from '@hatband/core/intake';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { placeAt } from '../tasks/place.ts';
import { record } from '../store/index.ts';

/** What stands for the rule of a task that tells of a failure. */
export const REPORT = 'report';

interface Report {
  arrivalId: number;
  title: string;
  /** The project of the way in that the message came by. */
  projectId: string | null;
  to: Policy['reportTo'];
  at: string;
}

/** A task that tells the user of a message that did not come to its end; one an arrival. */
export async function reportFailure(
  trx: Knex.Transaction,
  { arrivalId, title, projectId, to, at }: Report,
): Promise<void> {
  const [row] = await trx('tasks')
    .insert({
      arrival_id: arrivalId,
      rule_id: REPORT,
      item_key: 'message',
      title: title.slice(0, 200),
      project_id: to === 'inbox' ? null : projectId,
      status: 'needs action',
      evidence: '{}',
      place: await placeAt(trx, 'bottom'),
      created_at: at,
    })
    .onConflict(['arrival_id', 'rule_id', 'item_key'])
    .ignore()
    .returning('id');
  if (!row) return;
  await trx('task_changes').insert({
    task_id: row.id,
    field: 'title',
    old: null,
    new: title.slice(0, 200),
    actor: 'rule',
    run: randomUUID(),
    at,
  });
  await record(trx, [{ kind: 'task', ref: String(row.id) }]);
}

/** Once a failure is settled, so is the task that tells of it. */
export async function settleReport(trx: Knex.Transaction, arrivalId: number, at: string): Promise<void> {
  const row = await trx('tasks')
    .where({ arrival_id: arrivalId, rule_id: REPORT, status: 'needs action' })
    .first('id', 'revision');
  if (!row) return;
  await trx('tasks')
    .where({ id: row.id })
    .update({ status: 'completed', revision: row.revision + 1 });
  await trx('task_changes').insert({
    task_id: row.id,
    field: 'status',
    old: 'needs action',
    new: 'completed',
    actor: 'rule',
    run: randomUUID(),
    at,
  });
  await record(trx, [{ kind: 'task', ref: String(row.id) }]);
}
