import type { Knex } from 'knex';
import * as arrivals from '../arrivals/transitions.ts';
import { ARRIVED, withAddress, type Arrived } from '../arrivals/arrived.ts';
import type { ArrivalRow, Store } from '../store/index.ts';

/** A reader's death in this attempt, or a later one, fails the message. */
export const MOST_ATTEMPTS = 3;

export type Claimed = Arrived & Pick<ArrivalRow, 'attempts' | 'state'>;

/**
 * Takes the next arrivals in their order and counts the attempt durably before it starts. Those that were tried before,
 * `suspects`, are taken one at a time, apart from the others: one of them may be the message that kills.
 */
export async function claim(store: Store, most: number, which: 'fresh' | 'suspects'): Promise<Claimed[]> {
  const batch = await queued(store.read, most, which);
  if (batch.length > 0) await countAttempts(store, batch, 1);
  return batch.map((row) => ({ ...row, attempts: row.attempts + 1 }));
}

async function queued(db: Knex, most: number, which: 'fresh' | 'suspects'): Promise<Claimed[]> {
  const rows: Claimed[] = await withAddress(db)
    .whereIn('arrivals.state', ['stored', 'ready'])
    .where('attempts', which === 'fresh' ? '=' : '>', 0)
    .orderBy('arrivals.id')
    .limit(most)
    .select(...ARRIVED, 'attempts', 'arrivals.state');
  return rows;
}

/** Gives back the attempts of arrivals that were claimed but not begun. */
export async function giveBack(store: Store, batch: readonly Claimed[]): Promise<void> {
  if (batch.length > 0) await countAttempts(store, batch, -1);
}

async function countAttempts(store: Store, batch: readonly Claimed[], by: 1 | -1): Promise<void> {
  const ids = batch.map((row) => row.id);
  await store.write((trx) => arrivals.countAttempts(trx, ids, by));
}
