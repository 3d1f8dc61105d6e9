import * as contract from '@hatband/contract';
import type { RuleInput } from '@hatband/core/rules';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { goLive, settled, startTestServer, until, type TestServer, tasksOf } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  await server.ask(contract.layPractice);
});
afterEach(() => server.end());

const letters = async () => (await server.ask(contract.listPractice)).items;
const letter = async (subject: string) =>
  (await letters()).find((each) => each.subject === subject)?.uid ?? 0;
const shown = (id: number) => server.ask(contract.getPractice, { params: { id } });
const send = (body: object) => server.ask(contract.sendPractice, { body });
const change = (id: number, body: object) => server.ask(contract.markPractice, { params: { id }, body });

/** The practice mailbox is watched once its rules' labels were looked for. */
async function watched(): Promise<contract.StoredMailbox> {
  const [mailbox] = (
    await until(
      () => server.ask(contract.listMailboxes),
      ({ items }) => items[0]?.state.kind === 'watching',
    )
  ).items;
  if (!mailbox) throw new Error('There is no practice mailbox.');
  return mailbox;
}

test('the letters are laid once', async () => {
  const before = await letters();
  await server.ask(contract.layPractice);
  expect(await letters()).toEqual(before);
  expect(before.length).toBeGreaterThan(10);
});

test('a letter goes to Hatband by SMTP, to its own address into the inbox, to the invented nowhere', async () => {
  const { own } = await server.ask(contract.listPractice);
  const uid = await letter('Loan of the tide dial');
  const { delivered } = await send({
    to: `${server.inbox}, hanne.lindqvist@skerry.example`,
    copy: own.replace('@', '+desk@'),
    subject: 'Fwd: Loan of the tide dial',
    text: 'For us both.',
    of: { uid, how: 'forward' },
  });
  const [bySmtp, ...others] = delivered;
  expect(bySmtp?.words).toMatch(/^250 /);
  expect(others.map(({ words }) => words)).toEqual([
    'Sent; in practice it goes no further.',
    'It lies in the inbox.',
  ]);
  const [arrival] = (await settled(server, 1)).items;
  expect(arrival?.asks.address).toBe('hanne.lindqvist@skerry.example');
  const copies = (await letters()).filter(({ subject }) => subject === 'Fwd: Loan of the tide dial');
  expect(copies.map(({ folder, seen }) => `${folder} ${String(seen)}`).toSorted()).toEqual([
    'INBOX false',
    'Sent true',
  ]);
});

test('what the post refuses is said in its words; what is no address is refused', async () => {
  const { delivered } = await send({ to: 'nobody@hatband.test', subject: 'x', text: 'x' });
  expect(delivered[0]?.ok).toBe(false);
  expect(delivered[0]?.words).toContain('550 5.1.1');
  await expect(send({ to: 'Orla', subject: 'x', text: 'x' })).rejects.toThrow('Orla is no address.');
});

test('an answer stands in the thread of its letter', async () => {
  await send({ to: server.inbox, subject: 'The dial', text: 'Please measure it by 3 December.' });
  await settled(server, 1);
  const uid = (await letters()).find(({ folder }) => folder === 'Sent')?.uid ?? 0;
  await goLive(server, { name: 'Replies', makes: { kind: 'comment', on: ['thread'] } });
  await send({ to: server.inbox, subject: 'Re: The dial', text: 'And weigh it.', of: { uid, how: 'reply' } });
  const [answer] = (await settled(server, 2)).items;
  expect(answer?.outcome.kind).toBe('comment');
  const [task] = await tasksOf(server);
  const { items } = await server.ask(contract.listComments, { params: { id: task?.id ?? 0 } });
  expect(items).toMatchObject([{ text: 'And weigh it.' }]);
});

test('a rule acts back on a letter: it is labelled, read and moved, and its page still finds it', async () => {
  const effects: RuleInput['effects'] = [
    { kind: 'label', add: ['noted'], remove: ['todo'] },
    { kind: 'mark as read' },
    { kind: 'move', folder: 'Archive' },
  ];
  await goLive(server, { name: 'By label', start: { kind: 'label', is: ['todo'] }, effects });
  await watched();
  const uid = await letter('Loan of the tide dial');
  await change(uid, { labels: ['todo', 'mine'] });
  await settled(server, 1);
  const moved = await until(
    () => shown(uid),
    ({ folder }) => folder === 'Archive',
  );
  expect(moved).toMatchObject({ labels: ['mine', 'noted'], seen: true });
  await until(
    () => shown(uid),
    ({ arrivals }) => arrivals[0]?.words === 'by the label todo',
  );
  // The page may still show it under the number that it had.
  await change(uid, { flagged: true });
  expect(await shown(uid)).toMatchObject({ flagged: true, folder: 'Archive' });
});

test('a letter that is shown comes in once, for rules by hand', async () => {
  const { id: ruleId } = await goLive(server, { name: 'Call back', start: { kind: 'hand' } });
  const params = { id: await letter('Loan of the tide dial') };
  const { arrivalId } = await server.ask(contract.showPractice, { params });
  expect(await server.ask(contract.showPractice, { params })).toEqual({ arrivalId });
  await settled(server, 1);
  const arrival = await server.ask(contract.startByHand, { params: { id: arrivalId }, body: { ruleId } });
  expect(arrival.tasks).toHaveLength(1);
});

test('mail that is sent to a recipient who was named comes in from the sent folder', async () => {
  await goLive(server, { name: 'Sent ones' });
  const { id, revision, settings } = await watched();
  const recipients = ['desk@saltmarsh.example'];
  const folders = [{ folder: 'Sent', for: ['recipient' as const] }];
  await server.ask(contract.saveMailbox, {
    params: { id },
    revision,
    body: { settings: { ...settings, folders, recipients } },
  });
  await watched();
  await send({ to: 'fenna@pelikan-print.example', subject: 'To somebody', text: 'x' });
  await send({ to: 'desk@saltmarsh.example', subject: 'To the desk', text: 'Please mend it by 3 December.' });
  expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['To the desk']);
});
