import { Held, type Outcome } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { z } from 'zod';
import { Failure } from '../errors.ts';
import { deflateJson, parseJson, record, type ArrivalRow } from '../store/index.ts';

/**
 * All that can happen to an arrival once it is stored: stored → ready → applied, or failed, and what the user settles
 * afterwards. Each checks in its transaction that the arrival is as it has to be for it. Nothing else writes to one, but for
 * a further delivery of the same bytes, which `intake/deposit.ts` counts.
 */

const told = (trx: Knex.Transaction, id: number) => record(trx, [{ kind: 'arrival', ref: String(id) }]);

/** An attempt at reading, counted before it begins; −1 where it was not begun after all. */
export const countAttempts = (trx: Knex.Transaction, ids: readonly number[], by: 1 | -1) =>
  trx('arrivals').whereIn('id', ids).increment('attempts', by);

/** It was read: rules may be asked. */
export const becomeReady = (trx: Knex.Transaction, id: number, reading_id: number | null) =>
  trx('arrivals').where({ id, state: 'stored' }).update({ state: 'ready', reading_id });

/** What is known of an arrival from its reading. */
export type Heading = Pick<
  ArrivalRow,
  | 'subject'
  | 'from_name'
  | 'from_address'
  | 'asks_name'
  | 'asks_address'
  | 'thread_id'
  | 'delivery_hash'
  | 'attachment_names'
> &
  Partial<Pick<ArrivalRow, 'origin_hash' | 'origin_exact' | 'origin_id' | 'origin_sent'>>;

/** Its outcome is worked out in this transaction; false where it is not ready any more, so that none is applied twice. */
export async function beginApplying(trx: Knex.Transaction, id: number, heading: Heading): Promise<boolean> {
  const changed = await trx('arrivals')
    .where({ id, state: 'ready' })
    .update({ state: 'applied', ...heading });
  return changed > 0;
}

/** It is the same delivery as an earlier one, which counts it and speaks for it. */
export async function joinDelivery(trx: Knex.Transaction, id: number, first: number): Promise<void> {
  await trx('arrivals').where({ id }).update({ same_as: first, outcome_kind: 'nothing' });
  await trx('arrivals').where({ id: first }).increment('deliveries');
  await told(trx, first);
}

/** The user chooses what is made of it. */
export async function waitForHand(trx: Knex.Transaction, id: number): Promise<void> {
  await trx('arrivals')
    .where({ id })
    .update({ outcome_kind: 'nothing', outcome_reason: 'to be started by hand' });
  await told(trx, id);
}

/** No rule is asked before the user lets it in. */
export async function holdAtDoor(trx: Knex.Transaction, id: number): Promise<void> {
  await trx('arrivals').where({ id }).update({ outcome_kind: 'held' });
  await told(trx, id);
}

/** What the rules made of it. */
export async function keepOutcome(
  trx: Knex.Transaction,
  id: number,
  { kind, reason, rules, held, effects, remarks, trace, ruledOut }: Outcome,
  more: Pick<ArrivalRow, 'again_of' | 'retry_at'>,
): Promise<void> {
  await trx('arrivals')
    .where({ id })
    .update({
      outcome_kind: kind,
      outcome_reason: reason,
      rule_id: rules[0]?.ruleId ?? null,
      held: JSON.stringify(held),
      effects: JSON.stringify(effects),
      remarks: JSON.stringify(remarks),
      trace: deflateJson({ reason, trace, ruledOut }),
      ...more,
    });
  await told(trx, id);
}

/** What one rule that was worked alone adds to it, and what it is held for besides. */
export async function addOutcome(
  trx: Knex.Transaction,
  id: number,
  { effects, remarks }: Pick<Outcome, 'effects' | 'remarks'>,
  after: Pick<ArrivalRow, 'outcome_kind' | 'outcome_reason' | 'held' | 'retry_at'> & { ruleId: string },
): Promise<void> {
  const row = await trx('arrivals').where({ id }).first('effects', 'remarks');
  const { ruleId, ...columns } = after;
  await trx('arrivals')
    .where({ id })
    .update({
      ...columns,
      rule_id: trx.raw('coalesce(rule_id, ?)', [ruleId]),
      effects: added(row?.effects, effects),
      remarks: added(row?.remarks, remarks),
    });
  await told(trx, id);
}

const added = (json: string | undefined, more: readonly unknown[]) =>
  JSON.stringify([...(JSON.parse(json ?? '[]') as unknown[]), ...more]);

/** It cannot be read, or no rule can be applied to it. */
export async function fail(
  trx: Knex.Transaction,
  id: number,
  { dropped, reason, retry_at }: { dropped: boolean; reason: string; retry_at: string | null },
): Promise<void> {
  await trx('arrivals')
    .where({ id })
    .update({
      state: 'failed',
      outcome_kind: dropped ? 'nothing' : 'failed',
      outcome_reason: reason,
      retry_at,
    });
  await told(trx, id);
}

