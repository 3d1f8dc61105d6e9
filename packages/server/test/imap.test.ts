import * as contract from '@hatband/contract';
import { expect, test } from 'vitest';
import { letter } from './dovecot.ts';
import { goLive, settled, until } from './testServer.ts';
import { standBefore } from './unreliable.ts';
import {
  carriedOut,
  flagsOf,
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

test('what is labelled becomes a task, and a label of the user’s choice is set back, the flag too', async () => {
  await goLive(theServer(), {
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
  const [arrival] = (await settled(theServer(), 1)).items;
  expect(arrival).toMatchObject({ source: 'mailbox', occasion: 'label', label: 'ToDo' });
  expect(arrival?.tasks).toMatchObject([{ due: '2026-12-03' }]);
  const flags = await until(
    () => flagsOf(uid),
    (all) => all !== null && !all.includes('ToDo'),
  );
  expect(flags).toEqual(expect.arrayContaining(['Noted', '\\Flagged', '\\Seen']));
  expect(await carriedOut(arrival?.id ?? 0)).toEqual([{ state: 'done', problem: null }]);
});

test('a flag starts the rules for flags, which move the message', async () => {
  await goLive(theServer(), {
    name: 'By flag',
    start: { kind: 'flag' },
    effects: [{ kind: 'move', folder: 'Archive' }],
  });
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  const uid = await put(letter('Flagged'));
  await mark(uid, ['\\Flagged']);
  const [arrival] = (await settled(theServer(), 1)).items;
  expect(arrival).toMatchObject({ occasion: 'flag', outcome: { kind: 'tasks' } });
  await until(
    () => flagsOf(uid),
    (flags) => flags === null,
  );
  expect(await theImap().as(async (client) => (await client.mailboxOpen('Archive')).exists)).toBe(1);
});

test('mail of a folder comes in as it arrives; what was there before, or no rule takes, makes no task', async () => {
  await goLive(theServer(), {
    name: 'Loans',
    when: { all: [{ kind: 'words', in: ['subject'], words: ['loan'] }] },
  });
  await put(letter('An old loan'));
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await put(letter('A new loan'));
  await put(letter('Something else'));
  const { items } = await settled(theServer(), 2);
  expect(items.map(({ subject, outcome }) => [subject, outcome.kind, outcome.reason])).toEqual([
    ['Something else', 'nothing', 'no rule took it'],
    ['A new loan', 'tasks', undefined],
  ]);
});

test('new mail that is asked for later comes in from then on', async () => {
  await goLive(theServer(), { name: 'All' });
  await watch([{ folder: 'INBOX', for: ['flag'] }]);
  await put(letter('Before it was asked for'));
  const mailbox = await museum();
  await theServer().ask(contract.saveMailbox, {
    params: { id: mailbox?.id ?? 0 },
    revision: mailbox?.revision ?? 0,
    body: { settings: settingsFor([{ folder: 'INBOX', for: ['flag', 'arrival'] }]) },
  });
  await isWatching();
  await put(letter('Since then'));
  expect((await settled(theServer(), 1)).items.map(({ subject }) => subject)).toEqual(['Since then']);
});

test('a plus-word of the user’s own address means an intake address', async () => {
  const { id } = await theServer().ask(contract.addProject, { body: { name: 'Loans in' } });
  const { items: addresses } = await theServer().ask(contract.listAddresses);
  const loans = addresses.find(({ target }) => target.kind === 'project' && target.id === id);
  await theServer().ask(contract.saveAddress, {
    params: { id: loans?.id ?? 0 },
    revision: loans?.revision ?? 0,
    body: { policy: loans?.policy, plusWord: 'loans' },
  });
  await watch([{ folder: 'INBOX', for: ['plus-word'] }]);
  await put(letter('By word', { to: 'ines.tavare+loans+urgent@saltmarsh.example' }));
  await put(letter('By none'));
  const [arrival] = (await settled(theServer(), 1)).items;
  expect((await sheet(arrival?.id ?? 0)).address).toMatchObject({ name: 'Loans in', plusWord: 'urgent' });
  expect(arrival?.tasks).toMatchObject([{ project: { name: 'Loans in' } }]);
});

test('mail in the sent folder comes in by its recipient', async () => {
  await goLive(theServer(), { name: 'Sent ones' });
  await watch([{ folder: 'Sent', for: ['recipient'] }], { recipients: ['desk@quay.example'] });
  await put(letter('To somebody', { to: 'fenna@pelikan-print.example' }), { folder: 'Sent' });
  await put(letter('To the desk', { to: 'The desk <desk@quay.example>' }), { folder: 'Sent' });
  expect((await settled(theServer(), 1)).items.map(({ subject }) => subject)).toEqual(['To the desk']);
});

test('numbers that hold no more lose nothing and bring nothing in twice', async () => {
  await goLive(theServer(), { name: 'Labelled', start: { kind: 'label', is: ['ToDo'] } });
  await goLive(theServer(), { name: 'All' });
  await put(letter('Before the watch'), { flags: ['ToDo'] });
  await watch([{ folder: 'INBOX', for: ['arrival', 'label'] }]);
  await put(letter('First'));
  await settled(theServer(), 1);
  await theImap().stop();
  await theImap().start();
  await theImap().renumber('INBOX');
  const late = await put(letter('While nobody looked'));
  await mark(late, ['ToDo']);
  await settled(theServer(), 3);
  await new Promise((resolve) => setTimeout(resolve, 2500));
  const { items } = await settled(theServer(), 3);
  expect(
    items.map(({ subject, occasion, deliveries }) => `${subject}, ${occasion}, ${deliveries}`).toSorted(),
  ).toEqual(['First, arrival, 1', 'While nobody looked, arrival, 1', 'While nobody looked, label, 1']);
});

test('a server that goes away and comes back is found again, and what came meanwhile comes in', async () => {
  await goLive(theServer(), { name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  await theImap().stop();
  await until(
    museum,
    (mailbox) =>
      mailbox?.state.kind === 'trouble' &&
      mailbox.state.words ===
        `127.0.0.1 answers, but nothing takes mail connections at port ${theImap().port}.`,
  );
  await theImap().start();
  await put(letter('After the storm'));
  expect((await settled(theServer(), 1)).items.map(({ subject }) => subject)).toEqual(['After the storm']);
  await isWatching();
});

test('a connection that breaks in the midst of a message, or is slow, loses nothing and brings nothing in twice', async () => {
  await goLive(theServer(), { name: 'All' });
  const between = await standBefore(theImap().port);
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
  const { items } = await settled(theServer(), 2);
  expect(items.map(({ subject, deliveries }) => [subject, deliveries])).toEqual([
    ['A short one', 1],
    ['A long one', 1],
  ]);
  const raw = await fetch(`http://127.0.0.1:${theServer().port}/api/arrivals/${items[1]?.id ?? 0}/raw`);
  expect((await raw.text()).trimEnd()).toMatch(/End\. \(A long one\)$/);
  await between.end();
});

test('a message that is too large stays in its mailbox, and Intake says so', async () => {
  await goLive(theServer(), { name: 'All' });
  await watch([{ folder: 'INBOX', for: ['arrival'] }]);
  const uid = await put(letter('The whole catalogue', { text: 'All about tides.\r\n'.repeat(1_500_000) }));
  await put(letter('A note about it'));
  expect((await settled(theServer(), 1)).items.map(({ subject }) => subject)).toEqual(['A note about it']);
  expect(await flagsOf(uid)).not.toBeNull();
  const words = 'It is in INBOX; messages of at most 25 MB are taken.';
  expect((await museum())?.turnedAway).toMatchObject([
    { sender: 'orla@northcape.example', what: 'left there', words, times: 1 },
  ]);
});
