import * as contract from '@hatband/contract';
import { Policy, type Remedy } from '@hatband/core/intake';
import { afterEach, describe, expect, test } from 'vitest';
import { fragileReader } from './fragileReader.ts';
import { goLive, newFolder, settled, startTestServer, type TestServer } from './testServer.ts';

let server: TestServer;
afterEach(() => server.end());

async function treat(failures: Partial<Record<'unreadable' | 'rule failed', Remedy>>) {
  const [inbox] = (await server.ask(contract.listAddresses)).items;
  const policy = Policy.parse({ failures });
  const revision = inbox?.revision ?? 0;
  await server.ask(contract.saveAddress, {
    params: { id: inbox?.id ?? 0 },
    revision,
    body: { policy, plusWord: null },
  });
}

/** Stops the server, lets the time pass after which what failed is tried again, and starts another. */
async function startLater() {
  const { folder, store } = server;
  const row = await store.read('arrivals').first('retry_at');
  expect(row?.retry_at).toMatch(/^2026-11-24T15:1/);
  await server.stop();
  server = await startTestServer({}, folder, { HATBAND_NOW: '2026-11-24T15:30:00Z' });
}

const one = async () => (await settled(server, 1)).items[0];

describe('a message that cannot be read', () => {
  async function startFragile() {
    const folder = await newFolder();
    const readerScript = await fragileReader(folder, 'process.exit(9)');
    server = await startTestServer({ readerScript }, folder);
  }

  test('is dropped with its bytes', async () => {
    await startFragile();
    await treat({ unreadable: 'drop' });
    await server.send({ subject: 'killer' });
    expect((await one())?.outcome.kind).toBe('nothing');
    expect(await server.store.read('message_chunks').count({ n: '*' }).first()).toEqual({ n: 0 });
  });

  test('keeps its bytes where they came by another way too', async () => {
    await startFragile();
    const { address: other } = await server
      .ask(contract.addProject, { body: { name: 'Loans in' } })
      .then(async () => {
        const { items } = await server.ask(contract.listAddresses);
        return items.find(({ target }) => target.kind === 'project') ?? { address: '' };
      });
    await treat({ unreadable: 'drop' });
    await server.send({ to: [server.inbox, other], subject: 'killer' });
    const { items } = await settled(server, 2);
    expect(items.map(({ outcome }) => outcome.kind).toSorted()).toEqual(['failed', 'nothing']);
    expect(await server.store.read('message_chunks').count({ n: '*' }).first()).toEqual({ n: 1 });
  });

  test('is told of by a task', async () => {
    await startFragile();
    await treat({ unreadable: 'report' });
    await server.send({ subject: 'killer' });
    expect(await one()).toMatchObject({
      outcome: { kind: 'failed' },
      tasks: [{ title: 'A message could not be read' }],
    });
  });

  test('is tried again after an hour', async () => {
    await startFragile();
    await treat({ unreadable: 'try again' });
    await server.send({ subject: 'killer' });
    expect((await one())?.outcome.kind).toBe('failed');
    await startLater();
    expect(await one()).toMatchObject({ subject: 'killer', outcome: { kind: 'unclaimed' } });
  });
});

describe('a rule that fails', () => {
  const name = 'Answer it';
  const effects = [{ kind: 'send' as const, to: ['asker' as const], subject: 'Thanks', text: 'We have it.' }];
  const nobody = 'Subject: From nobody\r\n\r\nPlease send the list by 3 December.\r\n';

  async function startFailing(remedy: Remedy) {
    server = await startTestServer();
    await treat({ 'rule failed': remedy });
    const { id } = await goLive(server, { name, effects });
    await server.send({ raw: nobody });
    return id;
  }

  test('holds its message', async () => {
    await startFailing('hold');
    expect((await one())?.outcome).toMatchObject({
      kind: 'held',
      held: [{ name, why: 'failed', message: 'There is nobody to send the mail to.' }],
    });
  });

  test('leaves it, where it is to be dropped', async () => {
    await startFailing('drop');
    expect((await one())?.outcome).toMatchObject({ kind: 'nothing', held: [] });
  });

  test('is told of by a task, which is done once the message was released', async () => {
    const id = await startFailing('report');
    const held = await one();
    expect(held?.tasks).toMatchObject([{ title: 'A rule failed: From nobody', status: 'needs action' }]);
    await mend(id);
    await server.ask(contract.releaseArrival, { params: { id: held?.id ?? 0 }, body: { ruleId: id } });
    const after = await one();
    expect(after?.tasks.map(({ status }) => status)).toEqual(['completed', 'needs action']);
  });

  test('works it again after an hour', async () => {
    const id = await startFailing('try again');
    expect((await one())?.outcome.kind).toBe('held');
    await mend(id);
    await startLater();
    const { items } = await settled(server, 1);
    expect(items[0]?.outcome.kind).toBe('tasks');
  });

  /** The rule sends no mail any more. */
  async function mend(id: string) {
    const rule = (await server.ask(contract.listRules)).items.find((each) => each.id === id);
    const params = { id };
    const draft = await server.ask(contract.saveDraft, {
      params,
      revision: rule?.revision ?? 0,
      body: { definition: { name } },
    });
    await server.ask(contract.goLive, { params, revision: draft.revision });
  }
});
