import type Database from 'better-sqlite3';
import { createHash } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Store } from '../store/index.ts';
import type { Recipient } from './addresses.ts';

const CHUNK = 1024 * 1024;

export interface Delivery {
  bytes: Buffer;
  recipients: readonly Recipient[];
  envelopeFrom: string;
  receivedAt: string;
}

export interface Deposit {
  /** Resolves after the COMMIT that made the delivery durable; rejects where the store cannot write. */
  put: (delivery: Delivery) => Promise<void>;
}

/**
 * Stores deliveries: bytes once by their SHA-256, in rows of 1 MB, the arrival last. What comes while a commit is
 * running shares the next one.
 */
export function makeDeposit(store: Store, onStored: () => void): Deposit {
  type Waiting = Stored & { resolve: () => void; reject: (error: unknown) => void };
  let waiting: Waiting[] = [];
  let large = Promise.resolve();

  const flush = async () => {
    const batch = waiting;
    waiting = [];
    try {
      await store.writeRaw((db) => insertAll(db, batch));
      batch.forEach(({ resolve }) => {
        resolve();
      });
      onStored();
    } catch (error) {
      batch.forEach(({ reject }) => {
        reject(error);
      });
    }
  };
  const enqueue = (stored: Stored) =>
    new Promise<void>((resolve, reject) => {
      if (waiting.push({ ...stored, resolve, reject }) === 1) setImmediate(() => void flush());
    });
  return {
    put: async (delivery) => {
      const stored = { delivery, sha256: createHash('sha256').update(delivery.bytes).digest() };
      if (delivery.bytes.length > CHUNK) {
        const turn = large.then(() => storeChunks(store, stored));
        large = turn.catch(() => undefined);
        await turn;
      }
      await enqueue(stored);
    },
  };
}

interface Stored {
  delivery: Delivery;
  sha256: Buffer;
}

/** A large message goes in piece by piece, so that no single write holds up the page. */
async function storeChunks(store: Store, { delivery, sha256 }: Stored): Promise<void> {
  const id = await store.writeRaw((db) => messageId(db, sha256, delivery.bytes.length));
  for (let n = 0; n * CHUNK < delivery.bytes.length; n += 1) {
    await store.writeRaw((db) => {
      insertChunk(db, id, n, delivery.bytes);
    });
    await nextTurn();
  }
}

function insertAll(db: Database.Database, batch: readonly Stored[]): void {
  const arrival = db.prepare<[number, number, string | null, string, string], { id: number }>(
    `INSERT INTO arrivals (message_id, address_id, plus_word, source, envelope_from, received_at) VALUES (?, ?, ?, 'smtp', ?, ?)
     ON CONFLICT (message_id, address_id) DO UPDATE SET deliveries = deliveries + 1 RETURNING id`,
  );
  const event = db.prepare<[string]>(`INSERT INTO events (kind, ref) VALUES ('arrival', ?)`);
  db.transaction(() => {
    for (const { delivery, sha256 } of batch) {
      const id = messageId(db, sha256, delivery.bytes.length);
      if (delivery.bytes.length <= CHUNK) insertChunk(db, id, 0, delivery.bytes);
      for (const { address, plusWord } of delivery.recipients) {
        const row = arrival.get(id, address.id, plusWord, delivery.envelopeFrom, delivery.receivedAt);
        event.run(String(row?.id));
      }
    }
  })();
}

function messageId(db: Database.Database, sha256: Buffer, size: number): number {
  const insert = db.prepare<[Buffer, number], { id: number }>(
    'INSERT INTO messages (sha256, size) VALUES (?, ?) ON CONFLICT (sha256) DO UPDATE SET size = excluded.size RETURNING id',
  );
  return insert.get(sha256, size)?.id ?? 0;
}

function insertChunk(db: Database.Database, message: number, n: number, bytes: Buffer): void {
  db.prepare<[number, number, Buffer]>(
    'INSERT INTO message_chunks (message_id, n, bytes) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  ).run(message, n, bytes.subarray(n * CHUNK, (n + 1) * CHUNK));
}

/** The raw bytes of a message as they were received. */
export async function rawBytes(store: Store, message: number): Promise<Buffer> {
  const rows = await store.read('message_chunks').where({ message_id: message }).orderBy('n').select('bytes');
  return Buffer.concat(rows.map((row) => row.bytes));
}
