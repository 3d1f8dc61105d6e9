import { setImmediate as nextTurn, setTimeout as sleep } from 'node:timers/promises';
import type { Logger } from 'pino';
import { messageOf, traceOf } from '../errors.ts';
import type { ByteBudget } from '../intake/byteBudget.ts';
import type { Recipient } from '../intake/directory.ts';
import type { Receive } from '../intake/receive.ts';
import { shortened } from '../lengths.ts';
import { record, type ImportItemRow, type ImportRow, type Store } from '../store/index.ts';
import { messagesIn, type FoundMessage } from './messagesIn.ts';
import type { Scratch } from './scratch.ts';

/** Messages that are stored with one commit: so many, or so many bytes. */
const BATCH = 50;
const BATCH_BYTES = 4 * 1024 * 1024;
/** How long an import waits for other mail to leave the memory. */
const PAUSE_MS = 100;

export interface RunOptions {
  store: Store;
  receive: Receive;
  budget: ByteBudget;
  scratch: Scratch;
  log: Logger;
}

/** One file that is being brought in. */
export interface Run {
  row: ImportRow;
  recipient: Recipient;
  file: string;
  /** How many of its messages are being stored just now. */
  underWay: number;
  /** `stopped`: after the messages in hand it is left as it is; `cancelled`: its user wants no more of it. */
  ending: 'stopped' | 'cancelled' | null;
}

/** Brings the messages of a file in, one batch after another. */
export async function bringIn(options: RunOptions, run: Run): Promise<void> {
  const { row, file } = run;
  const batch = { items: new Array<FoundMessage>(), bytes: 0, n: 0 };
  const flush = async () => {
    const { items, n } = batch;
    Object.assign(batch, { items: [], bytes: 0, n: n + items.length });
    const done = await takeAll(options, run, items);
    await saveItems(options, row, { from: n, items, done });
    await nextTurn();
  };
  try {
    for await (const found of messagesIn(file, row.name, options.scratch)) {
      batch.items.push(found);
      batch.bytes += found.bytes?.length ?? 0;
      if (batch.items.length >= BATCH || batch.bytes >= BATCH_BYTES) await flush();
      if (run.ending !== null) break;
    }
    if (run.ending === 'stopped') return;
    await flush();
    const problem = batch.n === 0 && run.ending === null ? 'There is no message in it.' : null;
    await finish(
      options,
      row,
      run.ending === 'cancelled' ? 'cancelled' : problem === null ? 'done' : 'failed',
      problem,
    );
  } catch (error) {
    options.log.warn({ import: row.id, error: traceOf(error) }, 'an import broke off');
    await finish(options, row, 'failed', `It could not be read to its end: ${messageOf(error)}.`);
  } finally {
    run.underWay = 0;
    await options.scratch.discard(file);
  }
}

type Taken = Pick<ImportItemRow, 'result' | 'words' | 'arrival_id'>;

async function takeAll({ receive, budget }: RunOptions, run: Run, items: readonly FoundMessage[]) {
  const bytes = items.reduce((sum, each) => sum + (each.bytes?.length ?? 0), 0);
  while (!budget.take(bytes)) await sleep(PAUSE_MS);
  run.underWay = items.length;
  try {
    return await Promise.all(items.map((found) => takeOne(receive, run.recipient, found)));
  } finally {
    run.underWay = 0;
    budget.give(bytes);
  }
}

async function takeOne(receive: Receive, recipient: Recipient, found: FoundMessage): Promise<Taken> {
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
  { store }: RunOptions,
  { id }: ImportRow,
  { from, items, done }: { from: number; items: readonly FoundMessage[]; done: readonly Taken[] },
): Promise<void> {
  const rows = items.flatMap(({ name }, i) => {
    const taken = done[i];
    return taken ? [{ import_id: id, n: from + i + 1, name: shortened(name, 'name'), ...taken }] : [];
  });
  if (rows.length === 0) return;
  await store.write(async (trx) => {
    await trx('import_items').insert(rows);
    await trx('imports')
      .where({ id })
      .update({ read: items.at(-1)?.read ?? 0 });
    await record(trx, [{ kind: 'import', ref: String(id) }]);
  });
}

async function finish(
  { store }: RunOptions,
  { id, size }: ImportRow,
  state: ImportRow['state'],
  problem: string | null,
): Promise<void> {
  await store.write(async (trx) => {
    await trx('imports').where({ id }).update({ state, problem, read: size });
    await record(trx, [{ kind: 'import', ref: String(id) }]);
  });
}
