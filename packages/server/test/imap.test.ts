import * as contract from '@hatband/contract';
import type { RuleInput } from '@hatband/core/rules';
import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from 'vitest';
import { letter, OWN, PASSWORD, startDovecot, USER, type Dovecot } from './dovecot.ts';
import { standBefore } from './unreliable.ts';
import { settled, startTestServer, until, type TestServer } from './testServer.ts';

let imap: Dovecot;
let server: TestServer;

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

const put = (bytes: Buffer, { folder = 'INBOX', flags = [] as string[] } = {}) =>
  imap.as(async (client) => {
    const appended = await client.append(folder, bytes, flags);
    return appended ? (appended.uid ?? 0) : 0;
  });

const mark = (uid: number, flags: string[], folder = 'INBOX') =>
  imap.as(async (client) => {
    await client.mailboxOpen(folder);
    await client.messageFlagsAdd(String(uid), flags, { uid: true });
  });

const flagsOf = (uid: number, folder = 'INBOX') =>
  imap.as(async (client) => {
    await client.mailboxOpen(folder);
    const found = await client.fetchOne(String(uid), { flags: true }, { uid: true });
    return found ? [...(found.flags ?? [])] : null;
  });

const settingsFor = (folders: contract.WatchedFolder[], more = {}) => ({
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

async function watch(folders: contract.WatchedFolder[], more = {}) {
  await server.ask(contract.addMailbox, {
    body: { settings: settingsFor(folders, more), password: PASSWORD },
  });
  await isWatching();
}

const museum = async () =>
  (await server.ask(contract.listMailboxes)).items.find(({ settings }) => settings.name === 'Museum');

const isWatching = () => until(museum, (mailbox) => mailbox?.state.kind === 'watching');

async function goLive(rule: RuleInput) {
  const { id, revision } = await server.ask(contract.addRule, { body: { definition: rule } });
  await server.ask(contract.goLive, { params: { id }, revision });
}

const sheet = async (id: number) => server.ask(contract.getArrival, { params: { id } });

test('what is labelled becomes a task, and a label of the user’s choice is set back, the flag too', async () => {
  await goLive({
    name: 'By label',
    read: [{ field: 'due', from: [{ kind: 'deadline' }] }],
    start: { kind: 'label', is: ['ToDo'] },
    effects: [
      { kind: 'label', add: ['Noted'], remove: ['ToDo'] },
      { kind: 'flag' },
      { kind: 'mark as read' },
    ],
  });
  await watch([{ folder: 'INBOX', for: ['label'] }]);
  const uid = await put(letter('The tide dial'));
  await put(letter('Nothing to do'));
  await mark(uid, ['ToDo']);
  const [arrival] = (await settled(server, 1)).items;
  expect(arrival).toMatchObject({ source: 'mailbox', occasion: 'label', label: 'ToDo' });
  expect(arrival?.tasks).toMatchObject([{ due: '2026-12-03' }]);
  const flags = await until(
    () => flagsOf(uid),
    (all) => all !== null && !all.includes('ToDo'),
  );
  expect(flags).toEqual(expect.arrayContaining(['Noted', '\\Flagged', '\\Seen']));
  const { carriedOut } = await until(
    () => sheet(arrival?.id ?? 0),
    (all) => all.carriedOut.every(({ state }) => state === 'done'),
  );
  expect(carriedOut).toHaveLength(1);
});

test('a flag starts the rules for flags, which move the message', async () => {
  await goLive({
    name: 'By flag',
    start: { kind: 'flag' },
    effects: [{ kind: 'move', folder: 'Archive' }],
  });
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  const uid = await put(letter('Flagged'));
  await mark(uid, ['\\Flagged']);
  const [arrival] = (await settled(server, 1)).items;
  expect(arrival).toMatchObject({ occasion: 'flag', outcome: { kind: 'tasks' } });
  await until(
    () => flagsOf(uid),
    (flags) => flags === null,
  );
  expect(await imap.as(async (client) => (await client.mailboxOpen('Archive')).exists)).toBe(1);
});

test('mail of a folder comes in as it arrives; what was there before, or no rule takes, makes no task', async () => {
  await goLive({ name: 'Loans', when: { all: [{ kind: 'words', in: ['subject'], words: ['loan'] }] } });
  await put(letter('An old loan'));
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('A new loan'));
  await put(letter('Something else'));
  const { items } = await settled(server, 2);
  expect(items.map(({ subject, outcome }) => [subject, outcome.kind, outcome.reason])).toEqual([
    ['Something else', 'nothing', 'no rule took it'],
    ['A new loan', 'tasks', undefined],
  ]);
});

test('new mail that is asked for later comes in from then on', async () => {
  await goLive({ name: 'All' });
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  await put(letter('Before it was asked for'));
  const mailbox = await museum();
  await server.ask(contract.saveMailbox, {
    params: { id: mailbox?.id ?? 0 },
    revision: mailbox?.revision ?? 0,
    body: { settings: settingsFor([{ folder: 'INBOX', for: ['flag', 'arrival'] }]) },
  });
  await isWatching();
  await put(letter('Since then'));
  expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['Since then']);
});

