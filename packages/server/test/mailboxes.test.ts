import * as contract from '@hatband/contract';
import type { RuleInput } from '@hatband/core/rules';
import { readFile, rm, stat } from 'node:fs/promises';
import { createServer, type AddressInfo } from 'node:net';
import path from 'node:path';
import { expect, test } from 'vitest';
import { letter, PASSWORD } from './dovecot.ts';
import { goLive, newFolder, settled, startTestServer, until } from './testServer.ts';
import {
  carriedOut,
  isWatching,
  mark,
  museum,
  put,
  settingsFor,
  sheet,
  theImap,
  theServer,
  watch,
  withMailbox,
} from './watched.ts';

withMailbox();

async function pause(paused: boolean): Promise<void> {
  const { id = 0, revision = 0 } = (await museum()) ?? {};
  await theServer().ask(contract.pauseMailbox, { params: { id }, revision, body: { paused } });
}

/** Starts the rule by hand on the message. */
const start = (id: number, { id: ruleId }: { id: string }) =>
  theServer().ask(contract.startByHand, { params: { id }, body: { ruleId } });

/** A message of the inbox that came in, and that nothing was made of yet. */
async function arrived(subject: string): Promise<{ id: number; uid: number }> {
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  const uid = await put(letter(subject));
  const [arrival] = (await settled(theServer(), 1)).items;
  return { id: arrival?.id ?? 0, uid };
}

const byHand = (name: string, ...effects: RuleInput['effects'] & object) =>
  goLive(theServer(), { name, start: { kind: 'hand' }, effects });

