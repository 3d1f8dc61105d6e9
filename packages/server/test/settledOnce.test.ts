import * as contract from '@hatband/contract';
import { MadeTask } from '@hatband/core/rules';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { nextTry } from '../src/arrivals/transitions.ts';
import { insertTasks } from '../src/pipeline/insertTask.ts';
import { arrive, goLive, oneTask, settled, startTestServer, until, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

/** Two presses at one time: the first works, the second is told that it came too late. */
async function twice(press: () => Promise<unknown>) {
  const results = await Promise.allSettled([press(), press()]);
  return results.map(({ status }) => status).toSorted();
}

describe('what is settled is settled once', () => {
  test('a proposal', async () => {
    const { id } = await oneTask(server);
    const { address } = await server.ask(contract.taskAddress, { params: { id } });
    await server.send({ to: address, subject: 'Re: Loan form', text: 'Could you make it 10 December?' });
    await settled(server, 2);
    const [proposal] = (await server.ask(contract.listProposals, { params: { id } })).items;
    const body = { accept: true };
    const settle = () => server.ask(contract.settleProposal, { params: { id: proposal?.id ?? 0 }, body });
    expect(await twice(settle)).toEqual(['fulfilled', 'rejected']);
    const changes = await server.store
      .read('task_changes')
      .where({ task_id: id, actor: 'user', field: 'due' });
    expect(changes).toHaveLength(1);
  });

  test('a message that a rule holds', async () => {
    const rule = await goLive(server, { name: 'Held', makes: { kind: 'hold' } });
    const { id } = await arrive(server, 'Loan form', 'Please sign it by Friday.');
    const release = () => server.ask(contract.releaseArrival, { params: { id }, body: { ruleId: rule.id } });
    expect(await twice(release)).toEqual(['fulfilled', 'rejected']);
    expect(await server.store.read('tasks').where({ arrival_id: id })).toHaveLength(1);
  });

  test('a message at the door', async () => {
    const [inbox] = (await server.ask(contract.listAddresses)).items;
    const policy = { ...inbox?.policy, senders: { kind: 'me' } };
    await server.ask(contract.saveAddress, {
      params: { id: inbox?.id ?? 0 },
      body: { policy, plusWord: null },
      revision: inbox?.revision ?? 0,
    });
    const { id } = await arrive(server, 'Loan form', 'Please sign it by Friday.');
    const letIn = () => server.ask(contract.letIn, { params: { id }, body: { sender: 'once' } });
    expect(await twice(letIn)).toEqual(['fulfilled', 'rejected']);
    await until(
      () => server.ask(contract.getArrival, { params: { id } }),
      ({ tasks }) => tasks.length === 1,
    );
  });
});

test('a failure is tried five times again, each time after twice as long, and then no more', async () => {
  const { id } = await arrive(server, 'Loan form', 'Please sign it by Friday.');
  const now = new Date('2026-11-24T14:00:00Z');
  const tries: (string | null)[] = [];
  for (let n = 0; n < 6; n += 1) tries.push(await server.store.write((trx) => nextTry(trx, id, now)));
  expect(tries.map((at) => at && (Date.parse(at) - now.getTime()) / 3_600_000)).toEqual([
    1,
    2,
    4,
    8,
    16,
    null,
  ]);
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
  const { id: arrivalId } = await arrive(server, 'Loan form', 'Please sign it by Friday.');
  const [made] = await server.store.read('tasks');
  const task = (itemKey: string, place: 'top' | 'bottom') =>
    MadeTask.parse({
      rule: { ruleId: 'r', version: 1, name: 'r' },
      itemKey,
      fields: {
        title: itemKey, due: null, start: null, deadline: null, priority: null, project: null, section: null,
        assignee: null, tags: [], notes: '', reminders: [], fields: {},
      },
      evidence: {},
      comment: null,
      checklist: [],
      effort: null,
      place,
    }); // prettier-ignore
  const tasks = [task('above', 'top'), task('below', 'bottom')];
  await server.store.write((trx) => insertTasks(trx, { arrivalId, tasks, at: '2026-11-24T14:00:00Z' }));
  const order = (await server.store.read('tasks').orderBy('place').select('title')).map(({ title }) => title);
  expect(order).toEqual(['above', made?.title, 'below']);
});

test('a page that missed more events than are kept is told to ask for everything', async () => {
  for (const name of ['A', 'B', 'C']) await server.ask(contract.addProject, { body: { name } });
  await server.store.write((trx) => trx('events').where('seq', '<=', 3).delete());
  const heard = async (since: number) => {
    const abort = new AbortController();
    const response = await fetch(`http://127.0.0.1:${server.port}/api/events`, {
      headers: { 'Last-Event-ID': String(since) },
      signal: abort.signal,
    });
    const reader = response.body?.getReader();
    let text = '';
    while (!text.includes('data:')) text += new TextDecoder().decode((await reader?.read())?.value);
    abort.abort();
    return text;
  };
  expect(await heard(1)).toContain('"kind":"everything"');
  expect(await heard(4)).not.toContain('everything');
});

test('what a rule makes is there at once: its project takes mail at its own address', async () => {
  await goLive(server, {
    name: 'New ones',
    when: { all: [{ kind: 'words', words: ['exhibition'] }] },
    read: [{ field: 'project', from: [{ kind: 'subject' }], unknown: 'make' }],
  });
  await arrive(server, 'exhibition of knots', 'Please plan it.');
  const { items } = await server.ask(contract.listAddresses);
  const made = items.find(({ target }) => target.name === 'exhibition of knots');
  await server.send({ to: made?.address ?? '', subject: 'A second one' });
  const [second] = (await settled(server, 2)).items;
  expect(second?.tasks[0]?.project?.name).toBe('exhibition of knots');
});
