import type Database from 'better-sqlite3';
import knex, { type Knex } from 'knex';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { changesIn, type Change, type OnChange } from './changes.ts';
import { addFunctions } from './functions.ts';
import { DATABASE_FILE, hasKey, lost, refuseLostDatabase, useFolder } from './folder.ts';
import { lockFolder } from './lock.ts';
import { migrate } from './migrate.ts';

/** Knex twice on one file: one connection that writes, a pool that only reads. */
export interface Store {
  read: Knex;
  /** One short transaction on the writing connection; what it recorded is told of once it is committed. */
  write: <T>(work: (trx: Knex.Transaction) => Promise<T>) => Promise<T>;
  /**
   * Hot writes: the writing connection itself, for prepared statements; nothing else writes meanwhile. `changes`: what they
   * wrote to the events.
   */
  writeRaw: <T>(work: (db: Database.Database) => T, changes?: readonly Change[]) => Promise<T>;
  /** Hears of what is committed from now on. */
  onChange: (listener: OnChange) => void;
  close: () => Promise<void>;
}

export interface Opening {
  /** What the database holds is thrown away first, once no other process holds the folder. */
  anew?: boolean | undefined;
  /** A lost database is begun anew. */
  mayBeLost?: boolean | undefined;
}

/**
 * Opens the data folder, makes or migrates its database. Throws StartFailure where the folder cannot be used, or where its
 * database was lost.
 */
export async function openStore(
  folder: string,
  { anew = false, mayBeLost = false }: Opening = {},
): Promise<Store> {
  useFolder(folder);
  const unlock = lockFolder(folder);
  const filename = path.join(folder, DATABASE_FILE);
  if (anew) for (const suffix of ['', '-wal', '-shm']) rmSync(`${filename}${suffix}`, { force: true });
  const isFirst = anew || mayBeLost;
  try {
    if (!isFirst) refuseLostDatabase(folder);
  } catch (error) {
    unlock();
    throw error;
  }
  const writer = connect(filename, false);
  const reader = connect(filename, true);
  const close = async () => {
    await reader.destroy();
    await writer.raw('PRAGMA wal_checkpoint(TRUNCATE)');
    await writer.destroy();
    unlock();
  };
  try {
    await migrate(writer, folder);
    if (!isFirst && hasKey(folder) && !(await writer('addresses').first('id'))) throw lost(folder);
    await removeOrphans(writer);
  } catch (error) {
    await close();
    throw error;
  }
  const listeners: OnChange[] = [];
  const tell = async (changes: readonly Change[]) => {
    const kinds = new Set(changes.map(({ kind }) => kind));
    if (kinds.size > 0) await Promise.all(listeners.map(async (listener) => listener(kinds)));
  };
  return {
    read: reader,
    write: async (work) => {
      const { result, changes } = await writer.transaction(async (trx) => ({
        result: await work(trx),
        changes: changesIn(trx),
      }));
      await tell(changes);
      return result;
    },
    writeRaw: async (work, changes = []) => {
      const result = await onConnection(writer, work);
      await tell(changes);
      return result;
    },
    onChange: (listener) => listeners.push(listener),
    close,
  };
}

const CACHE_KIB = 64 * 1024;

function connect(filename: string, readonly: boolean): Knex {
  return knex({
    client: 'better-sqlite3',
    connection: { filename, options: { readonly } },
    useNullAsDefault: true,
    pool: {
      min: readonly ? 0 : 1,
      max: readonly ? 2 : 1,
      afterCreate: (db: Database.Database, done: (error: Error | null) => void) => {
        if (!readonly) db.pragma('journal_mode = WAL');
        db.pragma('synchronous = FULL');
        db.pragma('foreign_keys = ON');
        // Lists look through all tasks.
        if (readonly) db.pragma(`cache_size = -${CACHE_KIB}`);
        addFunctions(db);
        done(null);
      },
    },
  });
}

interface PoolClient {
  acquireConnection: () => Promise<Database.Database>;
  releaseConnection: (db: Database.Database) => Promise<void>;
}

/** The pool's only connection is also the lock: a transaction that is open elsewhere is waited for. */
async function onConnection<T>(writer: Knex, work: (db: Database.Database) => T): Promise<T> {
  const client = writer.client as PoolClient;
  const db = await client.acquireConnection();
  try {
    return work(db);
  } finally {
    await client.releaseConnection(db);
  }
}

/** Messages whose arrival was never written: the delivery was broken off before its 250. */
async function removeOrphans(writer: Knex): Promise<void> {
  await writer('messages').whereNotIn('id', writer('arrivals').select('message_id')).delete();
}