const HOUR_MS = 60 * 60_000;
/** After so many tries it waits for the user. */
const MOST_RETRIES = 5;

/** When a failure is tried again, twice as long after each try; null: not any more. Counts the try. */
export async function nextTry(trx: Knex.Transaction, id: number, now: Date): Promise<string | null> {
  const retries = (await trx('arrivals').where({ id }).first('retries'))?.retries ?? 0;
  if (retries >= MOST_RETRIES) return null;
  await trx('arrivals').where({ id }).increment('retries');
  return new Date(now.getTime() + 2 ** retries * HOUR_MS).toISOString();
}

/** What was due to be tried again is being tried. */
export const beginRetry = (trx: Knex.Transaction, id: number) =>
  trx('arrivals').where({ id }).update({ retry_at: null });

/** What could not be read goes back into the queue. */
export const queueAgain = (trx: Knex.Transaction, id: number) =>
  trx('arrivals')
    .where({ id, state: 'failed' })
    .update({ state: 'stored', outcome_kind: 'waiting', attempts: 0 });

/** Lets in what waits at the door; it goes back into the queue. Throws where it does not wait there any more. */
export async function letIn(trx: Knex.Transaction, id: number): Promise<void> {
  const changed = await atDoor(trx, id).update({
    state: 'ready',
    outcome_kind: 'waiting',
    gate: null,
    gate_words: null,
    attempts: 0,
  });
  requireChanged(changed, 'This message does not wait at the door any more.');
  await told(trx, id);
}

/** Turns away what waits at the door; it stays in the ledger and becomes nothing. Throws where it does not wait there. */
export async function turnAway(trx: Knex.Transaction, id: number): Promise<void> {
  const changed = await atDoor(trx, id).update({
    outcome_kind: 'nothing',
    outcome_reason: 'its sender is blocked',
  });
  requireChanged(changed, 'This message does not wait at the door any more.');
  await told(trx, id);
}

const atDoor = (trx: Knex.Transaction, id: number) =>
  trx('arrivals').where({ id, outcome_kind: 'held' }).whereNotNull('gate');

/** The user has dealt with it: it is held for nothing any more, and counts as what was made of it. Throws where there was nothing to deal with. */
export async function dealWith(trx: Knex.Transaction, id: number): Promise<void> {
  const changed = await trx('arrivals')
    .where({ id })
    .where((either) =>
      either
        .whereIn('outcome_kind', ['held', 'failed', 'again'])
        .orWhere({ outcome_reason: 'to be started by hand' }),
    )
    .update({
      outcome_kind: trx.raw(
        "CASE WHEN EXISTS (SELECT 1 FROM tasks WHERE arrival_id = arrivals.id) THEN 'tasks' WHEN EXISTS (SELECT 1 FROM comments WHERE arrival_id = arrivals.id) THEN 'comment' ELSE 'nothing' END",
      ),
      outcome_reason: 'you dealt with it',
      held: '[]',
      gate: null,
      again_of: null,
      retry_at: null,
    });
  requireChanged(changed, 'There is nothing to deal with in this message.');
  await told(trx, id);
}

/** It is settled what becomes of mail that came before. Throws where it was settled already. */
export async function settleAgain(trx: Knex.Transaction, id: number, first: number): Promise<void> {
  const changed = await trx('arrivals').where({ id, again_of: first }).update({ again_of: null });
  requireChanged(changed, 'It was settled already what becomes of this message.');
  await told(trx, id);
}

/** What it counts as, after the user settled it. */
export const countAs = (trx: Knex.Transaction, id: number, outcome_kind: ArrivalRow['outcome_kind']) =>
  trx('arrivals').where({ id }).update({ outcome_kind });

/** A rule in its mailbox moved the message; it may have come in more than once, by a label and by its flag. */
export const moveInMailbox = (
  trx: Knex.Transaction,
  from: Pick<ArrivalRow, 'mailbox_id' | 'message_id' | 'folder'>,
  to: Pick<ArrivalRow, 'folder' | 'uid'>,
) =>
  trx('arrivals')
    .where(from)
    .update({ ...to, uid_validity: null });

/** What an arrival is held for, as it is in this transaction. */
export async function heldNow(trx: Knex.Transaction, id: number): Promise<Held[]> {
  const row = await trx('arrivals').where({ id }).first('held');
  return parseJson(z.array(Held), row?.held ?? '[]');
}

function requireChanged(changed: number, words: string): void {
  if (changed === 0) throw new Failure('stale', words);
}
