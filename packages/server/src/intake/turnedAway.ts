import type { TurnedAway } from '@hatband/contract';
import type { Knex } from 'knex';
import { record } from '../events.ts';
import type { Store } from '../store/index.ts';

interface Turned extends Pick<TurnedAway, 'sender' | 'what' | 'words'> {
  /** The way in. */
  addressId: number;
}

/** Kept without the message: who was turned away, why and how often. */
export async function noteTurnedAway(store: Store, { addressId, ...turned }: Turned, at: string) {
  await store.write(async (trx) => {
    await trx('turned_away')
      .insert({ address_id: addressId, ...turned, last_at: at })
      .onConflict(['address_id', 'sender', 'what', 'words'])
      .merge({ times: trx.raw('turned_away.times + 1'), last_at: at });
    await record(trx, [{ kind: 'address', ref: String(addressId) }]);
  });
}

const MOST = 500;

/** What was turned away, the latest first, by the ways in. */
export async function turnedAway(db: Knex): Promise<(addressIds: readonly number[]) => TurnedAway[]> {
  const rows = await db('turned_away').orderBy('last_at', 'desc').limit(MOST);
  return (addressIds) =>
    rows
      .filter(({ address_id }) => addressIds.includes(address_id))
      .map(({ sender, what, words, times, last_at }) => ({ sender, what, words, times, lastAt: last_at }));
}