test('a plus-word of the user’s own address means an intake address', async () => {
  const { id } = await server.ask(contract.addProject, { body: { name: 'Loans in' } });
  const { items: addresses } = await server.ask(contract.listAddresses);
  const loans = addresses.find(({ target }) => target.kind === 'project' && target.id === id);
  await server.ask(contract.saveAddress, {
    params: { id: loans?.id ?? 0 },
    revision: loans?.revision ?? 0,
    body: { policy: loans?.policy, plusWord: 'loans' },
  });
  await watch([{ folder: 'INBOX', for: ['plus-word'] }]);
  await put(letter('By word', { to: 'ines.tavare+loans+urgent@saltmarsh.example' }));
  await put(letter('By none'));
  const [arrival] = (await settled(server, 1)).items;
  expect((await sheet(arrival?.id ?? 0)).address).toMatchObject({ name: 'Loans in', plusWord: 'urgent' });
  expect(arrival?.tasks).toMatchObject([{ project: { name: 'Loans in' } }]);
});

test('mail in the sent folder comes in by its recipient', async () => {
  await goLive({ name: 'Sent ones' });
  await watch([{ folder: 'Sent', for: ['recipient'] }], { recipients: ['desk@quay.example'] });
  await put(letter('To somebody', { to: 'fenna@pelikan-print.example' }), { folder: 'Sent' });
  await put(letter('To the desk', { to: 'The desk <desk@quay.example>' }), { folder: 'Sent' });
  expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['To the desk']);
});

test('numbers that hold no more lose nothing and bring nothing in twice', async () => {
  await goLive({ name: 'Labelled', start: { kind: 'label', is: ['ToDo'] } });
  await goLive({ name: 'All' });
  await put(letter('Before the watch'), { flags: ['ToDo'] });
  await watch([{ folder: 'INBOX', for: ['arrival', 'label'] }]);
  await put(letter('First'));
  await settled(server, 1);
  await imap.stop();
  await imap.start();
  await imap.renumber('INBOX');
  const late = await put(letter('While nobody looked'));
  await mark(late, ['ToDo']);
  await settled(server, 3);
  await new Promise((resolve) => setTimeout(resolve, 2500));
  const { items } = await settled(server, 3);
  expect(
    items.map(({ subject, occasion, deliveries }) => `${subject}, ${occasion}, ${deliveries}`).toSorted(),
  ).toEqual(['First, arrival, 1', 'While nobody looked, arrival, 1', 'While nobody looked, label, 1']);
});

