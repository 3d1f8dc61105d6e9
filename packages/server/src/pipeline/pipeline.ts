import { READER_VERSION, Reading, type ReadOptions } from '@hatband/core/reading';
import type { CompiledRules } from '@hatband/core/rules';
import { createHash } from 'node:crypto';
import type { Logger } from 'pino';
import { becomeReady } from '../arrivals/transitions.ts';
import type { Clock } from '../clock.ts';
import { messageOf, traceOf } from '../errors.ts';
import { rawBytes } from '../intake/deposit.ts';
import { inflateJson, type Store } from '../store/index.ts';
import { applyFailure, applyOutcome } from './apply.ts';
import { retryDue } from './retries.ts';
import { claim, giveBack, MOST_ATTEMPTS, type Claimed } from './queue.ts';
import type { Reader } from './reader.ts';

const BATCH = 24;
/** While mail pours in, reading waits for a gap of this length, but never longer than the other. */
const GAP_MS = 25;
const LONGEST_WAIT_MS = 2000;
const RETRY_MS = 1000;
/** How often what failed is looked at. */
const SWEEP_MS = 60_000;

export interface PipelineOptions {
  store: Store;
  reader: Reader;
  readOptions: () => Promise<ReadOptions>;
  /** The live rules in their order, as they are now. */
  liveRules: () => Promise<CompiledRules>;
  /** The domain of the intake addresses. */
  domain: string;
  /** Since when no mail is being received, by `performance.now()`; null while some is. */
  quietSince: () => number | null;
  onApplied: () => void;
  clock: Clock;
  log: Logger;
}

export interface Pipeline {
  /** Something was stored. */
  wake: () => void;
  /** Finishes what is stored, at most `graceMs`, and stops. */
  stop: (graceMs: number) => Promise<void>;
}

/**
 * The queue is the database: what is stored or ready there is read and applied, in order, until nothing is left. A message
 * whose reading did not come to its end at once goes on apart, so that the others pass it.
 */
export function startPipeline(options: PipelineOptions): Pipeline {
  const loops = [startLoop(options, 'fresh'), startLoop(options, 'suspects')];
  const wake = () => {
    for (const loop of loops) loop.wake();
  };
  void tryAgain(options, wake);
  const sweep = setInterval(() => void tryAgain(options, wake), SWEEP_MS);
  return {
    wake,
    stop: async (graceMs) => {
      clearInterval(sweep);
      await Promise.all(loops.map((loop) => loop.stop(graceMs)));
    },
  };

  function startLoop(of: PipelineOptions, which: Which): Pipeline {
    return makeLoop(async () => {
      const worked = await tryRound(of, which);
      if (worked === 'worked' && which === 'fresh') loops[1]?.wake();
      return worked;
    });
  }
}

type Which = 'fresh' | 'suspects';
type Worked = 'worked' | 'idle' | 'broken';

/** Works round after round, and sleeps while there is nothing to do. */
function makeLoop(work: () => Promise<Worked>): Pipeline {
  let stopping: number | null = null;
  let woken: () => void = () => undefined;
  let signal = new Promise<void>((resolve) => {
    woken = resolve;
  });
  const run = async () => {
    for (;;) {
      const out = stopping !== null && Date.now() > stopping;
      const worked = out ? 'idle' : await work();
      if (worked === 'worked') continue;
      if (stopping !== null) return;
      if (worked === 'idle') await signal;
      else await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      signal = new Promise<void>((resolve) => {
        woken = resolve;
      });
    }
  };
  const running = run();
  return {
    wake: () => {
      woken();
    },
    stop: async (graceMs) => {
      stopping = Date.now() + graceMs;
      woken();
      await running;
    },
  };
}

/** A store that cannot write just now leaves the queue as it is. */
async function tryRound(options: PipelineOptions, which: Which): Promise<Worked> {
  try {
    return (await round(options, which)) ? 'worked' : 'idle';
  } catch (error) {
    options.log.error({ error: traceOf(error) }, 'the queue could not be worked on');
    return 'broken';
  }
}

