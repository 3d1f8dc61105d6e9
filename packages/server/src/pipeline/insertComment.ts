import type { MadeComment } from '@hatband/core/rules';
import type { Knex } from 'knex';

/** A message's words on a task, and the changes of it that they propose. */
export async function insertComment(
  trx: Knex.Transaction,
  arrivalId: number,
  { on, text, evidence, proposes }: MadeComment,
  at: string,
): Promise<void> {
  const taskId = Number(on.key);
  await trx('comments').insert({
    task_id: taskId,
    arrival_id: arrivalId,
    rule_id: evidence.ruleId,
    version: evidence.version,
    text,
    evidence: JSON.stringify(evidence),
    created_at: at,
  });
  const task = await trx('tasks').where({ id: taskId }).first('due', 'status');
  const rows = proposes
    .filter(({ field, value }) => task?.[field] !== value)
    .map(({ field, value, spans }) => ({
      task_id: taskId,
      arrival_id: arrivalId,
      field,
      value,
      spans: JSON.stringify(spans),
      made_at: at,
    }));
  if (rows.length === 0) return;
  // The newest word on a field stands.
  await trx('proposals')
    .where({ task_id: taskId, state: 'open' })
    .whereIn(
      'field',
      rows.map(({ field }) => field),
    )
    .update({ state: 'declined' });
  await trx('proposals').insert(rows);
}
