import { localTime, type Reading } from '@hatband/core/reading';
import {
  compileRule,
  Delivery,
  evaluate,
  evaluateOne,
  Outcome,
  type CompiledRules,
  type Incoming,
  type Made,
  type RuleVersion,
  type Target,
} from '@hatband/core/rules';
import { Person, Project } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { record, type Kind } from '../events.ts';
import { addChoice, findProject, insertProject } from '../named/projects.ts';
import { findNamed, insertNamed } from '../named/registers.ts';
import { deflateJson, parseJson, type ArrivalRow } from '../store/index.ts';
import { insertTasks } from './insertTask.ts';
import { knownTasks, threadOf } from './knownTasks.ts';

/** An arrival as rules see it: its row, with the address that it came by. */
export type Arrived = Pick<ArrivalRow, 'id' | 'received_at' | 'source' | 'plus_word'> & AddressOf;

interface AddressOf {
  target_kind: 'inbox' | 'project';
  project_name: string | null;
  local_part: string;
}

export interface Applying {
  rules: CompiledRules;
  domain: string;
  clock: Clock;
}

/**
 * One arrival: its outcome by the rules, its tasks and its ledger entry, in the given transaction. Does nothing where
 * the arrival is not ready any more, so that no arrival is applied twice.
 */
export async function applyOutcome(
  trx: Knex.Transaction,
  arrival: Arrived,
  reading: Reading,
  { rules, domain, clock }: Applying,
): Promise<void> {
  const threadId = await threadOf(trx, arrival.id, reading);
  const incoming: Incoming = {
    reading,
    delivery: deliveryOf(arrival, domain, rules.context.zone),
    tasks: await knownTasks(trx, arrival.id, threadId, reading),
  };
  const outcome = evaluate(rules, incoming, { lastRule: true });
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
      thread_id: threadId,
      ...ledgerEntry(outcome),
    });
  if (changed === 0) return;
  await saveOutcome(trx, arrival, outcome, clock);
}

export function deliveryOf(row: Arrived, domain: string, zone: string): Delivery {
  return Delivery.parse({
    source: row.source,
    target: targetOf(row),
    address: `${row.local_part}@${domain}`,
    plusWord: row.plus_word,
    at: localTime(row.received_at, zone),
  });
}

const targetOf = ({ project_name }: AddressOf): Target =>
  project_name === null ? { kind: 'inbox' } : { kind: 'project', name: project_name };

function ledgerEntry({ kind, reason, rules, held, effects, trace, ruledOut }: Outcome) {
  return {
    outcome_kind: kind,
    outcome_reason: reason,
    rule_id: rules[0]?.ruleId ?? null,
    held: JSON.stringify(held),
    effects: JSON.stringify(effects),
    trace: deflateJson({ reason, trace, ruledOut }),
  };
}

/** What comes of an outcome besides its ledger entry. */
async function saveOutcome(
  trx: Knex.Transaction,
  arrival: Arrived,
  outcome: Outcome,
  clock: Clock,
): Promise<void> {
  const at = clock().toISOString();
  for (const made of outcome.makes) await make(trx, made, clock);
  const tasks = await insertTasks(trx, { arrivalId: arrival.id, tasks: outcome.tasks, at });
  for (const { on, text, evidence } of outcome.comments)
    await trx('comments').insert({
      task_id: Number(on.key),
      arrival_id: arrival.id,
      rule_id: evidence.ruleId,
      version: evidence.version,
      text,
      evidence: JSON.stringify(evidence),
      created_at: at,
    });
  const rules = outcome.rules.map(({ ruleId: rule_id }) => ({
    arrival_id: arrival.id,
    rule_id,
    received_at: arrival.received_at,
  }));
  if (rules.length > 0)
    await trx('arrival_rules').insert(rules).onConflict(['arrival_id', 'rule_id']).ignore();
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

/** A rule that held the arrival, worked once more and no other; what it held for is settled then. */
export async function releaseFor(
  trx: Knex.Transaction,
  arrival: Arrived & Pick<ArrivalRow, 'thread_id' | 'effects'>,
  reading: Reading,
  { rule, held, ...applying }: Applying & { rule: RuleVersion; held: Outcome['held'] },
): Promise<void> {
  const { context } = applying.rules;
  const incoming: Incoming = {
    reading,
    delivery: deliveryOf(arrival, applying.domain, context.zone),
    tasks: await knownTasks(trx, arrival.id, arrival.thread_id ?? arrival.id, reading),
  };
  const outcome = evaluateOne(compileRule(released(rule), context), incoming, context);
  const left = [...held.filter(({ ruleId }) => ruleId !== rule.ruleId), ...outcome.held];
  const has = async (table: 'tasks' | 'comments') =>
    outcome[table].length > 0 || (await trx(table).where({ arrival_id: arrival.id }).first()) !== undefined;
  const kind =
    left.length > 0
      ? 'held'
      : (await has('tasks'))
        ? 'tasks'
        : (await has('comments'))
          ? 'comment'
          : 'nothing';
  await trx('arrivals')
    .where({ id: arrival.id })
    .update({
      outcome_kind: kind,
      outcome_reason: kind === 'nothing' ? outcome.reason : null,
      held: JSON.stringify(left),
      effects: JSON.stringify([...parseJson(Outcome.shape.effects, arrival.effects), ...outcome.effects]),
    });
  await saveOutcome(trx, arrival, outcome, applying.clock);
}

/** What a rule holds for a person becomes a task once he lets it go. */
function released(rule: RuleVersion): RuleVersion {
  const { definition } = rule;
  return definition.makes.kind === 'hold'
    ? { ...rule, definition: { ...definition, makes: { kind: 'task' } } }
    : rule;
}

/** Gives up on an arrival; its bytes stay. */
export async function applyFailure(trx: Knex.Transaction, arrivalId: number, reason: string): Promise<void> {
  await trx('arrivals')
    .where({ id: arrivalId })
    .update({ state: 'failed', outcome_kind: 'failed', outcome_reason: reason });
  await record(trx, [{ kind: 'arrival', ref: String(arrivalId) }]);
}