test('a server that goes away and comes back is found again, and what came meanwhile comes in', async () => {
  await goLive({ name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await imap.stop();
  await until(
    museum,
    (mailbox) =>
      mailbox?.state.kind === 'trouble' &&
      mailbox.state.words === `127.0.0.1 answers, but nothing takes mail connections at port ${imap.port}.`,
  );
  await imap.start();
  await put(letter('After the storm'));
  expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['After the storm']);
  await isWatching();
});

test('a connection that breaks in the midst of a message, or is slow, loses nothing and brings nothing in twice', async () => {
  await goLive({ name: 'All' });
  const between = await standBefore(imap.port);
  await watch([{ folder: 'INBOX', for: ['arrival'] }], { port: between.port });
  between.cutAfter(100_000);
  await put(letter('A long one', { text: `${'All about tides. '.repeat(20_000)} End.` }));
  await put(letter('A short one'));
  await until(
    () => Promise.resolve(between.cuts()),
    (cuts) => cuts >= 2,
  );
  between.cutAfter(null);
  between.delay(30);
  const { items } = await settled(server, 2);
  expect(items.map(({ subject, deliveries }) => [subject, deliveries])).toEqual([
    ['A short one', 1],
    ['A long one', 1],
  ]);
  const raw = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${items[1]?.id ?? 0}/raw`);
  expect((await raw.text()).trimEnd()).toMatch(/End\. \(A long one\)$/);
  await between.end();
});

test('a message that is too large stays in its mailbox, and Intake says so', async () => {
  await goLive({ name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  const uid = await put(letter('The whole catalogue', { text: 'All about tides.\r\n'.repeat(1_500_000) }));
  await put(letter('A note about it'));
  expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['A note about it']);
  expect(await flagsOf(uid)).not.toBeNull();
  const words = 'It is in INBOX; messages of at most 25 MB are taken.';
  expect((await museum())?.turnedAway).toMatchObject([
    { sender: 'orla@northcape.example', what: 'left there', words, times: 1 },
  ]);
});

test('what cannot be done in the mailbox is told and given up', async () => {
  await goLive({ name: 'Strange', effects: [{ kind: 'label', add: ['two words'], remove: [] }] });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('A label with a space'));
  const [arrival] = (await settled(server, 1)).items;
  const { carriedOut } = await until(
    () => sheet(arrival?.id ?? 0),
    (all) => all.carriedOut.some(({ state }) => state !== 'waiting'),
  );
  expect(carriedOut).toEqual([
    {
      state: 'failed',
      problem: '“two words” can be no label in this mailbox: it has a space or a special sign.',
    },
  ]);
});

test('a test of the connection says what is wrong', async () => {
  const tried = async (more: object, password = PASSWORD) =>
    server.ask(contract.testMailbox, {
      body: { id: null, settings: settingsFor([{ folder: 'Elsewhere', for: ['flag'] }], more), password },
    });
  expect((await tried({})).problems).toEqual(['There is no folder Elsewhere in this mailbox.']);
  expect((await tried({})).folders.toSorted()).toEqual(['Archive', 'INBOX', 'Sent']);
  expect((await tried({}, 'wrong')).problems).toEqual([
    'The server does not accept this user with this password.',
  ]);
  expect((await tried({ port: 1 })).problems).toEqual([
    '127.0.0.1 answers, but nothing takes mail connections at port 1.',
  ]);
  expect((await tried({ security: 'tls' })).problems[0]).toMatch(
    /^There is no encryption from the first byte/,
  );
  expect((await tried({ host: 'no-such.invalid' })).problems[0]).toMatch(/no-such\.invalid/);
});

test('the password is kept encrypted, its key apart and for the owner only', async () => {
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  expect((await museum())?.hasPassword).toBe(true);
  const answer = JSON.stringify(await server.ask(contract.listMailboxes));
  expect(answer).not.toContain(PASSWORD);
  await server.store.writeRaw((db) => db.pragma('wal_checkpoint(TRUNCATE)'));
  const database = await readFile(path.join(server.folder, 'hatband.db'));
  expect(database.includes(PASSWORD)).toBe(false);
  expect((await stat(path.join(server.folder, 'key'))).mode & 0o777).toBe(0o600);
});
