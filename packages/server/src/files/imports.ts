import type { Import, ImportItem } from '@hatband/contract';
import { randomUUID } from 'node:crypto';
import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import type { Readable } from 'node:stream';
import type { Background } from '../background.ts';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import type { Directory, Recipient } from '../intake/directory.ts';
import { shortened } from '../lengths.ts';
import { record, type ImportItemRow, type ImportRow, type Store } from '../store/index.ts';
import { bringIn, type Run, type RunOptions } from './importRun.ts';
import { makeScratch } from './scratch.ts';

/** Files beyond these wait for their turn. */
const SIDE_BY_SIDE = 3;

export interface ImportsOptions extends Omit<RunOptions, 'scratch'> {
  folder: string;
  directory: Directory;
  background: Background;
  clock: Clock;
}

export interface Imports {
  /** Keeps a file as it comes and begins to bring its messages in; resolves once the file is there. */
  take: (file: Readable, of: { name: string; addressId: number | null }) => Promise<Import>;
  /** Ends an import; what it has brought in stays. */
  cancel: (id: number) => Promise<void>;
  /** How many messages are being brought in just now. */
  underWay: () => number;
  /** Ends what is under way after the messages in hand. */
  stop: () => Promise<void>;
}

/** What an earlier process did not bring to its end is told, and its file thrown away. */
export async function openImports(options: ImportsOptions): Promise<Imports> {
  const { store, background } = options;
  const folder = path.join(options.folder, 'imports');
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await store.write((trx) =>
    trx('imports')
      .where({ state: 'running' })
      .update({ state: 'failed', problem: 'Hatband was stopped meanwhile; drop the file once more.' }),
  );
  const scratch = makeScratch();
  const waiting: Run[] = [];
  const running = new Map<Run, Promise<void>>();
  const begin = () => {
    while (running.size < SIDE_BY_SIDE) {
      const run = waiting.shift();
      if (!run) return;
      const working = bringIn({ ...options, scratch }, run).finally(() => {
        running.delete(run);
        begin();
      });
      running.set(run, working);
      background('an import', () => working);
    }
  };
  const all = () => [...running.keys(), ...waiting];
  return {
    underWay: () => [...running.keys()].reduce((sum, run) => sum + run.underWay, 0),
    cancel: async (id) => {
      const run = all().find(({ row }) => row.id === id);
      if (!run) throw new Failure('conflict', 'This file is through already.');
      run.ending = 'cancelled';
      await running.get(run);
    },
    stop: async () => {
      waiting.length = 0;
      for (const run of running.keys()) run.ending = 'stopped';
      await Promise.allSettled(running.values());
    },
    take: async (stream, { name, addressId }) => {
      const recipient = await recipientOf(options, addressId);
      const file = path.join(folder, randomUUID());
      const size = await scratch.keep(stream, file);
      const row = await insertImport(options, { name, addressId: recipient.address.id, size });
      waiting.push({ row, recipient, file, underWay: 0, ending: null });
      begin();
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
        name: shortened(path.basename(name), 'name'),
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
