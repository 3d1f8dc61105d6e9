import * as contract from '@hatband/contract';
import { afterAll, afterEach, beforeAll, beforeEach } from 'vitest';
import { OWN, PASSWORD, startDovecot, USER, type Dovecot } from './dovecot.ts';
import { startTestServer, until, type TestServer } from './testServer.ts';

let imap: Dovecot;
let server: TestServer;

/** For each test of the file an empty mailbox on a real IMAP server, and a server that may watch it. */
export function withMailbox(): void {
  beforeAll(async () => {
    imap = await startDovecot();
  });
  afterAll(() => imap.end());
  beforeEach(async () => {
    await imap.as(async (client) => {
      for (const folder of ['INBOX', 'Sent', 'Archive']) {
        await client.mailboxOpen(folder);
        await client.messageDelete('1:*');
      }
    });
    server = await startTestServer({ mailboxTimes: { pollMs: 2000, firstPauseMs: 100 } });
  });
  afterEach(() => server.end());
}

export const theImap = () => imap;
export const theServer = () => server;

export const put = (bytes: Buffer, { folder = 'INBOX', flags = [] as string[] } = {}) =>
  imap.as(async (client) => {
    const appended = await client.append(folder, bytes, flags);
    return appended ? (appended.uid ?? 0) : 0;
  });

export const mark = (uid: number, flags: string[], folder = 'INBOX') =>
  imap.as(async (client) => {
    await client.mailboxOpen(folder);
    await client.messageFlagsAdd(String(uid), flags, { uid: true });
  });

/** Null where it is not in the folder. */
export const flagsOf = (uid: number, folder = 'INBOX') =>
  imap.as(async (client) => {
    await client.mailboxOpen(folder);
    const found = await client.fetchOne(String(uid), { flags: true }, { uid: true });
    return found ? [...(found.flags ?? [])] : null;
  });

export const settingsFor = (folders: contract.WatchedFolder[], more = {}) => ({
  kind: 'imap' as const,
  name: 'Museum',
  addresses: [OWN],
  folders,
  recipients: [],
  host: '127.0.0.1',
  port: imap.port,
  security: 'none' as const,
  user: USER,
  ...more,
});

export async function watch(folders: contract.WatchedFolder[], more = {}): Promise<void> {
  await server.ask(contract.addMailbox, {
    body: { settings: settingsFor(folders, more), password: PASSWORD },
  });
  await isWatching();
}

export const museum = async () =>
  (await server.ask(contract.listMailboxes)).items.find(({ settings }) => settings.name === 'Museum');

export const isWatching = () => until(museum, (mailbox) => mailbox?.state.kind === 'watching');

export const sheet = async (id: number) => server.ask(contract.getArrival, { params: { id } });

/** What became of what was to be done in the mailbox, once nothing of it waits. */
export const carriedOut = async (arrivalId: number) =>
  (
    await until(
      () => sheet(arrivalId),
      (all) => all.carriedOut.length > 0 && all.carriedOut.every(({ state }) => state !== 'waiting'),
    )
  ).carriedOut;
