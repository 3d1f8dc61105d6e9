import type { CompiledRules } from '@hatband/core/rules';
import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import { openAccess } from './access/access.ts';
import { makeBackground, type Background } from './background.ts';
import { makeClock, type Clock } from './clock.ts';
import type { Config } from './config.ts';
import { codeOf, StartFailure, traceOf } from './errors.ts';
import { makeEvents, pruneEvents } from './events.ts';
import { openImports, type Imports } from './files/imports.ts';
import { makeApp } from './http/app.ts';
import { ensureInbox } from './intake/addresses.ts';
import { makeByteBudget } from './intake/byteBudget.ts';
import { makeDeposit } from './intake/deposit.ts';
import { openDirectory } from './intake/directory.ts';
import { makeReceive } from './intake/receive.ts';
import { openPost, type Post, type PostOptions } from './mailbox/post.ts';
import { openSecrets, type Secrets } from './mailbox/secret.ts';
import { startPipeline } from './pipeline/pipeline.ts';
import { practiceAccount, PracticeNews } from './practice/account.ts';
import { ensurePractice } from './practice/ensurePractice.ts';
import { startReader, type Reader } from './pipeline/reader.ts';
import { openRuleSet } from './rules/ruleSet.ts';
import { openUser, type UserNow } from './settings/user.ts';
import { listenSmtp, type SmtpListener, type SmtpOptions } from './smtp/server.ts';
import { openStore, type Store } from './store/index.ts';

/** How long a stop may take to finish what is being received, and then what is being applied. */
const GRACE_MS = 5000;
const READER_TIMEOUT_MS = 20_000;
/** A browser that says nothing for this long is gone; an open page hears from Hatband more often. */
const IDLE_MS = 60_000;
const MOST_CLIENTS = 500;

export interface Parts {
  /** The built scripts and page that the server starts and serves. */
  readerScript: URL;
  ruleFileScript: URL;
  webFolder: string;
  readerTimeoutMs?: number;
  /** A reader that several servers share; its owner closes it. */
  reader?: Reader;
  /** Throws away what the data folder holds. */
  anew?: boolean;
  /** Shorter times for tests. */
  smtpTimes?: Pick<SmtpOptions, 'silenceMs' | 'longestMs'>;
  mailboxTimes?: Pick<PostOptions, 'pollMs' | 'firstPauseMs'>;
  /** Fills an opened store before anything is served. */
  prepare?: (store: Store, clock: Clock) => Promise<void>;
}

export interface RunningServer {
  log: Logger;
  port: number;
  smtpPort: number;
  store: Store;
  clock: Clock;
  stop: () => Promise<void>;
}

/** Opens the data folder, finishes what an earlier process left in the queue, and listens. Throws StartFailure. */
export async function startServer(config: Config, parts: Parts): Promise<RunningServer> {
  const log = pino({ level: config.logLevel }, pino.destination({ fd: 2, sync: true }));
  const clock = makeClock(config.startAt);
  const store = await openStore(config.dataFolder, { anew: parts.anew, mayBeLost: config.mayBeLost });
  try {
    const user = await openUser(store, config.user, clock);
    await ensureInbox(store, clock);
    const secrets = openSecrets(config.dataFolder);
    await ensurePractice(store, secrets, user, clock);
    await pruneEvents(store);
    await parts.prepare?.(store, clock);
    return await listen(config, parts, { store, clock, log, secrets, user });
  } catch (error) {
    await store.close();
    throw error;
  }
}

interface Base {
  store: Store;
  clock: Clock;
  log: Logger;
  secrets: Secrets;
  user: UserNow;
}

