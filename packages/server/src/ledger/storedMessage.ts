import { Reading } from '@hatband/core/reading';
import type { Incoming } from '@hatband/core/rules';
import { missing } from '../errors.ts';
import type { Applying } from '../pipeline/apply.ts';
import { ARRIVED, withAddress, type Arrived } from '../arrivals/arrived.ts';
import { incomingOf } from '../pipeline/incomingOf.ts';
import { findOriginals } from '../pipeline/originals.ts';
import { inflateJson, type ArrivalRow, type Store } from '../store/index.ts';

/** An arrival that was read, with what became of it. */
export type StoredMessage = Arrived &
  Pick<ArrivalRow, 'thread_id' | 'trace' | 'again_of' | 'outcome_kind' | 'from_address'> & {
    body: Buffer;
  };

const COLUMNS = [
  ...ARRIVED,
  'readings.body',
  'thread_id',
  'trace',
  'again_of',
  'outcome_kind',
  'from_address',
] as const;

const withReading = ({ read }: Store) =>
  withAddress(read).join('readings', 'readings.id', 'arrivals.reading_id');

export async function storedMessage(store: Store, id: number): Promise<StoredMessage> {
  const row: StoredMessage | undefined = await withReading(store)
    .where('arrivals.id', id)
    .first(...COLUMNS);
  if (!row) throw missing('message that was read');
  return row;
}

/** The newest first. */
export async function newestMessages(store: Store, limit: number): Promise<StoredMessage[]> {
  const rows: StoredMessage[] = await withReading(store)
    .whereNull('same_as')
    .orderBy('arrivals.id', 'desc')
    .limit(limit)
    .select(...COLUMNS);
  return rows;
}

/** A stored message as rules see it now. */
export async function incomingNow(
  store: Store,
  row: StoredMessage,
  { rules: { context }, domain }: Applying,
): Promise<Incoming> {
  const reading = inflateJson(Reading, row.body);
  const { same } = await findOriginals(store.read, row, reading, context.me);
  const around = { threadId: row.thread_id ?? row.id, domain, zone: context.zone, sameArrival: same };
  return incomingOf(store.read, row, reading, around);
}
