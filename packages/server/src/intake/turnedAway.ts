import type { TurnedAway } from '@hatband/contract';
import type { Knex } from 'knex';
import { shortened } from '../lengths.ts';
import { record, type Store } from '../store/index.ts';

interface Turned extends Pick<TurnedAway, 'sender' | 'what' | 'words'> {
  /** The way in. */
  addressId: number;
}

/** Names a way in keeps of a day; who comes beyond them is counted as one. */
const MOST_A_DAY = 50;
const KEPT_DAYS = 30;
const OTHERS = 'others';

/** Kept without the message: who was turned away, why and how often. */
export async function noteTurnedAway(store: Store, { addressId, ...given }: Turned, at: string) {
  await store.write(async (trx) => {
    const oldest = new Date(Date.parse(at) - KEPT_DAYS * 24 * 60 * 60 * 1000).toISOString();
    await trx('turned_away').where({ address_id: addressId }).where('last_at', '<', oldest).delete();
    const turned = {
      ...given,
      sender: shortened(given.sender, 'address'),
      words: shortened(given.words, 'words'),
    };
    if (!(await hasRoom(trx, { addressId, ...turned }, at))) turned.sender = OTHERS;
    await trx('turned_away')
      .insert({ address_id: addressId, ...turned, last_at: at })
      .onConflict(['address_id', 'sender', 'what', 'words'])
      .merge({ times: trx.raw('turned_away.times + 1'), last_at: at });
    await record(trx, [{ kind: 'address', ref: String(addressId) }]);
  });
}

/** Whether the sender is on the day's list, or may still come on it. */
async function hasRoom(trx: Knex.Transaction, { addressId, sender, what, words }: Turned, at: string) {
  if (await trx('turned_away').where({ address_id: addressId, sender, what, words }).first('id')) return true;
  const today = await trx('turned_away')
    .where({ address_id: addressId })
    .where('last_at', '>=', at.slice(0, 10))
    .count({ n: '*' })
    .first();
  return Number(today?.n ?? 0) < MOST_A_DAY;
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