test('a paused mailbox is left alone; what came meanwhile comes in once it goes on', async () => {
  await goLive(theServer(), { name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await pause(true);
  expect((await museum())?.state).toEqual({ kind: 'paused' });
  await put(letter('Meanwhile'));
  await new Promise((resolve) => setTimeout(resolve, 2500));
  expect((await settled(theServer(), 0)).items).toEqual([]);
  await pause(false);
  expect((await settled(theServer(), 1)).items.map(({ subject }) => subject)).toEqual(['Meanwhile']);
});

test('what a rule does is done to each message that it takes', async () => {
  await goLive(theServer(), { name: 'Note it', effects: [{ kind: 'label', add: ['Noted'], remove: [] }] });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('One'));
  await put(letter('Two'));
  const { items } = await settled(theServer(), 2);
  for (const { id } of items) expect((await carriedOut(id)).map(({ state }) => state)).toEqual(['done']);
});

test('what two rules do is done one after the other, the second where the first has moved the message', async () => {
  const file = await byHand('File it', { kind: 'move', folder: 'Archive' });
  const note = await byHand('Note it', { kind: 'label', add: ['Noted'], remove: [] });
  const { id } = await arrived('To be filed');
  await pause(true);
  await start(id, file);
  await start(id, note);
  expect((await sheet(id)).carriedOut.map(({ state }) => state)).toEqual(['waiting', 'waiting']);
  await pause(false);
  expect((await carriedOut(id)).map(({ state }) => state)).toEqual(['done', 'done']);
  const noted = await theImap().as(async (client) => {
    await client.mailboxOpen('Archive');
    return client.search({ keyword: 'Noted' });
  });
  expect(noted).toHaveLength(1);
});

test('a message that came in by a label and by its flag is found for both after it was moved', async () => {
  const file = await byHand('File it', { kind: 'move', folder: 'Archive' });
  const note = await byHand('Note it', { kind: 'label', add: ['Noted'], remove: [] });
  await goLive(theServer(), { name: 'Labelled', start: { kind: 'label', is: ['ToDo'] } });
  await watch([{ folder: 'INBOX', for: ['label', 'flag'] }]);
  await mark(await put(letter('Twice marked')), ['ToDo', '\\Flagged']);
  const [second, first] = (await settled(theServer(), 2)).items.map(({ id }) => id);
  await pause(true);
  await start(first ?? 0, file);
  await start(second ?? 0, note);
  await pause(false);
  expect(await carriedOut(first ?? 0)).toEqual([{ state: 'done', problem: null }]);
  expect(await carriedOut(second ?? 0)).toEqual([{ state: 'done', problem: null }]);
});

test('a message whose number holds no more is found by its Message-ID', async () => {
  const note = await byHand('Note it', { kind: 'label', add: ['Noted'], remove: [] });
  const { id } = await arrived('Numbered anew');
  await pause(true);
  await start(id, note);
  await theImap().renumber('INBOX');
  await pause(false);
  expect(await carriedOut(id)).toEqual([{ state: 'done', problem: null }]);
});

test('a message that is there no more is told of', async () => {
  const note = await byHand('Note it', { kind: 'label', add: ['Noted'], remove: [] });
  const { id, uid } = await arrived('Thrown away');
  await theImap().as(async (client) => {
    await client.mailboxOpen('INBOX');
    await client.messageDelete(String(uid), { uid: true });
  });
  await start(id, note);
  const problem = 'The message is not in INBOX any more.';
  expect(await carriedOut(id)).toEqual([{ state: 'failed', problem }]);
});

test('a mailbox that is watched no more keeps no password; its arrivals stay, and what was to be done is given up', async () => {
  const note = await byHand('Note it', { kind: 'label', add: ['Noted'], remove: [] });
  const { id } = await arrived('Left behind');
  await pause(true);
  await start(id, note);
  const gone = await museum();
  const seen = { params: { id: gone?.id ?? 0 }, revision: gone?.revision ?? 0 };
  await theServer().ask(contract.removeMailbox, seen);
  expect(await museum()).toBeUndefined();
  expect(await theServer().store.read('mailboxes').whereNotNull('secret')).toEqual([]);
  const problem = 'Its mailbox is watched no more.';
  expect(await carriedOut(id)).toEqual([{ state: 'failed', problem }]);
  expect((await sheet(id)).arrival.subject).toBe('Left behind');
});

test('names are free or taken, what changed meanwhile is not overwritten, a password stays until another is given', async () => {
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  const settings = settingsFor([{ folder: 'INBOX', for: ['flag', 'label'] }]);
  await expect(theServer().ask(contract.addMailbox, { body: { settings } })).rejects.toThrow(
    'There is a mailbox Museum already.',
  );
  const before = await museum();
  const save = { params: { id: before?.id ?? 0 }, revision: before?.revision ?? 0, body: { settings } };
  await theServer().ask(contract.saveMailbox, save);
  await isWatching();
  await expect(theServer().ask(contract.saveMailbox, save)).rejects.toThrow('changed elsewhere meanwhile');
});

test('a mailbox of another user brings in nothing that was there before', async () => {
  await goLive(theServer(), { name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('To the one'));
  await settled(theServer(), 1);
  const { id = 0, revision = 0 } = (await museum()) ?? {};
  const other = settingsFor([{ folder: 'INBOX', for: ['arrival'] }], { user: 'Ines' });
  await theServer().ask(contract.saveMailbox, {
    params: { id },
    revision,
    body: { settings: other, password: PASSWORD },
  });
  await isWatching();
  await put(letter('To the other'));
  const { items } = await settled(theServer(), 2);
  expect(items.map(({ subject, deliveries }) => `${subject} ${deliveries}`)).toEqual([
    'To the other 1',
    'To the one 1',
  ]);
});

test('a password goes to no other server, user, port or way than it was given for', async () => {
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  const { id = 0, revision = 0 } = (await museum()) ?? {};
  const trap = createServer();
  const heard: string[] = [];
  trap.on('connection', (socket) => {
    socket.write('* OK ready\r\n');
    socket.on('data', (data: Buffer) => heard.push(data.toString()));
    socket.on('error', () => undefined);
  });
  await new Promise<void>((resolve) => trap.listen(0, '127.0.0.1', resolve));
  const { port } = trap.address() as AddressInfo;
  for (const other of [
    { port },
    { host: 'localhost' },
    { user: 'Other' },
    { security: 'starttls' as const },
  ]) {
    const settings = settingsFor([{ folder: 'INBOX', for: ['flag'] }], other);
    const again = 'enter the password again';
    await expect(theServer().ask(contract.testMailbox, { body: { settings, id } })).rejects.toThrow(again);
    await expect(
      theServer().ask(contract.saveMailbox, { params: { id }, revision, body: { settings } }),
    ).rejects.toThrow(again);
  }
  expect(heard).toEqual([]);
  trap.close();
  // Another name of the mailbox needs none, and a connection can be tried before there is one.
  const renamed = settingsFor([{ folder: 'INBOX', for: ['flag'] }], { name: '' });
  const tried = await theServer().ask(contract.testMailbox, { body: { settings: renamed, id } });
  expect(tried.problems).toEqual([]);
});

test('with another key the password is asked for again', async () => {
  const folder = await newFolder();
  const first = await startTestServer({}, folder);
  const settings = settingsFor([{ folder: 'INBOX', for: ['flag'] }]);
  await first.ask(contract.addMailbox, { body: { settings, password: PASSWORD } });
  await first.stop();
  await rm(path.join(folder, 'key'));
  const second = await startTestServer({}, folder);
  const state = await until(
    async () =>
      (await second.ask(contract.listMailboxes)).items.find((each) => each.settings.name === 'Museum')?.state,
    (each) => each?.kind === 'trouble',
  );
  expect(state).toMatchObject({ words: 'Its password was kept under another key; give it once more.' });
  await second.end();
});

test('what cannot be done in the mailbox is told and given up', async () => {
  await goLive(theServer(), {
    name: 'Strange',
    effects: [{ kind: 'label', add: ['two words'], remove: [] }],
  });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('A label with a space'));
  const [arrival] = (await settled(theServer(), 1)).items;
  expect(await carriedOut(arrival?.id ?? 0)).toEqual([
    {
      state: 'failed',
      problem: '“two words” can be no label in this mailbox: it has a space or a special sign.',
    },
  ]);
});

test('a test of the connection says what is wrong', async () => {
  const tried = async (more: object, password = PASSWORD) =>
    theServer().ask(contract.testMailbox, {
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
    /^The server does not speak SSL\/TLS at port/,
  );
  expect((await tried({ host: 'no-such.invalid' })).problems[0]).toMatch(/no-such\.invalid/);
});

test('the password is kept encrypted, its key apart and for the owner only', async () => {
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  expect((await museum())?.hasPassword).toBe(true);
  const answer = JSON.stringify(await theServer().ask(contract.listMailboxes));
  expect(answer).not.toContain(PASSWORD);
  await theServer().store.writeRaw((db) => db.pragma('wal_checkpoint(TRUNCATE)'));
  const database = await readFile(path.join(theServer().folder, 'hatband.db'));
  expect(database.includes(PASSWORD)).toBe(false);
  expect((await stat(path.join(theServer().folder, 'key'))).mode & 0o777).toBe(0o600);
});
