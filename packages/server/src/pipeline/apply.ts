import type { Reading } from '@hatband/core/reading';
import {
  BUILT_IN,
  evaluate,
  type MadeTask,
  type Outcome,
  type RuleVersion,
  type Target,
} from '@hatband/core/rules';
import type { TaskField } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { record, type Kind } from '../events.ts';
import { deflateJson } from '../store/index.ts';
import type { Claimed } from './queue.ts';

const FIELDS: readonly TaskField[] = ['title', 'due', 'priority', 'project'];

/**
 * One arrival: its outcome by the rules, its tasks and its ledger entry, in the given transaction. Does nothing where
 * the arrival is not ready any more, so that no arrival is applied twice.
 */
export async function applyOutcome(
  trx: Knex.Transaction,
  arrival: Claimed,
  reading: Reading,
  rules: readonly RuleVersion[],
  at: string,
): Promise<void> {
  const outcome = evaluate({ reading, target: targetOf(arrival) }, rules);
  const { message, anatomy } = reading;
  const changed = await trx('arrivals')
    .where({ id: arrival.id, state: 'ready' })
    .update({
      state: 'applied',
      subject: message.subject,
      from_name: message.from?.name ?? '',
      from_address: message.from?.address ?? '',
      asks_name: anatomy.who?.name ?? '',
      asks_address: anatomy.who?.address ?? '',
      outcome_kind: outcome.kind,
      outcome_reason: outcome.reason,
      rule_id: outcome.ruleId,
      trace: deflateJson(outcome.trace),
    });
  if (changed === 0) return;
  const tasks = await insertTasks(trx, arrival.id, outcome, at);
  const events: { kind: Kind; ref: string }[] = tasks.map((id) => ({ kind: 'task', ref: String(id) }));
  await record(trx, [{ kind: 'arrival', ref: String(arrival.id) }, ...events]);
}

export function targetOf(row: { target_kind: 'inbox' | 'project'; project_id: string | null }): Target {
  return row.project_id === null ? { kind: 'inbox' } : { kind: 'project', id: row.project_id };
}

/** Gives up on an arrival; its bytes stay. */
export async function applyFailure(trx: Knex.Transaction, arrivalId: number, reason: string): Promise<void> {
  await trx('arrivals')
    .where({ id: arrivalId })
    .update({ state: 'failed', outcome_kind: 'failed', outcome_reason: reason });
  await record(trx, [{ kind: 'arrival', ref: String(arrivalId) }]);
}

async function insertTasks(
  trx: Knex.Transaction,
  arrivalId: number,
  outcome: Outcome,
  at: string,
): Promise<number[]> {
  const run = randomUUID();
  const ids: number[] = [];
  for (const task of outcome.tasks)
    ids.push(await insertTask(trx, { arrivalId, ruleId: outcome.ruleId ?? BUILT_IN, task, run, at }));
  return ids;
}

interface NewTask {
  arrivalId: number;
  ruleId: string;
  task: MadeTask;
  run: string;
  at: string;
}

async function insertTask(
  trx: Knex.Transaction,
  { arrivalId, ruleId, task, run, at }: NewTask,
): Promise<number> {
  const project = await existing(trx, task.fields.project);
  const { fields, evidence, itemKey } = task;
  const [row] = await trx('tasks')
    .insert({
      arrival_id: arrivalId,
      rule_id: ruleId,
      item_key: itemKey,
      title: fields.title,
      due: fields.due,
      priority: fields.priority,
      project_id: project,
      status: 'needs action',
      evidence: JSON.stringify(evidence),
      created_at: at,
    })
    .returning('id');
  const id = row?.id ?? 0;
  const filled = FIELDS.filter((field) => fields[field] !== null);
  const changes = filled.map((field) => ({
    task_id: id,
    field,
    old: null,
    new: fields[field],
    actor: 'rule' as const,
    run,
    at,
  }));
  await trx('task_changes').insert(changes);
  return id;
}

/** A rule may name a project that is gone. */
async function existing(trx: Knex.Transaction, project: string | null): Promise<string | null> {
  if (project === null) return null;
  return (await trx('projects').where({ id: project }).first()) ? project : null;
}
