import { Reading } from '@hatband/core/reading';
import type { Knex } from 'knex';
import { inflateJson, type ArrivalRow, type Store } from '../store/index.ts';
import { workOne, type Applying, type Reworked } from './apply.ts';
import * as arrivals from '../arrivals/transitions.ts';
import { ARRIVED, withAddress } from '../arrivals/arrived.ts';

type Due = Reworked & Pick<ArrivalRow, 'state'> & { body: Buffer | null };

/** Tries again what failed and is due: an unreadable message goes back into the queue, a rule that failed is worked. */
export async function retryDue(store: Store, applying: Applying): Promise<boolean> {
  const rows: Due[] = await withAddress(store.read)
    .leftJoin('readings', 'readings.id', 'arrivals.reading_id')
    .where('retry_at', '<=', applying.clock().toISOString())
    .select(...ARRIVED, 'arrivals.state', 'thread_id', 'readings.body');
  for (const row of rows) await store.write((trx) => retry(trx, row, applying));
  return rows.length > 0;
}

async function retry(trx: Knex.Transaction, row: Due, applying: Applying): Promise<void> {
  await arrivals.beginRetry(trx, row.id);
  if (row.state === 'failed') {
    await arrivals.queueAgain(trx, row.id);
    return;
  }
  for (const { ruleId } of (await arrivals.heldNow(trx, row.id)).filter(({ why }) => why === 'failed')) {
    const rule = applying.rules.rules.find(({ version }) => version.ruleId === ruleId)?.version;
    if (!rule || row.body === null) continue;
    await workOne(trx, row, inflateJson(Reading, row.body), { ...applying, rule });
  }
}
