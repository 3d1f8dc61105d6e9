import type { Knex } from 'knex';
import { ARRIVED, withAddress, type Arrived } from './arrived.ts';
import type { ArrivalRow, Store } from '../store/index.ts';

/** A reader's death in this attempt, or a later one, fails the message. */
export const MOST_ATTEMPTS = 3;

export type Claimed = Arrived & Pick<ArrivalRow, 'attempts' | 'state'>;

/**
 * Takes the next arrivals in their order and counts the attempt durably before it starts. A message that was tried
 * before comes alone: it may be the one that kills, and the others must not be counted with it.
 */
export async function claim(store: Store, most: number): Promise<Claimed[]> {
  const rows = await queued(store.read, most);
  const [first] = rows;
  if (!first) return [];
  const fresh = rows.findIndex((row) => row.attempts > 0);
  const batch = first.attempts > 0 ? [first] : rows.slice(0, fresh === -1 ? rows.length : fresh);
  await countAttempts(store, batch, 1);
  return batch.map((row) => ({ ...row, attempts: row.attempts + 1 }));
}

async function queued(db: Knex, most: number): Promise<Claimed[]> {
  const rows: Claimed[] = await withAddress(db)
    .whereIn('arrivals.state', ['stored', 'ready'])
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
  await store.write((trx) => trx('arrivals').whereIn('id', ids).increment('attempts', by));
}
