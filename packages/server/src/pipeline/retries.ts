import { Reading } from '@hatband/core/reading';
import { Held } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { z } from 'zod';
import { inflateJson, parseJson, type ArrivalRow, type Store } from '../store/index.ts';
import { workOne, type Applying, type Reworked } from './apply.ts';
import { ARRIVED, withAddress } from './arrived.ts';

type Due = Reworked & Pick<ArrivalRow, 'state' | 'held'> & { body: Buffer | null };

/** Tries again what failed and is due: an unreadable message goes back into the queue, a rule that failed is worked. */
export async function retryDue(store: Store, applying: Applying): Promise<boolean> {
  const rows: Due[] = await withAddress(store.read)
    .leftJoin('readings', 'readings.id', 'arrivals.reading_id')
    .where('retry_at', '<=', applying.clock().toISOString())
    .select(...ARRIVED, 'arrivals.state', 'thread_id', 'effects', 'remarks', 'held', 'readings.body');
  for (const row of rows) await store.write((trx) => retry(trx, row, applying));
  return rows.length > 0;
}

async function retry(trx: Knex.Transaction, row: Due, applying: Applying): Promise<void> {
  await trx('arrivals').where({ id: row.id }).update({ retry_at: null });
  if (row.state === 'failed') {
    await trx('arrivals')
      .where({ id: row.id })
      .update({ state: 'stored', outcome_kind: 'waiting', attempts: 0 });
    return;
  }
  let held = parseJson(z.array(Held), row.held);
  for (const { ruleId } of held.filter(({ why }) => why === 'failed')) {
    const rule = applying.rules.rules.find(({ version }) => version.ruleId === ruleId)?.version;
    if (!rule || row.body === null) continue;
    const others = held.filter((each) => each.ruleId !== ruleId);
    await workOne(trx, row, inflateJson(Reading, row.body), { ...applying, rule, held: others });
    const after = await trx('arrivals').where({ id: row.id }).first('held', 'effects', 'remarks');
    held = parseJson(z.array(Held), after?.held ?? '[]');
    row.effects = after?.effects ?? row.effects;
    row.remarks = after?.remarks ?? row.remarks;
  }
}
