import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import { makeClock, type Clock } from './clock.ts';
import type { Config } from './config.ts';
import { codeOf, StartFailure } from './errors.ts';
import { makeEvents, pruneEvents } from './events.ts';
import { makeApp } from './http/app.ts';
import { publicHolidays } from './holidays.ts';
import { ensureInbox } from './intake/addresses.ts';
import { makeDeposit } from './intake/deposit.ts';
import { openDirectory } from './intake/directory.ts';
import { startPipeline } from './pipeline/pipeline.ts';
import { startReader } from './pipeline/reader.ts';
import { openRuleSet } from './rules/ruleSet.ts';
import { listenSmtp } from './smtp/server.ts';
import { openStore, type Store } from './store/index.ts';

/** How long a stop may take to finish what is being received, and then what is being applied. */
const GRACE_MS = 5000;
const READER_TIMEOUT_MS = 20_000;

export interface Parts {
  /** The built scripts and page that the server starts and serves. */
  readerScript: URL;
  webFolder: string;
  readerTimeoutMs?: number;
  /** Throws away what the data folder holds. */
  anew?: boolean;
  /** Fills an opened store before anything is served. */
  prepare?: (store: Store, clock: Clock) => Promise<void>;
}

export interface RunningServer {
  port: number;
  smtpPort: number;
  store: Store;
  stop: () => Promise<void>;
}

/** Opens the data folder, finishes what an earlier process left in the queue, and listens. Throws StartFailure. */
export async function startServer(config: Config, parts: Parts): Promise<RunningServer> {
  const log = pino({ level: config.logLevel }, pino.destination({ fd: 2, sync: true }));
  const clock = makeClock(config.startAt);
  const holidays = config.holidays === null ? [] : await publicHolidays(config.holidays, clock());
  const store = await openStore(config.dataFolder, parts.anew);
  try {
    await ensureInbox(store, clock);
    await pruneEvents(store);
    await parts.prepare?.(store, clock);
    return await listen({ ...config, closed: [...holidays, ...config.closed] }, parts, { store, clock, log });
  } catch (error) {
    await store.close();
    throw error;
  }
}

interface Base {
  store: Store;
  clock: Clock;
  log: Logger;
}

async function listen(config: Config, parts: Parts, { store, clock, log }: Base): Promise<RunningServer> {
  const { domain, zone, me, dateOrder, closed } = config;
  const events = makeEvents(store);
  const user = { me, zone, dateOrder, closed };
  const liveRules = openRuleSet(store, user);
  const reader = startReader(parts.readerScript, parts.readerTimeoutMs ?? READER_TIMEOUT_MS);
  const wake = () => {
    pipeline.wake();
    events.notify();
  };
  const deposit = makeDeposit(store, wake, () => smtp.receiving());
  const directory = await openDirectory(store, domain);
  let smtpPort = config.smtpPort;
  const app = makeApp({
    store,
    directory,
    events,
    clock,
    domain,
    user,
    liveRules,
    smtpPort: () => smtpPort,
    webFolder: parts.webFolder,
    log,
  });
  const web = createServer(app);
  const port = await listenWeb(web, config.port);
  const smtp = await listenSmtp({ port: config.smtpPort, directory, deposit, clock, log }).catch(
    (error: unknown) => {
      web.close();
      throw error;
    },
  );
  smtpPort = smtp.port;
  const pipeline = startPipeline({
    store,
    reader,
    readOptions: user,
    liveRules,
    domain,
    quietSince: smtp.quietSince,
    onApplied: events.notify,
    clock,
    log,
  });
  const stop = async () => {
    await smtp.stop(GRACE_MS);
    await pipeline.stop(GRACE_MS);
    reader.close();
    events.close();
    web.close();
    web.closeAllConnections();
    await store.close();
  };
  return { port, smtpPort, store, stop };
}

async function listenWeb(web: Server, port: number): Promise<number> {
  await new Promise<void>((resolve, reject) => {
    web.once('error', (error) => {
      const inUse = codeOf(error) === 'EADDRINUSE';
      reject(
        inUse ? new StartFailure(`Port ${String(port)} (the page) is in use by another program.`) : error,
      );
    });
    web.listen(port, '127.0.0.1', resolve);
  });
  return (web.address() as AddressInfo).port;
}
