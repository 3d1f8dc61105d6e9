import type Database from 'better-sqlite3';
import { createHash } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { shortened } from '../lengths.ts';
import { prepared, type ArrivalRow, type Store } from '../store/index.ts';
import type { Recipient } from './directory.ts';

const CHUNK = 1024 * 1024;

/** Where a message lies in its mailbox, how it is marked there, and what about that brought it in. */
export type Place = Pick<
  ArrivalRow,
  'occasion' | 'trigger' | 'mailbox_id' | 'folder' | 'uid' | 'uid_validity' | 'flagged'
> & {
  labels: readonly string[];
};

/** A way in that a message was let in by. `gate`: it waits there for the user. */
export type Admitted = Pick<Recipient, 'address' | 'plusWord'> & {
  gate?: { failure: NonNullable<ArrivalRow['gate']>; words: string } | undefined;
};

export interface Delivery {
  bytes: Buffer;
  source: ArrivalRow['source'];
  recipients: readonly Admitted[];
  envelopeFrom: string;
  receivedAt: string;
  place?: Place | undefined;
}

/** The arrival of a delivery at one of its addresses. */
export interface Deposited {
  arrivalId: number;
  /** The same bytes had not come there before. */
  isNew: boolean;
}

export interface Deposit {
  /** Resolves after the COMMIT that made the delivery durable; rejects where the store cannot write. */
  put: (delivery: Delivery) => Promise<Deposited[]>;
}

/** How long a commit waits for messages that are on their way in, so that they share it. */
const SHARE_MS = 2;

/**
 * Stores deliveries: bytes once by their SHA-256, in rows of 1 MB, the arrival last. Messages that come together share
 * a commit: `underWay` tells how many are being received, those included that wait for theirs.
 */
export function makeDeposit(store: Store, onStored: () => void, underWay: () => number): Deposit {
  type Waiting = Stored & { resolve: (made: Deposited[]) => void; reject: (error: unknown) => void };
  let waiting: Waiting[] = [];
  let large = Promise.resolve();

  let timer: NodeJS.Timeout | null = null;
  const flush = async () => {
    if (timer) clearTimeout(timer);
    timer = null;
    const batch = waiting;
    waiting = [];
    try {
      const made = await store.writeRaw((db) => insertAll(db, batch), [{ kind: 'arrival', ref: '' }]);
      batch.forEach(({ resolve }, i) => {
        resolve(made[i] ?? []);
      });
      onStored();
    } catch (error) {
      batch.forEach(({ reject }) => {
        reject(error);
      });
    }
  };
  const enqueue = (stored: Stored) =>
    new Promise<Deposited[]>((resolve, reject) => {
      waiting.push({ ...stored, resolve, reject });
      if (waiting.length >= underWay()) void flush();
      else timer ??= setTimeout(() => void flush(), SHARE_MS);
    });
  return {
    put: async (delivery) => {
      const stored = { delivery, sha256: createHash('sha256').update(delivery.bytes).digest() };
      if (delivery.bytes.length > CHUNK) {
        const turn = large.then(() => storeChunks(store, stored));
        large = turn.catch(() => undefined);
        await turn;
      }
      return enqueue(stored);
    },
  };
}

interface Stored {
  delivery: Delivery;
  sha256: Buffer;
}

/** A large message goes in piece by piece, so that no single write holds up the page. */
async function storeChunks(store: Store, stored: Stored): Promise<void> {
  const pieces = Math.ceil(stored.delivery.bytes.length / CHUNK);
  const id = await store.writeRaw((db) => insertMessage(statements(db), stored));
  for (let n = 0; n < pieces; n += 1) {
    await store.writeRaw((db) => {
      insertChunk(statements(db), id, n, stored.delivery.bytes);
    });
    await nextTurn();
  }
}

function insertAll(db: Database.Database, batch: readonly Stored[]): Deposited[][] {
  const sql = statements(db);
  return db.transaction(() => {
    const made = batch.map((stored) => insertArrivals(sql, stored));
    const ids = made.flat().map(({ arrivalId }) => arrivalId);
    sql.event.run(ids.length === 1 ? String(ids[0]) : '');
    return made;
  })();
}

function insertArrivals(sql: Statements, stored: Stored): Deposited[] {
  const { bytes, source, recipients, envelopeFrom, receivedAt, place = NO_PLACE } = stored.delivery;
  const id = insertMessage(sql, stored);
  if (bytes.length <= CHUNK) insertChunk(sql, id, 0, bytes);
  const { occasion, trigger, labels, flagged, mailbox_id, folder, uid, uid_validity } = place;
  return recipients.map(({ address, plusWord, gate }) => {
    const row = sql.arrival.get(
      id, address.id, plusWord && shortened(plusWord, 'label'), source, shortened(envelopeFrom, 'address'), receivedAt,
      occasion, shortened(trigger, 'label'), JSON.stringify(labels.slice(0, MOST_LABELS).map((each) => shortened(each, 'label'))),
      Number(flagged), mailbox_id, folder, uid, uid_validity, gate?.failure ?? null, gate?.words ?? null,
    ); // prettier-ignore
    if (!row) throw new Error('An arrival was not stored.');
    return { arrivalId: row.id, isNew: row.deliveries === 1 };
  });
}

const MOST_LABELS = 100;

const NO_PLACE: Place = {
  occasion: 'arrival',
  trigger: '',
  labels: [],
  flagged: false,
  mailbox_id: null,
  folder: null,
  uid: null,
  uid_validity: null,
};

type Text = string | null;

const statements = prepared((db) => ({
  message: db.prepare<[Buffer, number]>(
    'INSERT INTO messages (sha256, size) VALUES (?, ?) ON CONFLICT (sha256) DO NOTHING',
  ),
  sameMessage: db.prepare<[Buffer], { id: number }>('SELECT id FROM messages WHERE sha256 = ?'),
  chunk: db.prepare<[number, number, Buffer]>(
    'INSERT INTO message_chunks (message_id, n, bytes) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  ),
  arrival: db.prepare<
    [number, number, Text, string, string, string, string, string, string, number, number | null, Text, number | null, Text, Text, Text],
    { id: number; deliveries: number }
  >(
    `INSERT INTO arrivals (message_id, address_id, plus_word, source, envelope_from, received_at, occasion, trigger,
       labels, flagged, mailbox_id, folder, uid, uid_validity, gate, gate_words)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (message_id, address_id, occasion, trigger) DO UPDATE SET deliveries = deliveries + 1
     RETURNING id, deliveries`,
  ), // prettier-ignore
  event: db.prepare<[string]>(`INSERT INTO events (kind, ref) VALUES ('arrival', ?)`),
}));
type Statements = ReturnType<typeof statements>;

function insertMessage(sql: Statements, { sha256, delivery }: Stored): number {
  const { changes, lastInsertRowid } = sql.message.run(sha256, delivery.bytes.length);
  return changes === 1 ? Number(lastInsertRowid) : (sql.sameMessage.get(sha256)?.id ?? 0);
}

function insertChunk(sql: Statements, message: number, n: number, bytes: Buffer): void {
  sql.chunk.run(message, n, bytes.subarray(n * CHUNK, (n + 1) * CHUNK));
}

/** The raw bytes of a message as they were received. */
export async function rawBytes(store: Store, message: number): Promise<Buffer> {
  const rows = await store.read('message_chunks').where({ message_id: message }).orderBy('n').select('bytes');
  return Buffer.concat(rows.map((row) => row.bytes));
}
