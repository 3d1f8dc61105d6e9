import type { MailboxState, WatchedFolder } from '@hatband/contract';
import type { Logger } from 'pino';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Clock } from '../clock.ts';
import { traceOf } from '../errors.ts';
import { AccountProblem, type Account } from './account.ts';
import { look, type Looking } from './look.ts';

/** Without news a folder is looked through this often all the same. */
const POLL_MS = 60_000;
/** The pause before a connection is tried again grows from the first to the last. */
const FIRST_PAUSE_MS = 2000;
const LONGEST_PAUSE_MS = 5 * 60_000;

export interface WatchOptions {
  looking: Looking;
  connect: () => Promise<Account>;
  onState: (state: MailboxState) => void;
  clock: Clock;
  log: Logger;
  /** Shorter for tests. */
  pollMs?: number | undefined;
  firstPauseMs?: number | undefined;
}

export interface Watch {
  /** What is wanted of the mailbox has changed. */
  wake: () => void;
  stop: () => Promise<void>;
}

/** Watches all folders of a mailbox, each over a connection of its own, until it is stopped. */
export function watchMailbox(options: WatchOptions): Watch {
  const stopped = new AbortController();
  let woken = new AbortController();
  const wake = () => {
    woken.abort();
    woken = new AbortController();
  };
  const states = new Map<string, MailboxState>();
  const tellOf = (folder: string) => (state: MailboxState) => {
    states.set(folder, state);
    // One folder in trouble is what the user has to know.
    const all = [...states.values()];
    options.onState(all.find(({ kind }) => kind === 'trouble') ?? state);
  };
  options.onState({ kind: 'connecting' });
  const news = () => AbortSignal.any([stopped.signal, woken.signal]);
  const running = options.looking.settings.folders.map((watched) =>
    watchFolder({ ...options, onState: tellOf(watched.folder) }, watched, stopped.signal, news),
  );
  return {
    wake,
    stop: async () => {
      stopped.abort();
      await Promise.all(running);
    },
  };
}

async function watchFolder(
  options: WatchOptions,
  watched: WatchedFolder,
  stop: AbortSignal,
  news: () => AbortSignal,
): Promise<void> {
  const first = options.firstPauseMs ?? FIRST_PAUSE_MS;
  let pause = first;
  const isStopped = () => stop.aborted;
  while (!isStopped()) {
    try {
      await watchConnected(options, watched, stop, news, () => (pause = first));
    } catch (error) {
      // What breaks off while it is being stopped is no trouble.
      if (isStopped()) return;
      const { looking, onState, clock, log } = options;
      const words =
        error instanceof AccountProblem
          ? error.message
          : 'Its mail could not be brought in; it is tried again.';
      if (!(error instanceof AccountProblem))
        log.error(
          { mailbox: looking.mailboxId, error: traceOf(error) },
          'a mailbox could not be looked through',
        );
      onState({ kind: 'trouble', words, again: new Date(clock().getTime() + pause).toISOString() });
      await sleep(pause, undefined, { signal: stop }).catch(() => undefined);
      pause = Math.min(pause * 2, LONGEST_PAUSE_MS);
    }
  }
}

async function watchConnected(
  { looking, connect, onState, clock, pollMs = POLL_MS }: WatchOptions,
  watched: WatchedFolder,
  stop: AbortSignal,
  news: () => AbortSignal,
  onWell: () => void,
): Promise<void> {
  const account = await connect();
  try {
    const folder = { ...(await account.open(watched.folder)), path: watched.folder };
    let isFirst = true;
    while (!stop.aborted) {
      const next = news();
      await look(looking, folder, watched);
      onWell();
      if (isFirst) onState({ kind: 'watching', since: clock().toISOString() });
      isFirst = false;
      await folder.wait(pollMs, next);
    }
  } finally {
    await account.close();
  }
}
