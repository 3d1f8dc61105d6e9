import * as contract from '@hatband/contract';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { nextTry } from '../src/arrivals/transitions.ts';
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
    const [proposal] = (await server.ask(contract.listProposals, { query: { task: id } })).items;
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
