import * as contract from '@hatband/contract';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { oneTask, settled, startTestServer, tasksOf, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const read = (id: number) => server.ask(contract.getTask, { params: { id } });
const history = async (id: number) => (await server.ask(contract.taskHistory, { params: { id } })).items;
const change = (ids: number[], to: contract.TaskChange) =>
  server.ask(contract.changeTasks, { body: { ids, change: to } });
const undoLast = async () => {
  const [act] = (await server.ask(contract.listActs)).items;
  return server.ask(contract.undoAct, { params: { id: act?.id ?? '' }, body: { undo: true } });
};
const seen = ({ id, revision }: contract.Task) => ({ params: { id }, revision });

const openIds = async () => (await tasksOf(server, 'open')).map(({ id }) => id);
const letter = (from: string, header: string, text: string) =>
  `From: ${from}\r\nTo: ines@hollow.example\r\nSubject: Loan form\r\n${header}\r\n\r\n${text}`;

test('the history tells each change with both values, and one of them is taken back by itself', async () => {
  const task = await oneTask(server);
  await change([task.id], { due: '2026-12-24' });
  await change([task.id], { fields: { Lender: 'Northcape' }, priority: 'high' });
  const lines = await history(task.id);
  expect(lines).toMatchObject([
    { kind: 'changed', by: 'user', field: 'Lender', old: null, new: 'Northcape', stands: true },
    { kind: 'changed', by: 'user', field: 'priority', new: 'high', stands: true },
    { kind: 'changed', by: 'user', field: 'due date', new: 'Thu 24 Dec', stands: true },
    { kind: 'made', rule: 'Built-in reading' },
  ]);
  const [, , due] = lines;
  const id = due?.kind === 'changed' ? due.id : 0;
  await server.ask(contract.takeBack, { params: { id } });
  // What is as it was read shows again where it was read.
  expect((await read(task.id)).evidence.due).toEqual(task.evidence.due);
  expect(await read(task.id)).toMatchObject({
    due: task.due,
    priority: 'high',
    fields: { Lender: 'Northcape' },
  });
  await change([task.id], { due: '2026-12-31' });
  await expect(server.ask(contract.takeBack, { params: { id } })).rejects.toMatchObject({
    problem: { status: 409 },
  });
  await change([task.id], { due: task.due });
  expect((await read(task.id)).evidence.due).toEqual(task.evidence.due);
  await change([task.id], { due: '2026-12-31' });
  const taken = (await history(task.id)).filter((line) => line.kind === 'changed' && line.stands);
  expect(taken.map((line) => line.kind === 'changed' && line.field)).toEqual([
    'due date',
    'Lender',
    'priority',
  ]);
});

test('taking back gives own fields of every kind their values again', async () => {
  await server.ask(contract.addProject, {
    body: {
      name: 'Loans',
      fields: [
        { name: 'Pieces', kind: 'number', choices: [], decimal: null },
        { name: 'Worth', kind: 'money', choices: [], decimal: null },
        { name: 'Note', kind: 'text', choices: [], decimal: null },
        { name: 'Rooms', kind: 'several choices', choices: ['East', 'West'], decimal: null },
      ],
    },
  });
  const project = (await server.ask(contract.listProjects)).items[0]?.id ?? '';
  const { id } = await oneTask(server);
  const first = { Pieces: 4, Worth: { amount: 5, currency: 'GBP' }, Note: '4', Rooms: ['East'] };
  await change([id], { project, fields: first, tags: ['crates'] });
  await change([id], { fields: { Pieces: 5, Worth: null, Note: '5', Rooms: ['East', 'West'] }, tags: [] });
  const lines = (await history(id)).filter((line) => line.kind === 'changed');
  for (const line of lines.slice(0, 5)) await server.ask(contract.takeBack, { params: { id: line.id } });
  expect(await read(id)).toMatchObject({ fields: first, tags: ['crates'] });
});

test('a duplicate has the values and evidence, and goes into the bin when it is taken back', async () => {
  const task = await oneTask(server);
  await change([task.id], { checklist: [{ text: 'Print it', done: true }] });
  const copy = await server.ask(contract.duplicateTask, seen(await read(task.id)));
  expect(copy).toMatchObject({
    title: task.title,
    due: task.due,
    evidence: task.evidence,
    status: 'needs action',
  });
  expect(await history(copy.id)).toMatchObject([{ kind: 'made', rule: null }]);
  expect(await tasksOf(server)).toHaveLength(2);
  await undoLast();
  expect((await tasksOf(server)).map(({ id }) => id)).toEqual([task.id]);
  expect((await tasksOf(server, 'bin')).map(({ id }) => id)).toEqual([copy.id]);
});

test('a line of the checklist becomes a task of its own; taken back, it is a line again', async () => {
  const task = await oneTask(server);
  const checklist = ['Print it', 'Astrid signs it'].map((text) => ({ text, done: false }));
  await change([task.id], { checklist });
  const body = { title: 'Astrid signs it', line: 1 };
  const split = await server.ask(contract.splitTask, { ...seen(await read(task.id)), body });
  expect(split).toMatchObject({
    title: 'Astrid signs it',
    arrivalId: task.arrivalId,
    notes: '',
    checklist: [],
  });
  expect(split.evidence.title).toBeUndefined();
  expect((await read(task.id)).checklist).toEqual(checklist.slice(0, 1));
  await undoLast();
  expect((await read(task.id)).checklist).toEqual(checklist);
  expect((await read(split.id)).deletedAt).not.toBeNull();
  const stale = { ...seen(task), body: { title: 'x', line: null } };
  await expect(server.ask(contract.splitTask, stale)).rejects.toMatchObject({ problem: { status: 412 } });
});

test('of two tasks one becomes a part of the other, whose mail finds the one that is left', async () => {
  await server.send({ subject: 'Crate A', text: 'Please pack crate A.' });
  await server.send({ subject: 'Crate B', text: 'Please pack crate B.' });
  await settled(server, 2);
  const [b, a] = (await tasksOf(server)).toSorted((x, y) => y.id - x.id);
  if (!a || !b) throw new Error('There are no tasks.');
  await server.ask(contract.addComment, { params: { id: b.id }, body: { text: 'Said on B.' } });
  const merged = await server.ask(contract.mergeTask, {
    ...seen(a),
    body: { other: b.id, change: { due: '2026-12-24' } },
  });
  expect(merged.due).toBe('2026-12-24');
  const comments = async () =>
    (await server.ask(contract.listComments, { params: { id: a.id } })).items.map(({ text }) => text);
  expect(await comments()).toEqual(['Said on B.']);
  const thread = await server.ask(contract.taskThread, { params: { id: a.id } });
  expect(thread.messages.map(({ subject, isSource }) => [subject, isSource])).toEqual([
    ['Crate A', true],
    ['Crate B', true],
  ]);
  const { address } = await server.ask(contract.taskAddress, { params: { id: b.id } });
  await server.send({ to: address, subject: 'Re: Crate B', text: 'Please do it by 18 December.' });
  await settled(server, 3);
  expect(await comments()).toHaveLength(2);
  expect((await server.ask(contract.listProposals, { query: { task: a.id } })).items).toMatchObject([
    { value: '2026-12-18', task: { id: a.id, now: '2026-12-24' } },
  ]);
  const [act] = (await server.ask(contract.listActs)).items;
  expect(act?.label).toBe(`Merged “${b.title}” into “${a.title}”`);
  await undoLast();
  expect(await read(b.id)).toMatchObject({ deletedAt: null, mergedInto: null });
  expect(await read(a.id)).toMatchObject({ due: a.due });
  await expect(
    server.ask(contract.mergeTask, { ...seen(await read(a.id)), body: { other: a.id, change: null } }),
  ).rejects.toMatchObject({ problem: { status: 400 } });
});

test('a task that waits is out of sight until the day, or until that person’s mail comes', async () => {
  await server.send({
    raw: letter('Orla <orla@northcape.example>', 'Message-ID: <w@x.example>', 'Sign the form.'),
  });
  await settled(server, 1);
  const [task] = await tasksOf(server);
  const id = task?.id ?? 0;
  await change([id], { waiting: { for: 'runa@quay.example', until: null } });
  expect(await openIds()).not.toContain(id);
  expect((await tasksOf(server, 'waiting')).map(({ waiting }) => waiting)).toEqual([
    { for: 'runa@quay.example', until: null },
  ]);
  const reply = 'In-Reply-To: <w@x.example>';
  await server.send({ raw: letter('Bram <bram@lowtide.example>', reply, 'I do not know.') });
  await settled(server, 2);
  expect(await tasksOf(server, 'waiting')).toHaveLength(1);
  await server.send({ raw: letter('Runa Holt <runa@quay.example>', reply, 'Here it is, signed.') });
  await settled(server, 3);
  expect((await tasksOf(server, 'open')).find((each) => each.id === id)?.waiting).toBeNull();
  const today = (await server.ask(contract.getHealth)).now.slice(0, 10);
  await change([id], { waiting: { for: 'Runa Holt', until: '2099-01-01' } });
  expect(await tasksOf(server, 'waiting')).toHaveLength(1);
  await change([id], { waiting: { for: 'Runa Holt', until: today } });
  expect(await openIds()).toContain(id);
  await undoLast();
  expect(await openIds()).not.toContain(id);
});

/** Two tasks of two messages, the second of which is a part of the first. */
async function mergedTasks() {
  for (const n of ['1', '2'])
    await server.send({
      raw: letter(
        'Orla <orla@northcape.example>',
        `Message-ID: <m${n}@x.example>`,
        `Please pack crate ${n}.`,
      ),
    });
  await settled(server, 2);
  const [a, b] = (await tasksOf(server)).toSorted((x, y) => x.id - y.id);
  if (!a || !b) throw new Error('There are no tasks.');
  return {
    a,
    b,
    merge: () => server.ask(contract.mergeTask, { ...seen(a), body: { other: b.id, change: null } }),
  };
}

test('what was proposed on a task is proposed on the one that it became a part of, and made there', async () => {
  const { a, b, merge } = await mergedTasks();
  const { address } = await server.ask(contract.taskAddress, { params: { id: b.id } });
  await server.send({ to: address, subject: 'Re: crate', text: 'Please do it by 18 December.' });
  await settled(server, 3);
  await merge();
  const { items } = await server.ask(contract.listProposals, { query: { task: a.id } });
  expect(items).toMatchObject([{ value: '2026-12-18', task: { id: a.id, now: a.due } }]);
  const counts = { scope: 'open' as const, filters: [{ kind: 'proposals' as const }] };
  expect((await server.ask(contract.countTasks, { body: counts })).counts).toEqual([1]);
  const params = { id: items[0]?.id ?? 0 };
  const settledOn = await server.ask(contract.settleProposal, { params, body: { accept: true } });
  expect(settledOn).toMatchObject({ id: a.id, due: '2026-12-18' });
});

test('mail in the thread of a task that was merged ends the waiting of the one that is left', async () => {
  const { a, merge } = await mergedTasks();
  await merge();
  await change([a.id], { waiting: { for: 'Runa Holt', until: null } });
  const reply = letter('Runa Holt <runa@quay.example>', 'In-Reply-To: <m2@x.example>', 'Here it is.');
  await server.send({ raw: reply });
  await settled(server, 3);
  expect((await read(a.id)).waiting).toBeNull();
});

test('a new name of a person reaches what waits for them; what is done waits for nobody', async () => {
  const { id } = await oneTask(server);
  const body = { name: 'Runa Holt', addresses: [], organisation: null, groups: [] };
  await server.ask(contract.registers.people.add, { body });
  const [person] = (await server.ask(contract.registers.people.list)).items;
  await change([id], { waiting: { for: 'Runa Holt', until: null } });
  await server.ask(contract.registers.people.save, {
    params: { id: person?.id ?? '' },
    revision: person?.revision ?? 0,
    body: { ...body, name: 'Runa Lind' },
  });
  expect((await read(id)).waiting).toEqual({ for: 'Runa Lind', until: null });
  await change([id], { status: 'completed' });
  expect((await read(id)).waiting).toBeNull();
  await undoLast();
  expect(await read(id)).toMatchObject({ status: 'needs action', waiting: { for: 'Runa Lind' } });
});

test('mail that comes again adds to the task that is left of a merge, and to no part that was split off', async () => {
  const { a, b, merge } = await mergedTasks();
  const part = await server.ask(contract.splitTask, { ...seen(b), body: { title: 'A part', line: null } });
  await merge();
  const forward = [
    'From: ines@hollow.example',
    'Subject: Fwd: Loan form',
    '',
    'Note.',
    '',
    '---------- Forwarded message ---------',
  ];
  const original = [
    'From: Orla <orla@northcape.example>',
    'Date: Tue, 24 Nov 2026 at 14:00',
    'Subject: Loan form',
    'To: <ines@hollow.example>',
    '',
    'Please pack crate 2.',
  ];
  await server.send({ raw: [...forward, ...original].join('\r\n') });
  const { items } = await settled(server, 3);
  const again = items.find(({ subject }) => subject.startsWith('Fwd'))?.id ?? 0;
  await server.store.write((trx) => trx('arrivals').where({ id: again }).update({ again_of: b.arrivalId }));
  const { before } = await server.ask(contract.getArrival, { params: { id: again } });
  expect(before?.tasks.map(({ id }) => id)).toEqual([a.id]);
  await server.ask(contract.settleAgain, { params: { id: again }, body: { how: 'add to the first' } });
  const commentsOn = async (id: number) =>
    (await server.ask(contract.listComments, { params: { id } })).items.length;
  expect([await commentsOn(a.id), await commentsOn(part.id)]).toEqual([1, 0]);
});
