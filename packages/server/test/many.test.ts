import * as contract from '@hatband/contract';
import { RuleDefinition } from '@hatband/core/rules';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { settled, startTestServer, tasksOf, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const many = (ids: number[], work: contract.ManyWork) =>
  server.ask(contract.workMany, { body: { ids, work } });
const idsOf = (arrivals: { id: number }[]) => arrivals.map(({ id }) => id).toSorted((a, b) => a - b);

test('a rule by hand, and the built-in reading, work several messages; those they cannot are told', async () => {
  for (const subject of ['One', 'Two']) await server.send({ subject, text: 'Please pack it.' });
  const { items } = await settled(server, 2);
  const before = (await tasksOf(server)).length;
  const rule = await server.ask(contract.addRule, {
    body: {
      definition: RuleDefinition.parse({
        name: 'Thanks',
        band: { hue: 'tide', pattern: 'plain' },
        start: { kind: 'hand' },
        read: [{ field: 'title', from: [{ kind: 'fixed', id: 'f', value: 'Write a thank-you' }] }],
        makes: { kind: 'task' },
      }),
    },
  });
  await server.ask(contract.goLive, { params: { id: rule.id }, revision: rule.revision });
  const ids = idsOf(items);
  const answer = await many([...ids, 99], { do: 'rule', ruleId: rule.id });
  expect(answer).toMatchObject({ done: 2, refused: [{ id: 99 }] });
  expect((await tasksOf(server)).filter(({ title }) => title === 'Write a thank-you')).toHaveLength(2);
  await many(ids, { do: 'rule', ruleId: 'built-in' });
  // The built-in reading had made its tasks already.
  expect(await tasksOf(server)).toHaveLength(before + 2);
});

test('what is dealt with waits for nobody any more; what did not wait is told', async () => {
  await server.send({ subject: 'One', text: 'Please pack it.' });
  const { items } = await settled(server, 1);
  const id = items[0]?.id ?? 0;
  expect(await many([id], { do: 'dealt with' })).toMatchObject({
    done: 0,
    refused: [{ id, subject: 'One' }],
  });
  await server.store.write((trx) => trx('arrivals').where({ id }).update({ outcome_kind: 'held' }));
  expect(await many([id], { do: 'dealt with' })).toMatchObject({ done: 1 });
  // Its task is there, so it counts as before.
  expect((await server.ask(contract.getArrival, { params: { id } })).arrival.outcome.kind).toBe('tasks');
  await server.store.write(async (trx) => {
    await trx('arrivals').where({ id }).update({ outcome_kind: 'failed' });
  });
  expect((await server.ask(contract.getAttention)).failed).toBe(1);
  expect(await many([id], { do: 'dealt with' })).toEqual({ done: 1, refused: [] });
  expect((await server.ask(contract.getAttention)).failed).toBe(0);
});

test('people are told by their mail: messages and open tasks under all their addresses', async () => {
  await server.send({ from: 'Orla <orla@northcape.example>', subject: 'One', text: 'Please pack it.' });
  await server.send({ from: 'Bram <bram@lowtide.example>', subject: 'Two', text: 'Please pack it.' });
  await settled(server, 2);
  const { items } = await server.ask(contract.listWriters);
  expect(items).toMatchObject([
    { name: 'Bram', address: 'bram@lowtide.example', messages: 1, openTasks: 1 },
    { name: 'Orla', address: 'orla@northcape.example', messages: 1, openTasks: 1 },
  ]);
  const mail = await server.ask(contract.listArrivals, { query: { person: 'Orla', limit: 50 } });
  expect(mail.items.map(({ subject }) => subject)).toEqual(['One']);
});