async function tryAgain(options: PipelineOptions, wake: () => void): Promise<void> {
  const { store, domain, clock, log } = options;
  try {
    if (!(await retryDue(store, { rules: await options.liveRules(), domain, clock }))) return;
    options.onApplied();
    wake();
  } catch (error) {
    log.error({ error: traceOf(error) }, 'what failed could not be tried again');
  }
}

/** One batch; false where the queue is empty. */
async function round(options: PipelineOptions, which: Which): Promise<boolean> {
  await waitForGap(options.quietSince);
  const batch = await claim(options.store, which === 'fresh' ? BATCH : 1, which);
  if (batch.length === 0) return false;
  await readBatch(
    options,
    batch.filter((arrival) => arrival.state === 'stored'),
  );
  await applyBatch(options, batch);
  options.onApplied();
  return true;
}

async function waitForGap(quietSince: () => number | null): Promise<void> {
  const end = performance.now() + LONGEST_WAIT_MS;
  for (let now = performance.now(); now < end; now = performance.now()) {
    const gap = now - (quietSince() ?? now);
    if (gap >= GAP_MS) return;
    await new Promise((resolve) => setTimeout(resolve, GAP_MS - gap));
  }
}

/** Reads the batch one by one and stores the readings. The first death ends it; those behind it were not begun. */
async function readBatch(options: PipelineOptions, batch: readonly Claimed[]): Promise<void> {
  const { store, reader, clock, log } = options;
  const readOptions = await options.readOptions();
  const read: { arrival: Claimed; body: Uint8Array }[] = [];
  let failed: { arrival: Claimed; reason: string } | null = null;
  for (const arrival of batch) {
    try {
      const bytes = await rawBytes(store, arrival.message_id);
      const body = await reader.read(
        { bytes, arrivedAt: arrival.received_at, options: readOptions },
        arrival.attempts > 1,
      );
      read.push({ arrival, body });
    } catch (error) {
      failed = { arrival, reason: messageOf(error) };
      log.error({ arrival: arrival.id, attempt: arrival.attempts }, 'a message could not be read');
      break;
    }
  }
  const context = contextHash(readOptions);
  await store.write(async (trx) => {
    for (const { arrival, body } of read) {
      const row = { message_id: arrival.message_id, reader_version: READER_VERSION, context };
      await trx('readings')
        .insert({ ...row, body: Buffer.from(body) })
        .onConflict(Object.keys(row))
        .ignore();
      const stored = await trx('readings').where(row).first('id');
      await becomeReady(trx, arrival.id, stored?.id ?? null);
    }
    if (failed && failed.arrival.attempts >= MOST_ATTEMPTS)
      await applyFailure(trx, failed.arrival, failed.reason, clock);
  });
  if (failed) await giveBack(store, batch.slice(batch.indexOf(failed.arrival) + 1));
}

/** All ready arrivals of the batch in one transaction; one that cannot be applied is failed and the others stand. */
async function applyBatch(options: PipelineOptions, batch: readonly Claimed[]): Promise<void> {
  const { store, log, clock, domain } = options;
  const rules = await options.liveRules();
  const readings = await readingsOf(store, batch);
  await store.write(async (trx) => {
    for (const arrival of batch) {
      const body = readings.get(arrival.id);
      if (!body) continue;
      try {
        const reading = inflateJson(Reading, body);
        await trx.transaction((savepoint) =>
          applyOutcome(savepoint, arrival, reading, { rules, domain, clock }),
        );
      } catch (error) {
        log.error({ arrival: arrival.id, error: traceOf(error) }, 'an outcome could not be applied');
        await applyFailure(trx, arrival, 'the rules could not be applied to it', clock);
      }
    }
  });
}

async function readingsOf(store: Store, batch: readonly Claimed[]): Promise<Map<number, Buffer>> {
  const ids = batch.map((arrival) => arrival.id);
  const rows: { id: number; body: Buffer }[] = await store
    .read('arrivals')
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .whereIn('arrivals.id', ids)
    .where({ state: 'ready' })
    .select('arrivals.id', 'readings.body');
  return new Map(rows.map((row) => [row.id, row.body]));
}

/** Readings are stored under all that they depend on besides the message. */
export function contextHash(options: ReadOptions): string {
  return createHash('sha256').update(JSON.stringify(options)).digest('hex').slice(0, 16);
}
