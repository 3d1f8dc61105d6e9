import type { Import, ImportItem } from '@hatband/contract';
import { createWriteStream } from 'node:fs';
import { mkdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Logger } from 'pino';
import type { Clock } from '../clock.ts';
import { Failure, messageOf, missing } from '../errors.ts';
import { record, type Events } from '../events.ts';
import type { Directory, Recipient } from '../intake/directory.ts';
import type { Receive } from '../intake/receive.ts';
import type { ImportItemRow, ImportRow, Store } from '../store/index.ts';
import { messagesIn, type FoundMessage } from './messagesIn.ts';

/** Messages that are stored with one commit. */
const BATCH = 50;

export interface ImportsOptions {
  store: Store;
  folder: string;
  directory: Directory;
  receive: Receive;
  events: Events;
  clock: Clock;
  log: Logger;
}

export interface Imports {
  /** Keeps a file as it comes and begins to bring its messages in; resolves once the file is there. */
  take: (file: Readable, of: { name: string; addressId: number | null }) => Promise<Import>;
  /** How many messages are being brought in just now. */
  underWay: () => number;
  /** Ends what is under way after the messages in hand. */
  stop: () => Promise<void>;
}

/** What an earlier process did not bring to its end is told, and its file thrown away. */
export async function openImports(options: ImportsOptions): Promise<Imports> {
  const { store, events } = options;
  const folder = path.join(options.folder, 'imports');
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  await store.write((trx) =>
    trx('imports')
      .where({ state: 'running' })
      .update({ state: 'failed', problem: 'Hatband was stopped meanwhile; drop the file once more.' }),
  );
  const state = { underWay: 0, isStopping: false };
  let running = Promise.resolve();
  return {
    underWay: () => state.underWay,
    stop: async () => {
      state.isStopping = true;
      await running;
    },
    take: async (stream, { name, addressId }) => {
      const recipient = await recipientOf(options, addressId);
      const file = path.join(folder, String(options.clock().getTime()) + String(Math.random()).slice(2));
      await pipeline(stream, createWriteStream(file));
      const { size } = await stat(file);
      const row = await insertImport(options, { name, addressId: recipient.address.id, size });
      events.notify();
      running = running.then(() => bringIn(options, { row, recipient, file }, state));
      return viewImport(store, row);
    },
  };
}

async function recipientOf({ store, directory }: ImportsOptions, id: number | null): Promise<Recipient> {
  const inbox =
    id === null
      ? await store.read('addresses').where({ target_kind: 'inbox' }).whereNull('retired_at').first('id')
      : undefined;
  const recipient = directory.byId(id ?? inbox?.id ?? 0);
  if (!recipient) throw missing('address');
  return recipient;
}

async function insertImport(
  { store, clock }: ImportsOptions,
  { name, addressId, size }: { name: string; addressId: number; size: number },
): Promise<ImportRow> {
  return store.write(async (trx) => {
    const [row] = await trx('imports')
      .insert({
        address_id: addressId,
        name: path.basename(name),
        state: 'running',
        size,
        begun_at: clock().toISOString(),
      })
      .returning('*');
    if (!row) throw new Failure('defect', 'The import was not begun.');
    await record(trx, [{ kind: 'import', ref: String(row.id) }]);
    return row;
  });
}

interface Work {
  row: ImportRow;
  recipient: Recipient;
  file: string;
}

async function bringIn(
  options: ImportsOptions,
  { row, recipient, file }: Work,
  state: { underWay: number; isStopping: boolean },
): Promise<void> {
  let n = 0;
  let batch: FoundMessage[] = [];
  const flush = async () => {
    const items = batch;
    batch = [];
    state.underWay = items.length;
    const done = await Promise.all(items.map((found) => takeOne(options, recipient, found)));
    state.underWay = 0;
    await saveItems(options, row, { from: n, items, done });
    n += items.length;
    await nextTurn();
  };
  try {
    for await (const found of messagesIn(file, row.name)) {
      batch.push(found);
      if (batch.length >= BATCH) await flush();
      if (state.isStopping) return;
    }
    await flush();
    await finish(options, row, n === 0 ? 'There is no message in it.' : null);
  } catch (error) {
    options.log.warn({ import: row.id, error: messageOf(error) }, 'an import broke off');
    await finish(options, row, `It could not be read to its end: ${messageOf(error)}.`);
  } finally {
    state.underWay = 0;
    await rm(file, { force: true });
  }
}

type Taken = Pick<ImportItemRow, 'result' | 'words' | 'arrival_id'>;

async function takeOne(
  { receive }: ImportsOptions,
  recipient: Recipient,
  found: FoundMessage,
): Promise<Taken> {
  if (found.bytes === null) return { result: 'refused', words: found.problem, arrival_id: null };
  const [receipt] = await receive({
    bytes: found.bytes,
    source: 'file',
    recipients: [recipient],
    envelopeFrom: '',
  });
  if (receipt?.result !== 'taken')
    return { result: 'refused', words: receipt?.verdict.words ?? null, arrival_id: null };
  const { arrivalId, isNew } = receipt.deposited;
  return { result: isNew ? 'new' : 'known', words: null, arrival_id: arrivalId };
}

async function saveItems(
  { store, events }: ImportsOptions,
  { id }: ImportRow,
  { from, items, done }: { from: number; items: readonly FoundMessage[]; done: readonly Taken[] },
): Promise<void> {
  const rows = items.flatMap(({ name }, i) => {
    const taken = done[i];
    return taken ? [{ import_id: id, n: from + i + 1, name, ...taken }] : [];
  });
  if (rows.length === 0) return;
  await store.write(async (trx) => {
    await trx('import_items').insert(rows);
    await trx('imports')
      .where({ id })
      .update({ read: items.at(-1)?.read ?? 0 });
    await record(trx, [{ kind: 'import', ref: String(id) }]);
  });
  events.notify();
}

async function finish({ store, events }: ImportsOptions, { id, size }: ImportRow, problem: string | null) {
  await store.write(async (trx) => {
    await trx('imports')
      .where({ id })
      .update({ state: problem === null ? 'done' : 'failed', problem, read: size });
    await record(trx, [{ kind: 'import', ref: String(id) }]);
  });
  events.notify();
}

async function viewImport(store: Store, row: ImportRow): Promise<Import> {
  const counts: { result: ImportItemRow['result']; n: number }[] = await store
    .read('import_items')
    .where({ import_id: row.id })
    .groupBy('result')
    .select('result', store.read.raw('count(*) AS n'));
  const { id, name, state, size, read, problem } = row;
  const none = { new: 0, known: 0, refused: 0 };
  return {
    id,
    name,
    state,
    size,
    read,
    problem,
    counts: { ...none, ...Object.fromEntries(counts.map(({ result, n }) => [result, n])) },
  };
}

export async function listImports(store: Store): Promise<{ items: Import[] }> {
  const rows = await store.read('imports').orderBy('id', 'desc').limit(10);
  return { items: await Promise.all(rows.map((row) => viewImport(store, row))) };
}

interface ItemPage {
  after: number;
  limit: number;
}

export async function listImportItems(
  store: Store,
  importId: number,
  { after, limit }: ItemPage,
): Promise<{ items: ImportItem[] }> {
  const rows = await store
    .read('import_items')
    .where({ import_id: importId })
    .where('n', '>', after)
    .orderBy('n')
    .limit(limit);
  return {
    items: rows.map(({ n, name, result, words, arrival_id }) => ({
      n,
      name,
      result,
      words,
      arrivalId: arrival_id,
    })),
  };
}
