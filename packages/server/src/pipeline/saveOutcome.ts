import type { Made, Outcome } from '@hatband/core/rules';
import { Person, Project } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { record, type Kind } from '../events.ts';
import { addChoice, findProject, insertProject } from '../named/projects.ts';
import { findNamed, insertNamed } from '../named/registers.ts';
import type { Arrived } from './arrived.ts';
import { insertComment } from './insertComment.ts';
import { insertTasks } from './insertTask.ts';

/** What comes of an outcome besides its ledger entry: tasks, comments, what they name, what its mailbox is to do. */
export async function saveOutcome(
  trx: Knex.Transaction,
  arrival: Arrived,
  outcome: Outcome,
  clock: Clock,
): Promise<void> {
  const at = clock().toISOString();
  for (const made of outcome.makes) await make(trx, made, clock);
  const tasks = await insertTasks(trx, { arrivalId: arrival.id, tasks: outcome.tasks, at });
  for (const comment of outcome.comments) await insertComment(trx, arrival.id, comment, at);
  const rules = outcome.rules.map(({ ruleId: rule_id }) => ({
    arrival_id: arrival.id,
    rule_id,
    received_at: arrival.received_at,
  }));
  if (rules.length > 0)
    await trx('arrival_rules').insert(rules).onConflict(['arrival_id', 'rule_id']).ignore();
  await queueEffects(trx, arrival, outcome, at);
  const touched = [...tasks.map(String), ...outcome.comments.map(({ on }) => on.key)];
  const events: { kind: Kind; ref: string }[] = touched.map((ref) => ({ kind: 'task', ref }));
  await record(trx, [{ kind: 'arrival', ref: String(arrival.id) }, ...events]);
}

/** What a rule makes that is not there yet. */
async function make(trx: Knex.Transaction, made: Made, clock: Clock): Promise<void> {
  if (made.what === 'choice') await addChoice(trx, made.field, made.name);
  else if (made.what === 'person') {
    if (!(await findNamed(trx, 'people', made.name)))
      await insertNamed(trx, 'people', Person.parse({ name: made.name }));
  } else if (!(await findProject(trx, made.name)))
    await insertProject(trx, Project.parse({ name: made.name, description: made.description }), clock);
}

/** What is to be done to the message in its mailbox. */
async function queueEffects(
  trx: Knex.Transaction,
  arrival: Arrived,
  { effects }: Outcome,
  at: string,
): Promise<void> {
  const due = effects.map(({ effect }) => effect).filter(({ kind }) => kind !== 'send');
  if (arrival.mailbox_id === null || due.length === 0) return;
  await trx('outbox').insert({
    idempotency_key: randomUUID(),
    kind: 'mailbox',
    arrival_id: arrival.id,
    payload: JSON.stringify(due),
    next_attempt_at: at,
  });
}
