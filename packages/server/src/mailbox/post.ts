import type { MailboxState } from '@hatband/contract';
import type { CompiledRules } from '@hatband/core/rules';
import type { Logger } from 'pino';
import type { Background } from '../background.ts';
import type { Clock } from '../clock.ts';
import type { Directory } from '../intake/directory.ts';
import type { Receive } from '../intake/receive.ts';
import { record, type MailboxRow, type Store } from '../store/index.ts';
import { AccountProblem, type Account } from './account.ts';
import { carryOut } from './carryOut.ts';
import { connectImap } from './imapAccount.ts';
import { mailboxRows, settingsOf } from './mailboxes.ts';
import type { Secrets } from './secret.ts';
import { watchMailbox, type Watch } from './watcher.ts';

export interface PostOptions {
  store: Store;
  secrets: Secrets;
  directory: Directory;
  receive: Receive;
  liveRules: () => Promise<CompiledRules>;
  /** The practice mailbox, which ships with Hatband. */
  practice: () => Promise<Account>;
  background: Background;
  clock: Clock;
  log: Logger;
  /** Shorter ones for tests. */
  pollMs?: number | undefined;
  firstPauseMs?: number | undefined;
}

/** All watched mailboxes. */
export interface Post {
  stateOf: (id: number) => MailboxState;
  /** Watches the mailboxes as they are now; to be called after one was changed. */
  load: () => Promise<void>;
  /** Does what is due in mailboxes. */
  carry: () => void;
  stop: () => Promise<void>;
}

/** What is to be done in mailboxes is looked for this often, besides when it arises. */
const CARRY_MS = 5000;

export async function openPost(options: PostOptions): Promise<Post> {
  const { store, background } = options;
  const states = new Map<number, MailboxState>();
  const watches = new Map<number, { revision: number; watch: Watch }>();
  const connectTo = (row: MailboxRow) => connect(row, options);
  let carrying: Promise<unknown> = Promise.resolve();
  const carry = () => {
    const turn = carrying.then(() => carryOut({ ...options, connectTo }));
    background('what is to be done in mailboxes', () => turn);
    carrying = turn.catch(() => undefined);
  };

  const load = async () => {
    const rows = (await mailboxRows(store.read)).filter(({ paused_at }) => paused_at === null);
    for (const [id, { revision, watch }] of watches) {
      if (rows.some((row) => row.id === id && row.revision === revision)) continue;
      watches.delete(id);
      await watch.stop();
    }
    for (const row of rows) {
      if (watches.has(row.id)) continue;
      const onState = (state: MailboxState) => {
        states.set(row.id, state);
        background('telling the state of a mailbox', async () => {
          await store.write((trx) => record(trx, [{ kind: 'mailbox', ref: String(row.id) }]));
        });
      };
      watches.set(row.id, { revision: row.revision, watch: startWatch(row, options, onState) });
    }
  };
  await load();
  carry();
  store.onChange((kinds) => {
    // A rule may start by another label now.
    if (kinds.has('rule')) for (const { watch } of watches.values()) watch.wake();
  });
  const timer = setInterval(carry, CARRY_MS);
  return {
    stateOf: (id) => states.get(id) ?? { kind: 'connecting' },
    load,
    carry,
    stop: async () => {
      clearInterval(timer);
      await Promise.all([...watches.values()].map(({ watch }) => watch.stop()));
      await carrying;
    },
  };
}

function startWatch(row: MailboxRow, options: PostOptions, onState: (state: MailboxState) => void): Watch {
  const { store, clock, directory, receive, log, pollMs, firstPauseMs } = options;
  return watchMailbox({
    looking: {
      store,
      clock,
      mailboxId: row.id,
      addressId: row.address_id,
      settings: settingsOf(row),
      directory,
      receive,
      labels: async () => labelsOf(await options.liveRules()),
    },
    connect: () => connect(row, options),
    onState,
    clock,
    log,
    pollMs,
    firstPauseMs,
  });
}

/** The labels that rules start by. */
const labelsOf = ({ rules }: CompiledRules): string[] => [
  ...new Set(
    rules.flatMap(({ version: { definition } }) =>
      definition.start.kind === 'label' ? definition.start.is.map((label) => label.trim()) : [],
    ),
  ),
];

async function connect(row: MailboxRow, { secrets, practice }: PostOptions): Promise<Account> {
  const settings = settingsOf(row);
  if (settings.kind === 'practice') return practice();
  if (row.secret === null) throw new AccountProblem('This mailbox has no password yet.', true);
  return connectImap(settings, unsealed(secrets, row.secret));
}

function unsealed(secrets: Secrets, secret: Buffer): string {
  try {
    return secrets.unseal(secret);
  } catch {
    throw new AccountProblem('Its password was kept under another key; give it once more.', true);
  }
}
