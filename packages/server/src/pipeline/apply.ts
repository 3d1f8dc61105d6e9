import { deliveryKey } from '@hatband/core/intake';
import type { Reading } from '@hatband/core/reading';
import {
  compileRule,
  evaluate,
  evaluateOne,
  Outcome,
  type CompiledRules,
  type Held,
  type RuleVersion,
} from '@hatband/core/rules';
import type { Knex } from 'knex';
import * as arrivals from '../arrivals/transitions.ts';
import type { Clock } from '../clock.ts';
import { shortened } from '../lengths.ts';
import type { ArrivalRow } from '../store/index.ts';
import { indexMessage } from '../search/indexMessage.ts';
import { endWaiting } from './endWaiting.ts';
import type { Arrived } from '../arrivals/arrived.ts';
import { incomingOf } from './incomingOf.ts';
import { threadOf } from './tasksKnownTo.ts';
import { findOriginals, hashOf, originColumns, type Originals } from './originals.ts';
import { policyOf } from './policyOf.ts';
import { reportFailure, settleReport } from './reportTask.ts';
import { saveOutcome } from './saveOutcome.ts';

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
  applying: Applying,
): Promise<void> {
  const threadId = await threadOf(trx, arrival.id, reading);
  const { message, anatomy } = reading;
  const { context } = applying.rules;
  const delivery_hash = hashOf(deliveryKey(reading));
  const isMine = await arrivals.beginApplying(trx, arrival.id, {
    subject: shortened(message.subject, 'subject'),
    from_name: shortened(message.from?.name ?? '', 'name'),
    from_address: shortened(message.from?.address ?? '', 'address'),
    asks_name: shortened(anatomy.who?.name ?? '', 'name'),
    asks_address: shortened(anatomy.who?.address ?? '', 'address'),
    thread_id: threadId,
    delivery_hash,
    attachment_names: JSON.stringify(message.attachments.map(({ name }) => name)),
    ...originColumns(arrival, reading, context.me),
  });
  if (!isMine) return;
  if (await joinSameDelivery(trx, arrival, delivery_hash)) return;
  await indexMessage(trx, arrival.id, reading);
  if (arrival.gate !== null) {
    await holdAtDoor(trx, arrival, message.subject, applying.clock);
    return;
  }
  if (arrival.occasion === 'hand') {
    await arrivals.waitForHand(trx, arrival.id);
    return;
  }
  const originals = await findOriginals(trx, arrival, reading, context.me);
  const around = { threadId, domain: applying.domain, zone: context.zone, sameArrival: originals.same };
  const incoming = await incomingOf(trx, arrival, reading, around);
  const outcome = evaluate(applying.rules, incoming, { lastRule: true });
  await keepOutcome(trx, arrival, { reading, outcome, originals }, applying.clock);
  await endWaiting(trx, {
    threadId,
    who: anatomy.who,
    taskIds: outcome.comments.map(({ on }) => Number(on.key)),
    at: applying.clock().toISOString(),
  });
}

/**
 * Some ways change the bytes of a message. The same Message-ID, sender and words at the same address are one arrival,
 * which counts its deliveries; the bytes of this one stay.
 */
async function joinSameDelivery(
  trx: Knex.Transaction,
  { id, address_id, occasion, trigger }: Arrived,
  delivery_hash: Buffer | null,
): Promise<boolean> {
  if (delivery_hash === null) return false;
  const first = await trx('arrivals')
    .where({ address_id, occasion, trigger, delivery_hash })
    .whereNull('same_as')
    // What was never let in speaks for nothing.
    .whereNull('gate')
    .where('id', '<', id)
    .first('id');
  if (!first) return false;
  await arrivals.joinDelivery(trx, id, first.id);
  return true;
}

/** No rule is asked before the user lets it in. */
async function holdAtDoor(
  trx: Knex.Transaction,
  arrival: Arrived,
  subject: string,
  clock: Clock,
): Promise<void> {
  await arrivals.holdAtDoor(trx, arrival.id);
  const { failures } = policyOf(arrival);
  if (arrival.gate !== null && failures[arrival.gate] === 'report')
    await report(trx, arrival, `Held at the door: ${subject}`, clock);
}

export const report = (trx: Knex.Transaction, arrival: Arrived, title: string, clock: Clock) =>
  reportFailure(trx, {
    arrivalId: arrival.id,
    title,
    projectId: arrival.project_id,
    to: policyOf(arrival).reportTo,
    at: clock().toISOString(),
  });

interface Settled {
  reading: Reading;
  outcome: Outcome;
  originals: Originals;
}