async function listen(config: Config, parts: Parts, base: Base): Promise<RunningServer> {
  const { store, clock, log, user } = base;
  const { domain } = config;
  const background = makeBackground(log);
  const events = makeEvents(store, background);
  const liveRules = openRuleSet(store, user);
  const reader = parts.reader ?? startReader(parts.readerScript, parts.readerTimeoutMs ?? READER_TIMEOUT_MS);
  const wake = () => pipeline.wake();
  const intake = await openIntake(
    config,
    { ...base, background, liveRules },
    { wake, receiving: () => smtp.receiving() },
  );
  const shared = { ...base, ...intake, background, events, liveRules };
  const smtpAt = { host: config.smtpHost, port: config.smtpPort };
  const app = makeApp({
    ...shared,
    domain,
    access: await openAccess(store, config.passphrase, clock),
    post: () => post,
    smtp: () => smtpAt,
    wake,
    names: [config.host, ...config.names],
    proxies: config.proxies,
    webFolder: parts.webFolder,
    ruleFileScript: parts.ruleFileScript,
  });
  const web = serveWeb(app);
  const port = await listenWeb(web, config);
  const smtp = await listenSmtp({ ...smtpAt, ...parts.smtpTimes, ...intake, log }).catch((error: unknown) => {
    web.close();
    throw error;
  });
  smtpAt.port = smtp.port;
  const pipeline = startPipeline({
    ...shared,
    reader,
    readOptions: async () => (await user()).readOptions,
    domain,
    quietSince: smtp.quietSince,
    onApplied: () => {
      post.carry();
    },
  });
  const post = await openPost({
    ...shared,
    ...parts.mailboxTimes,
    practice: () => practiceAccount(store, intake.practiceNews, clock),
  });
  const stop = async () => {
    await stopTakingIn(smtp, intake.imports, post);
    await pipeline.stop(GRACE_MS);
    if (!parts.reader) reader.close();
    events.close();
    closeWeb(web);
    await store.close();
  };
  return { log, port, smtpPort: smtp.port, store, clock, stop };
}

async function stopTakingIn(smtp: SmtpListener, imports: Imports, post: Post): Promise<void> {
  await smtp.stop(GRACE_MS);
  await imports.stop();
  await post.stop();
}

interface Pipeline {
  /** There is something to read. */
  wake: () => void;
  /** How many messages are being received by SMTP. */
  receiving: () => number;
}

/** What all ways in have in common: who is known, what is taken, and where it is stored. */
async function openIntake(
  { domain, dataFolder }: Config,
  base: Base & { background: Background; liveRules: () => Promise<CompiledRules> },
  { wake, receiving }: Pipeline,
) {
  const { store, clock, log, liveRules } = base;
  const budget = makeByteBudget();
  const directory = await openDirectory(store, domain, clock, (error) => {
    log.error({ error: traceOf(error) }, 'the addresses could not be read anew');
  });
  const deposit = makeDeposit(store, wake, () => receiving() + imports.underWay());
  const context = async () => (await liveRules()).context;
  const receive = makeReceive({ store, deposit, context, clock });
  const shared = { budget, directory, receive };
  const imports = await openImports({ ...base, ...shared, folder: dataFolder });
  return { ...shared, imports, practiceNews: new PracticeNews() };
}

function serveWeb(app: RequestListener): Server {
  const web = createServer(app);
  web.setTimeout(IDLE_MS);
  web.keepAliveTimeout = IDLE_MS;
  // A large file may take long on a slow line, as long as it moves.
  web.requestTimeout = 0;
  web.maxConnections = MOST_CLIENTS;
  return web;
}

function closeWeb(web: Server): void {
  web.close();
  web.closeAllConnections();
}

async function listenWeb(web: Server, { host, port }: Config): Promise<number> {
  await new Promise<void>((resolve, reject) => {
    web.once('error', (error) => {
      const inUse = codeOf(error) === 'EADDRINUSE';
      reject(
        inUse ? new StartFailure(`Port ${String(port)} (the page) is in use by another program.`) : error,
      );
    });
    web.listen(port, host, resolve);
  });
  return (web.address() as AddressInfo).port;
}
