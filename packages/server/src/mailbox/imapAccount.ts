import type { ImapSettings } from '@hatband/contract';
import { ImapFlow, type ImapFlowOptions } from 'imapflow';
import { once } from 'node:events';
import { setTimeout as sleep } from 'node:timers/promises';
import {
  AccountProblem,
  type Account,
  type Change,
  type Fetched,
  type Head,
  type OpenFolder,
} from './account.ts';
import { explain } from './explain.ts';

const CONNECT_MS = 15_000;
/** A server that says nothing for so long in the midst of an answer is left. */
const SILENCE_MS = 120_000;
/** Heads are asked for in pieces of so many. */
const HEADS = 500;

/** Connects and signs in. Throws AccountProblem. */
export async function connectImap(settings: ImapSettings, password: string): Promise<Account> {
  const client = new ImapFlow(optionsOf(settings, password));
  // What breaks a connection is told by the command that fails.
  client.on('error', () => undefined);
  try {
    await client.connect();
  } catch (error) {
    client.close();
    throw explain(error, settings);
  }
  const told = async <T>(work: Promise<T>): Promise<T> => {
    const result = await work.catch((error: unknown) => {
      throw explain(error, settings);
    });
    // A command on a connection that has ended answers as if there were nothing.
    if (!client.usable) throw new AccountProblem(`${settings.host} closed the connection.`, false);
    return result;
  };
  return {
    folders: async () => (await told(client.list())).map(({ path }) => path),
    open: async (path) => {
      const folder = await client.mailboxOpen(path).catch((error: unknown) => {
        throw client.usable
          ? new AccountProblem(`There is no folder ${path} in this mailbox.`, true)
          : explain(error, settings);
      });
      return openFolder(client, folder, told);
    },
    close: async () => {
      await Promise.race([client.logout(), sleep(2000)]).catch(() => undefined);
      client.close();
    },
  };
}

const optionsOf = ({ host, port, security, user }: ImapSettings, pass: string): ImapFlowOptions => ({
  host,
  port,
  secure: security === 'tls',
  doSTARTTLS: security === 'starttls',
  auth: { user, pass },
  logger: false,
  connectionTimeout: CONNECT_MS,
  greetingTimeout: CONNECT_MS,
  socketTimeout: SILENCE_MS,
  disableAutoIdle: true,
});

type Opened = Awaited<ReturnType<ImapFlow['mailboxOpen']>>;
type Told = <T>(work: Promise<T>) => Promise<T>;

function openFolder(client: ImapFlow, folder: Opened, told: Told): OpenFolder {
  const search = async (query: Parameters<ImapFlow['search']>[0]) => {
    const found = await told(client.search(query, { uid: true }));
    if (!found) throw new AccountProblem('The server could not search this folder.', false);
    return found.toSorted((a, b) => a - b);
  };
  return {
    uidValidity: String(folder.uidValidity),
    nextUid: folder.uidNext,
    newest: async () => (folder.exists === 0 ? null : ((await headsOf(client, ['*'], told))[0] ?? null)),
    // A range that ends in * holds the last message even where that has a smaller number.
    above: async (uid) => (await search({ uid: `${String(uid + 1)}:*` })).filter((each) => each > uid),
    since: (day) => search({ since: day }),
    marked: (mark) => search(mark.kind === 'flag' ? { flagged: true } : { keyword: mark.name }),
    heads: (uids) => headsOf(client, uids, told),
    has: async (uid) => (await told(client.fetchOne(String(uid), { uid: true }, { uid: true }))) !== false,
    fetch: (uid) => fetchWhole(client, uid, told),
    find: async (ref) => (await search({ header: { 'message-id': ref } })).at(-1) ?? null,
    change: (uid, change) => changeMessage(client, folder, { uid, change }, told),
    move: async (uid, to) => {
      const moved = await told(client.messageMove(String(uid), to, { uid: true }));
      if (moved === false) throw new AccountProblem(`There is no folder ${to} in this mailbox.`, true);
      return moved.uidMap?.get(uid) ?? null;
    },
    wait: (ms, stop) => waitForNews(client, ms, stop),
  };
}

const HEAD = { envelope: true, internalDate: true, size: true };

async function headsOf(client: ImapFlow, uids: readonly (number | '*')[], told: Told): Promise<Head[]> {
  const heads: Head[] = [];
  for (let at = 0; at < uids.length; at += HEADS) {
    const range = uids.slice(at, at + HEADS).join(',');
    const found = await told(client.fetchAll(range, HEAD, { uid: true }));
    for (const { uid, envelope, internalDate, size } of found)
      heads.push({
        uid,
        ref: envelope?.messageId ?? null,
        sender: envelope?.from?.[0]?.address ?? '',
        cameAt: new Date(internalDate ?? 0),
        size: size ?? 0,
      });
  }
  return heads;
}

async function fetchWhole(client: ImapFlow, uid: number, told: Told): Promise<Fetched | null> {
  const found = await told(client.fetchOne(String(uid), { source: true, flags: true }, { uid: true }));
  if (found === false || found.source === undefined) return null;
  const flags = [...(found.flags ?? [])];
  return {
    bytes: found.source,
    labels: flags.filter((flag) => !flag.startsWith('\\')),
    flagged: flags.includes('\\Flagged'),
  };
}

/** A keyword is an atom (RFC 9051, section 9). */
const KEYWORD = /^[^\s(){%*"\\\]\p{Cc}]+$/u;

async function changeMessage(
  client: ImapFlow,
  folder: Opened,
  { uid, change }: { uid: number; change: Change },
  told: Told,
): Promise<void> {
  for (const label of [...change.add, ...change.remove]) requireKeyword(label);
  if (change.add.length > 0 && folder.permanentFlags?.has('\\*') === false) {
    const known = folder.permanentFlags;
    const strange = change.add.find((label) => !known.has(label));
    if (strange) throw new AccountProblem(`This mailbox takes no new labels (${strange}).`, true);
  }
  const on = String(uid);
  const add = [
    ...change.add,
    ...(change.flagged === true ? ['\\Flagged'] : []),
    ...(change.read ? ['\\Seen'] : []),
  ];
  const remove = [...change.remove, ...(change.flagged === false ? ['\\Flagged'] : [])];
  if (add.length > 0) await told(client.messageFlagsAdd(on, add, { uid: true }));
  if (remove.length > 0) await told(client.messageFlagsRemove(on, remove, { uid: true }));
}

/** The server would drop such a label without a word. */
function requireKeyword(label: string): void {
  if (KEYWORD.test(label)) return;
  throw new AccountProblem(
    `“${label}” can be no label in this mailbox: it has a space or a special sign.`,
    true,
  );
}

/** By IDLE (RFC 2177); a server without it is asked again after the time. */
async function waitForNews(client: ImapFlow, ms: number, stop: AbortSignal): Promise<void> {
  const done = new AbortController();
  const signal = AbortSignal.any([stop, done.signal]);
  const events = ['exists', 'flags', 'expunge', 'close'].map((name) => once(client, name, { signal }));
  try {
    void client.idle().catch(() => undefined);
    await Promise.race([...events, sleep(ms, undefined, { signal })]);
  } catch (error) {
    if (!signal.aborted) throw error;
  } finally {
    done.abort();
    await Promise.allSettled(events);
  }
}
