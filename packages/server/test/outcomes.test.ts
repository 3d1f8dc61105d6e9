import * as contract from '@hatband/contract';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { arrive, goLive, settled, startTestServer, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

async function change(id = 0, body: contract.TaskChange): Promise<void> {
  const { revision } = await server.ask(contract.getTask, { params: { id } });
  await server.ask(contract.changeTask, { params: { id }, revision, body });
}

/** Mail whose subject tells a case becomes a task with its ticket number. */
async function openTickets(): Promise<void> {
  const project = { name: 'Building', fields: [{ name: 'Ticket', kind: 'text' as const }] };
  await server.ask(contract.addProject, { body: project });
  await goLive(server, {
    name: 'Cases',
    when: { all: [{ kind: 'words', in: ['subject'], words: ['case'] }] },
    read: [{ field: 'Ticket', from: [{ kind: 'detail', of: 'reference' }] }],
    route: [{ project: 'Building' }],
  });
}

const commentsOn = async (id = 0) =>
  (await server.ask(contract.listComments, { params: { id } })).items.map(({ text }) => text);

test('a comment finds its task by the reference number of either, open ones first', async () => {
  await openTickets();
  const [old] = (await arrive(server, '[BLD-0421] Case 7', 'Please look at the hygrometer of case 7.')).tasks;
  await change(old?.id, { status: 'completed' });
  const open = await arrive(server, '[BLD-0421] Case 7 once more', 'Please look at the hygrometer again.');
  await goLive(server, {
    name: 'Tickets',
    makes: { kind: 'comment', on: ['reference'], otherwise: 'nothing' },
  });
  expect((await arrive(server, 'News of BLD-0421', 'It reads 50 % now.')).outcome.kind).toBe('comment');
  expect((await arrive(server, 'News of BLD-0422', 'It reads 60 % now.')).outcome.kind).toBe('nothing');
  expect(await commentsOn(open.tasks[0]?.id)).toEqual(['It reads 50 % now.']);
  expect(await commentsOn(old?.id)).toEqual([]);
});

test('a number that the user writes into a title finds the task too, one that he takes out no more', async () => {
  const [task] = (await arrive(server, 'The lamp', 'Please mend the lamp.')).tasks;
  await goLive(server, {
    name: 'Tickets',
    makes: { kind: 'comment', on: ['reference'], otherwise: 'nothing' },
  });
  await change(task?.id, { title: 'Mend the lamp, BLD-0500' });
  expect((await arrive(server, 'BLD-0500', 'A lamp is ordered.')).outcome.kind).toBe('comment');
  await change(task?.id, { title: 'Mend the lamp' });
  expect((await arrive(server, 'BLD-0500', 'A lamp has come.')).outcome.kind).toBe('nothing');
  expect(await commentsOn(task?.id)).toEqual(['A lamp is ordered.']);
});

test('a person and a project that are not there yet are made, once', async () => {
  await goLive(server, {
    name: 'By pairs',
    read: [
      { field: 'assignee', from: [{ kind: 'pair', labels: ['For'] }], unknown: 'make' },
      { field: 'project', from: [{ kind: 'pair', labels: ['Project'] }], unknown: 'make' },
    ],
  });
  const words = 'Please wind the clock.\n\nFor: Tomas Quill\nProject: Clocks\n';
  const first = await arrive(server, 'Winding', words);
  const task = await server.ask(contract.getTask, { params: { id: first.tasks[0]?.id ?? 0 } });
  expect(task).toMatchObject({ assignee: 'Tomas Quill', project: { name: 'Clocks' } });
  await arrive(server, 'Winding again', words.replace('Clocks', 'clocks').replace('Quill', 'QUILL'));
  const people = await server.ask(contract.registers.people.list);
  expect(people.items.map(({ body }) => body.name)).toEqual(['Tomas Quill']);
  const projects = await server.ask(contract.listProjects);
  expect(projects.items.map(({ name }) => name)).toEqual(['Clocks']);
  const { items } = await server.ask(contract.listAddresses);
  expect(items.filter(({ target }) => target.kind === 'project')).toHaveLength(1);
});

test('a rule by hand makes a comment where it finds a task, and the message counts as that', async () => {
  await openTickets();
  const [task] = (await arrive(server, '[BLD-0421] Case 7', 'Please look at case 7.')).tasks;
  const { id: ruleId } = await goLive(server, {
    name: 'To its ticket',
    start: { kind: 'hand' },
    makes: { kind: 'comment', on: ['reference'], otherwise: 'nothing' },
  });
  await goLive(server, { name: 'Nothing by itself', makes: { kind: 'nothing' } });
  const arrival = await arrive(server, 'About BLD-0421', 'The key is at the desk.');
  expect(arrival.outcome.kind).toBe('nothing');
  const params = { id: arrival.id };
  const after = await server.ask(contract.startByHand, { params, body: { ruleId } });
  expect(after.outcome.kind).toBe('comment');
  expect(await commentsOn(task?.id)).toEqual(['The key is at the desk.']);
});

test('a reply knows what came before it, and an earlier message nothing of what came after', async () => {
  const raw = (subject: string, id: string, more = '') =>
    `From: orla@northcape.example\r\nSubject: ${subject}\r\nMessage-ID: <${id}@northcape.example>\r\n${more}\r\nPlease send the list of crates.\r\n`;
  await server.send({ raw: raw('Crates', 'a') });
  await settled(server, 1);
  await server.send({ raw: raw('Re: Crates', 'b', 'In-Reply-To: <a@northcape.example>\r\n') });
  await settled(server, 2);
  const { items } = await server.ask(contract.listSamples, { query: { limit: 10 } });
  const [reply, first] = items.map(({ incoming }) => incoming.tasks.thread.map(({ title }) => title));
  expect(reply).toHaveLength(1);
  expect(first).toEqual([]);
});

test('a task goes to the top or the bottom of its project, as its rule says', async () => {
  await server.ask(contract.addProject, { body: { name: 'Loans' } });
  const urgent = { all: [{ kind: 'words' as const, words: ['urgent'] }] };
  await goLive(server, { name: 'Urgent', when: urgent, route: [{ project: 'Loans', place: 'top' }] });
  await goLive(server, { name: 'Others', route: [{ project: 'Loans' }] });
  for (const subject of ['First', 'Second', 'An urgent one', 'Third'])
    await arrive(server, subject, 'Please sign it.');
  const order = await server.store.read('tasks').orderBy('place').pluck('title');
  expect(order).toEqual(['An urgent one', 'First', 'Second', 'Third']);
});
