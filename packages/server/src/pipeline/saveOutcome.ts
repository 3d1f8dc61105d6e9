import type { Made, Outcome } from '@hatband/core/rules';
import { Person, Project } from '@hatband/core/tasks';
import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { addChoice, findProject, insertProject } from '../named/projects.ts';
import { findNamed, insertNamed } from '../named/registers.ts';
import type { Arrived } from '../arrivals/arrived.ts';
import { insertComment } from './insertComment.ts';
import { insertTasks } from './insertTask.ts';
import { record } from '../store/index.ts';

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
  await record(
    trx,
    touched.map((ref) => ({ kind: 'task', ref })),
  );
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

/** What is to be done to the message in its mailbox, once for each rule and what it does. */
async function queueEffects(
  trx: Knex.Transaction,
  arrival: Arrived,
  { effects }: Outcome,
  at: string,
): Promise<void> {
  if (arrival.mailbox_id === null) return;
  const due = effects.filter(({ effect }) => effect.kind !== 'send');
  const ruleOf = ({ ruleId, version }: Outcome['effects'][number]) => `${ruleId} ${version}`;
  for (const rule of new Set(due.map(ruleOf))) {
    const own = due.filter((each) => ruleOf(each) === rule);
    const payload = JSON.stringify(own.map(({ effect }) => effect));
    const idempotency_key = `${arrival.id} ${rule} ${createHash('sha256').update(payload).digest('hex')}`;
    await trx('outbox')
      .insert({ idempotency_key, kind: 'mailbox', arrival_id: arrival.id, payload, next_attempt_at: at })
      .onConflict('idempotency_key')
      .ignore();
  }
}
