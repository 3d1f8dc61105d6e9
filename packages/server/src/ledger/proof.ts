import { Trace } from '@hatband/contract';
import { evaluate } from '@hatband/core/rules';
import type { Applying } from '../pipeline/apply.ts';
import { inflateJson, type Store } from '../store/index.ts';
import { incomingNow, newestMessages, storedMessage } from './storedMessage.ts';

/** Stored readings to prove a rule on, the newest first. */
export async function listSamples(store: Store, limit: number, applying: Applying) {
  const rows = await newestMessages(store, limit);
  const items = await Promise.all(
    rows.map(async (row) => ({
      id: row.id,
      receivedAt: row.received_at,
      incoming: await incomingNow(store, row, applying),
    })),
  );
  const total = await store
    .read('arrivals')
    .whereNotNull('reading_id')
    .whereNull('same_as')
    .count({ n: '*' })
    .first();
  return { items, total: Number(total?.n ?? 0), context: applying.rules.context };
}

/** Why a message became what it became, then and by the rules as they are now. */
export async function traceArrival(store: Store, id: number, applying: Applying) {
  const row = await storedMessage(store, id);
  const incoming = await incomingNow(store, row, applying);
  const { reason, trace, ruledOut } = evaluate(applying.rules, incoming, { lastRule: true, askAll: true });
  return { then: row.trace ? inflateJson(Trace, row.trace) : null, now: { reason, trace, ruledOut } };
}
