import * as contract from '@hatband/contract';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { oneTask, settled, startTestServer, tasksOf, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const read = (id: number) => server.ask(contract.getTask, { params: { id } });
const change = (ids: number[], to: contract.TaskChange) =>
  server.ask(contract.changeTasks, { body: { ids, change: to } });

test('a task is offered what its mail holds and it does not, each with the change that takes it', async () => {
  const project = await server.ask(contract.addProject, {
    body: {
      name: 'Loans in',
      description: '',
      sections: [],
      fields: [
        { name: 'Insured', kind: 'money', choices: [], decimal: null },
        { name: 'Needs', kind: 'several choices', choices: ['crate', 'van', 'lift'], decimal: null },
      ],
      requirements: [],
    },
  });
  await server.send({
    subject: 'Loans in: the gauge',
    text: 'Please return it by 7 December. The van comes on 3 December; it is insured for EUR 5,200.00.',
  });
  await settled(server, 1);
  const [task] = await tasksOf(server, 'open');
  const offered = async () =>
    (await server.ask(contract.taskCandidates, { params: { id: task?.id ?? 0 } })).items;
  const take = async (field: string) => {
    const candidate = (await offered()).find((each) => each.field === field);
    if (candidate) await change([task?.id ?? 0], candidate.change);
  };
  expect((await offered()).filter(({ field }) => field === 'due')).toMatchObject([
    { words: 'Thu 3 Dec', change: { due: '2026-12-03' }, spans: [{ part: 'text' }] },
  ]);
  await take('project');
  await take('Insured');
  expect(await read(task?.id ?? 0)).toMatchObject({
    project: { id: project.id },
    fields: { Insured: { amount: 5200, currency: 'EUR' } },
  });
  // A choice more leaves those that were made.
  await change([task?.id ?? 0], { fields: { Needs: ['crate'] } });
  await take('Needs');
  expect((await read(task?.id ?? 0)).fields.Needs).toEqual(['crate', 'van']);
  expect((await offered()).filter(({ field }) => field === 'Needs')).toEqual([]);
  // What stands there is offered no more.
  expect((await offered()).filter(({ field }) => field === 'project' || field === 'Insured')).toEqual([]);
});

test('a typed day is read as of today, and may count from another day of the task', async () => {
  const task = await oneTask(server);
  await change([task.id], { deadline: '2026-12-08', fields: { Opening: '2026-12-10' } });
  const day = async (words: string, id?: number) =>
    (await server.ask(contract.readDay, { query: { words, ...(id !== undefined && { task: id }) } })).day;
  expect(await day('fri')).toBe('2026-11-27');
  expect(await day('2 wd before deadline', task.id)).toBe('2026-12-04');
  expect(await day('1 day after opening', task.id)).toBe('2026-12-11');
  expect(await day('2 wd before deadline')).toBe(null);
  expect(await day('no day at all')).toBe(null);
});
