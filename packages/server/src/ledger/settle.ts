import { Reading } from '@hatband/core/reading';
import { BUILT_IN, builtInRule, evaluate, type RuleVersion } from '@hatband/core/rules';
import type { Arrival } from '@hatband/contract';
import { Failure, missing } from '../errors.ts';
import { changePolicy } from '../intake/addresses.ts';
import * as arrivals from '../arrivals/transitions.ts';
import { workOne, type Applying } from '../pipeline/apply.ts';
import { settleReport } from '../pipeline/reportTask.ts';
import { saveOutcome } from '../pipeline/saveOutcome.ts';
import { inflateJson, type Store } from '../store/index.ts';
import { addToFirst, cancelTasks } from './addToFirst.ts';
import { viewArrival } from './arrivals.ts';
import { incomingNow, storedMessage } from './storedMessage.ts';

/** Works one rule that held the arrival again, as it is now. Throws where it did not hold it, or is not live. */
export async function releaseArrival(
  store: Store,
  id: number,
  ruleId: string,
  applying: Applying,
): Promise<Arrival> {
  const row = await storedMessage(store, id);
  const rule = liveRule(applying, ruleId);
  await store.write(async (trx) => {
    const held = await arrivals.heldNow(trx, id);
    if (!held.some((each) => each.ruleId === ruleId)) throw missing('rule that held this message');
    await workOne(trx, row, inflateJson(Reading, row.body), { ...applying, rule });
  });
  return viewArrival(store, id);
}

/** Starts a rule by hand on a message. */
export async function startByHand(
  store: Store,
  id: number,
  ruleId: string,
  applying: Applying,
): Promise<Arrival> {
  const row = await storedMessage(store, id);
  const rule = ruleId === BUILT_IN ? builtInRule : liveRule(applying, ruleId);
  if (rule !== builtInRule && rule.definition.start.kind !== 'hand')
    throw new Failure('conflict', 'This rule starts by itself, not by hand.');
  if (row.gate !== null && row.outcome_kind === 'held')
    throw new Failure('conflict', 'This message waits at the door; let it in first.');
  await store.write((trx) => workOne(trx, row, inflateJson(Reading, row.body), { ...applying, rule }));
  return viewArrival(store, id);
}

function liveRule({ rules }: Applying, ruleId: string): RuleVersion {
  const rule = rules.rules.find(({ version }) => version.ruleId === ruleId)?.version;
  if (rule) return rule;
  throw new Failure(
    'conflict',
    'This rule is not live any more; pause no rule whose mail you want to release.',
  );
}

/** Lets in what waits at the door; it goes back into the queue. */
export async function letIn(
  store: Store,
  id: number,
  sender: 'once' | 'from now on',
  { clock }: Pick<Applying, 'clock'>,
): Promise<Arrival> {
  const row = await storedMessage(store, id);
  await store.write(async (trx) => {
    await arrivals.letIn(trx, id);
    if (sender === 'from now on')
      await changePolicy(trx, row.address_id, (policy) => ({
        ...policy,
        blocked: policy.blocked.filter((each) => each !== row.from_address),
        senders:
          policy.senders.kind === 'anyone'
            ? policy.senders
            : {
                kind: 'these',
                who: [
                  ...new Set([
                    ...(policy.senders.kind === 'me' ? ['me'] : policy.senders.who),
                    row.from_address.toLowerCase(),
                  ]),
                ],
              },
      }));
    await settleReport(trx, id, clock().toISOString());
  });
  return viewArrival(store, id);
}

/** Refuses its sender at this way in from now on; the message stays in the ledger and becomes nothing. */
export async function blockSender(
  store: Store,
  id: number,
  { clock }: Pick<Applying, 'clock'>,
): Promise<Arrival> {
  const row = await storedMessage(store, id);
  if (row.from_address === '') throw new Failure('conflict', 'This message names no sender to block.');
  await store.write(async (trx) => {
    await arrivals.turnAway(trx, id);
    await changePolicy(trx, row.address_id, (policy) => ({
      ...policy,
      blocked: [...new Set([...policy.blocked, row.from_address.toLowerCase()])],
    }));
    await settleReport(trx, id, clock().toISOString());
  });
  return viewArrival(store, id);
}

/**
 * Of mail whose original came before, or may have: adds what is new to the first tasks, whereupon its own are cancelled,
 * or makes or keeps its own.
 */
export async function settleAgain(
  store: Store,
  id: number,
  how: 'add to the first' | 'make its own',
  applying: Applying,
): Promise<Arrival> {
  const row = await storedMessage(store, id);
  if (row.again_of === null)
    throw new Failure('stale', 'It was settled already what becomes of this message.');
  const { again_of: first, outcome_kind } = row;
  const incoming = await incomingNow(store, row, applying);
  const alone = { ...incoming, tasks: { ...incoming.tasks, ofOriginal: [] } };
  const outcome = evaluate(applying.rules, alone, { lastRule: true });
  await store.write(async (trx) => {
    await arrivals.settleAgain(trx, id, first);
    if (how === 'add to the first') {
      await addToFirst(trx, incoming.reading, { arrivalId: id, first, tasks: outcome.tasks }, applying.clock);
      await cancelTasks(trx, id, applying.clock);
      await arrivals.countAs(trx, id, 'comment');
    } else if (outcome_kind === 'again') {
      await saveOutcome(trx, row, { ...outcome, effects: [] }, applying.clock);
      await arrivals.countAs(trx, id, outcome.kind);
    }
  });
  return viewArrival(store, id);
}