/** The ledger entry, and all that comes of the outcome. */
async function keepOutcome(
  trx: Knex.Transaction,
  arrival: Arrived,
  { reading, outcome: given, originals }: Settled,
  clock: Clock,
): Promise<void> {
  const remedy = policyOf(arrival).failures['rule failed'];
  const outcome = remedy === 'drop' ? withoutFailed(given) : given;
  const failed = outcome.held.filter(({ why }) => why === 'failed');
  await arrivals.keepOutcome(trx, arrival.id, outcome, {
    again_of: outcome.kind === 'again' ? originals.same : outcome.tasks.length > 0 ? originals.alike : null,
    retry_at:
      failed.length > 0 && remedy === 'try again' ? await arrivals.nextTry(trx, arrival.id, clock()) : null,
  });
  await saveOutcome(trx, arrival, outcome, clock);
  if (failed.length > 0 && remedy === 'report')
    await report(trx, arrival, `A rule failed: ${reading.message.subject}`, clock);
}

/** As if the rules that failed had made nothing of it. */
function withoutFailed(outcome: Outcome): Outcome {
  const held = outcome.held.filter(({ why }) => why !== 'failed');
  if (held.length === outcome.held.length) return outcome;
  const kind = held.length > 0 ? 'held' : outcome.tasks.length > 0 ? 'tasks' : 'nothing';
  return { ...outcome, held, kind, reason: kind === 'nothing' ? 'a rule says so' : null };
}

/** One rule worked once more on an arrival that has its outcome already. */
export interface Rework extends Applying {
  rule: RuleVersion;
}

/** An arrival that has its outcome. */
export type Reworked = Arrived & Pick<ArrivalRow, 'thread_id'>;

/** A rule that held the arrival, or that the user starts by hand, worked alone; what it held for is settled then. */
export async function workOne(
  trx: Knex.Transaction,
  arrival: Reworked,
  reading: Reading,
  { rule, ...applying }: Rework,
): Promise<void> {
  const { context } = applying.rules;
  const { clock } = applying;
  const threadId = arrival.thread_id ?? arrival.id;
  // A rule that is worked alone makes its task whatever came before.
  const around = { threadId, domain: applying.domain, zone: context.zone, sameArrival: null };
  const incoming = await incomingOf(trx, arrival, reading, around);
  const outcome = evaluateOne(compileRule(released(rule), context), incoming, context);
  const others = (await arrivals.heldNow(trx, arrival.id)).filter(({ ruleId }) => ruleId !== rule.ruleId);
  const left = [...others, ...outcome.held];
  const isTriedAgain =
    left.some(({ why }) => why === 'failed') && policyOf(arrival).failures['rule failed'] === 'try again';
  await arrivals.addOutcome(trx, arrival.id, outcome, {
    ...(await kindOf(trx, arrival.id, outcome, left)),
    ruleId: rule.ruleId,
    held: JSON.stringify(left),
    retry_at: isTriedAgain ? await arrivals.nextTry(trx, arrival.id, clock()) : null,
  });
  await saveOutcome(trx, arrival, outcome, clock);
  if (left.length === 0) await settleReport(trx, arrival.id, clock().toISOString());
}

async function kindOf(trx: Knex.Transaction, arrivalId: number, outcome: Outcome, left: readonly Held[]) {
  const has = async (table: 'tasks' | 'comments') =>
    outcome[table].length > 0 || (await trx(table).where({ arrival_id: arrivalId }).first()) !== undefined;
  if (left.length > 0) return { outcome_kind: 'held' as const, outcome_reason: null };
  if (await has('tasks')) return { outcome_kind: 'tasks' as const, outcome_reason: null };
  if (await has('comments')) return { outcome_kind: 'comment' as const, outcome_reason: null };
  return { outcome_kind: 'nothing' as const, outcome_reason: outcome.reason };
}

/** What a rule holds for a person becomes a task once he lets it go. */
function released(rule: RuleVersion): RuleVersion {
  const { definition } = rule;
  return definition.makes.kind === 'hold'
    ? { ...rule, definition: { ...definition, makes: { kind: 'task' } } }
    : rule;
}

/** Gives up on a message that cannot be read, as its way in says; its bytes stay, but for what is dropped. */
export async function applyFailure(
  trx: Knex.Transaction,
  arrival: Arrived,
  reason: string,
  clock: Clock,
): Promise<void> {
  const remedy = policyOf(arrival).failures.unreadable;
  await arrivals.fail(trx, arrival.id, {
    dropped: remedy === 'drop',
    reason,
    retry_at: remedy === 'try again' ? await arrivals.nextTry(trx, arrival.id, clock()) : null,
  });
  if (remedy === 'drop') await dropBytes(trx, arrival);
  if (remedy === 'report') await report(trx, arrival, 'A message could not be read', clock);
}

/** The same bytes may have come by another way too. */
async function dropBytes(trx: Knex.Transaction, { id, message_id }: Arrived): Promise<void> {
  const other = await trx('arrivals').where({ message_id }).whereNot({ id }).first('id');
  if (!other) await trx('message_chunks').where({ message_id }).delete();
}
