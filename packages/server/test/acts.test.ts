import * as contract from '@hatband/contract';
import { TaskView, type TaskScope } from '@hatband/core/tasks';
import fc from 'fast-check';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { oneTask, settled, startTestServer, tasksOf, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const changeAll = async (ids: number[], change: contract.TaskChange) =>
  (await server.ask(contract.changeTasks, { body: { ids, change } })).act?.id ?? '';
const undo = (id: string, back = true) =>
  server.ask(contract.undoAct, { params: { id }, body: { undo: back } });
const acts = async () => (await server.ask(contract.listActs)).items;
const read = async (id: number) => server.ask(contract.getTask, { params: { id } });

/** The oldest first. */
const tasks = async (of: TestServer, scope?: TaskScope) => (await tasksOf(of, scope)).toReversed();

/** A task without what tells of its being changed. */
const contents = ({ revision: _, changedAt: __, completedAt: ___, ...rest }: contract.Task) => rest;

async function threeTasks() {
  for (const text of ['One crate', 'Two crates', 'Three crates']) await server.send({ subject: text, text });
  await settled(server, 3);
  return tasks(server);
}

test('one value for many tasks is one act, taken back and done again as one', async () => {
  const before = await threeTasks();
  const ids = before.map(({ id }) => id);
  const id = await changeAll(ids, { due: '2026-12-04', fields: { Lender: 'Northcape' } });
  expect(await acts()).toMatchObject([
    { id, label: 'Due date set to Fri 4 Dec, Lender set to Northcape: 3 tasks', undone: false },
  ]);
  expect((await tasks(server)).map(({ due, fields }) => [due, fields])).toEqual(
    ids.map(() => ['2026-12-04', { Lender: 'Northcape' }]),
  );
  expect(await undo(id)).toMatchObject({ act: { undone: true }, kept: [] });
  expect((await tasks(server)).map(contents)).toEqual(before.map(contents));
  await expect(undo(id)).rejects.toMatchObject({ problem: { status: 412 } });
  await undo(id, false);
  expect((await tasks(server)).map(({ due }) => due)).toEqual(ids.map(() => '2026-12-04'));
});

test('what something else changed since is kept, and told of; the rest is taken back', async () => {
  const [first, second] = await threeTasks();
  if (!first || !second) throw new Error('There are no tasks.');
  const id = await changeAll([first.id, second.id], { due: '2026-12-04' });
  await changeAll([second.id], { due: '2026-12-11' });
  expect((await undo(id)).kept).toEqual([{ task: second.title, field: 'due date', now: '2026-12-11' }]);
  expect([(await read(first.id)).due, (await read(second.id)).due]).toEqual([first.due, '2026-12-11']);
  const alone = await changeAll([first.id], { priority: 'high' });
  await changeAll([first.id], { priority: 'low' });
  await expect(undo(alone)).rejects.toMatchObject({
    problem: { status: 409, detail: `It was changed again since: priority of “${first.title}” is low now.` },
  });
});

test('a deleted task lies in the bin, is no task of its thread any more, and comes back whole', async () => {
  const task = await oneTask(server);
  const id = await changeAll([task.id], { deleted: true });
  expect(await tasks(server)).toEqual([]);
  expect((await tasks(server, 'bin')).map((each) => each.id)).toEqual([task.id]);
  const { arrivalId } = task;
  expect((await server.ask(contract.getArrival, { params: { id: arrivalId } })).tasks).toEqual([]);
  await undo(id);
  expect((await tasks(server)).map(contents)).toEqual([contents(task)]);
});

test('what was corrected and taken back shows its rule again as the source', async () => {
  const task = await oneTask(server);
  const id = await changeAll([task.id], { due: '2026-12-24' });
  expect((await read(task.id)).evidence.due).toMatchObject({ by: 'user', was: task.due });
  await undo(id);
  expect((await read(task.id)).evidence.due).toEqual(task.evidence.due);
});

test('tags are added to those that there are, and another project has other sections', async () => {
  const task = await oneTask(server);
  const { id: loans } = await server.ask(contract.addProject, {
    body: { name: 'Loans', sections: ['Papers'] },
  });
  await changeAll([task.id], { tags: ['courier'] });
  await changeAll([task.id], { addTags: ['loan', 'courier'] });
  await changeAll([task.id], { project: loans, section: 'Papers' });
  expect(await read(task.id)).toMatchObject({ tags: ['courier', 'loan'], section: 'Papers' });
  await changeAll([task.id], { project: null });
  expect(await read(task.id)).toMatchObject({ project: null, section: null });
});

test('tasks are put beside another by hand, and back', async () => {
  const three = await threeTasks();
  const titles = async () => {
    const body = { sort: [{ field: 'place', descending: false }] };
    return (await server.ask(contract.listTasks, { body })).first.map(({ title }) => title);
  };
  const [a, b, c] = three;
  if (!a || !b || !c) throw new Error('There are no tasks.');
  expect(await titles()).toEqual(['One crate', 'Two crates', 'Three crates']);
  await server.ask(contract.placeTasks, { body: { ids: [c.id], beside: a.id, side: 'before' } });
  expect(await titles()).toEqual(['Three crates', 'One crate', 'Two crates']);
  const { act } = await server.ask(contract.placeTasks, {
    body: { ids: [c.id, a.id], beside: b.id, side: 'behind' },
  });
  expect(await titles()).toEqual(['Two crates', 'Three crates', 'One crate']);
  expect(act?.label).toBe('Moved 2 tasks behind “Two crates”');
  await undo(act?.id ?? '');
  expect(await titles()).toEqual(['Three crates', 'One crate', 'Two crates']);
});

test('what was completed today stays among the open tasks until the day ends', async () => {
  const task = await oneTask(server);
  await changeAll([task.id], { status: 'completed' });
  expect((await tasks(server, 'open')).map(({ id }) => id)).toEqual([task.id]);
  expect((await tasks(server, 'done')).map(({ id }) => id)).toEqual([task.id]);
  await server.store.write((trx) => trx('tasks').update({ completed_at: '2026-11-23T23:59:00.000Z' }));
  expect(await tasks(server, 'open')).toEqual([]);
});

test('after any changes, taking all of them back gives what there was', async () => {
  const before = await threeTasks();
  const known = before.map(({ id }) => id);
  const change: fc.Arbitrary<contract.TaskChange> = fc.oneof(
    fc.record({ due: fc.option(fc.constantFrom('2026-12-01', '2026-12-02T10:00')) }),
    fc.record({ title: fc.constantFrom('A', 'B') }),
    fc.record({ priority: fc.option(fc.constantFrom('high', 'low')) }),
    fc.record({ status: fc.constantFrom('needs action', 'completed', 'cancelled') }),
    fc.record({ addTags: fc.subarray(['loan', 'courier'], { minLength: 1 }) }),
    fc.record({ deleted: fc.boolean() }),
    fc.record({ effort: fc.option(fc.constantFrom('1 h', '2 days')) }),
    fc.record({
      fields: fc.dictionary(
        fc.constantFrom('Lender', 'Weight'),
        fc.option(fc.oneof(fc.constant('5'), fc.constant(5))),
        { minKeys: 1 },
      ),
    }),
  );
  const step = fc.record({ ids: fc.subarray(known, { minLength: 1 }), change });
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 6 }), async (steps) => {
      const done: string[] = [];
      for (const each of steps) done.push(await changeAll(each.ids, each.change));
      const made = done.filter((id) => id !== '');
      const after = await Promise.all(known.map(read));
      for (const id of made.toReversed()) await undo(id);
      expect((await Promise.all(known.map(read))).map(contents)).toEqual(before.map(contents));
      for (const id of made) await undo(id, false);
      const again = (await Promise.all(known.map(read))).map(contents);
      expect(again.map(({ deletedAt: _, evidence: __, ...rest }) => rest)).toEqual(
        after.map(contents).map(({ deletedAt: _, evidence: __, ...rest }) => rest),
      );
      for (const id of made.toReversed()) await undo(id);
    }),
    { numRuns: 15 },
  );
});

test('a view is kept under its name, changed as it was seen, and deleted', async () => {
  const view = {
    scope: 'open' as const,
    filter: { any: [{ kind: 'overdue' as const }] },
    sort: [],
    group: 'own:Lender',
    columns: [],
  };
  const added = await server.ask(contract.addView, { body: { name: 'Loans', view } });
  await expect(server.ask(contract.addView, { body: { name: 'loans ', view } })).rejects.toMatchObject({
    problem: { status: 409 },
  });
  const seen = { params: { id: added.id }, revision: added.revision };
  const saved = await server.ask(contract.saveView, { ...seen, body: { name: 'Loans in', view } });
  await expect(
    server.ask(contract.saveView, { ...seen, body: { name: 'Loans', view } }),
  ).rejects.toMatchObject({ problem: { status: 412 } });
  expect((await server.ask(contract.listViews)).items).toEqual([saved]);
  expect(saved).toMatchObject({
    name: 'Loans in',
    view: { filter: { any: [{ kind: 'overdue' }] }, group: 'own:Lender' },
  });
  const left = await server.ask(contract.deleteView, { params: { id: added.id }, revision: saved.revision });
  expect(left.items).toEqual([]);
});

const corrected = async () =>
  (
    await server.ask(contract.countTasks, {
      body: { scope: 'all', filters: [{ kind: 'corrected' }] },
    })
  ).counts[0];

test('whether a value is corrected is told by its history, however old the act is', async () => {
  const task = await oneTask(server);
  const id = await changeAll([task.id], { due: '2026-12-24' });
  expect(await corrected()).toBe(1);
  await undo(id);
  expect(await corrected()).toBe(0);
  await undo(id, false);
  expect(await corrected()).toBe(1);
  await undo(id);
  // Acts are forgotten after some time.
  await server.store.write((trx) => trx('acts').delete());
  expect(await corrected()).toBe(0);
  expect((await read(task.id)).evidence.due).toEqual(task.evidence.due);
});

test('a new name of a person or a tag is carried into what can be taken back, and into saved views', async () => {
  const task = await oneTask(server);
  const { people, tags } = contract.registers;
  const [tomas] = (await server.ask(people.add, { body: { name: 'Tomas Quill' } })).items;
  const [courier] = (await server.ask(tags.add, { body: { name: 'courier' } })).items;
  const seen = (entry: { id: string; revision: number } | undefined) => ({
    params: { id: entry?.id ?? '' },
    revision: entry?.revision ?? 0,
  });
  await changeAll([task.id], { assignee: 'Tomas Quill', tags: ['courier'] });
  const id = await changeAll([task.id], { assignee: 'Orla Penhale', tags: [] });
  const filter = {
    any: [
      { kind: 'is' as const, field: 'assignee', values: ['tomas quill'] },
      { none: [{ kind: 'is' as const, field: 'tags', values: ['loan', 'courier'] }] },
      { kind: 'askedBy' as const, people: ['Tomas Quill'] },
    ],
  };
  await server.ask(contract.addView, { body: { name: 'His', view: TaskView.parse({ filter }) } });
  await server.ask(people.save, { ...seen(tomas), body: { name: 'Tomas Quillfeather' } });
  await server.ask(tags.save, { ...seen(courier), body: { name: 'carrier' } });
  await undo(id);
  expect(await read(task.id)).toMatchObject({ assignee: 'Tomas Quillfeather', tags: ['carrier'] });
  expect((await server.ask(contract.listViews)).items[0]?.view.filter).toEqual({
    any: [
      { kind: 'is', field: 'assignee', values: ['Tomas Quillfeather'] },
      { none: [{ kind: 'is', field: 'tags', values: ['loan', 'carrier'] }] },
      { kind: 'askedBy', people: ['Tomas Quillfeather'] },
    ],
  });
});

test('what was deleted lies in the bin for thirty days', async () => {
  const task = await oneTask(server);
  await changeAll([task.id], { deleted: true });
  const deletedAt = (at: string) => server.store.write((trx) => trx('tasks').update({ deleted_at: at }));
  await deletedAt('2026-10-25T00:00:00.000Z');
  expect(await tasks(server, 'bin')).toHaveLength(1);
  await deletedAt('2026-10-24T22:59:00.000Z');
  expect(await tasks(server, 'bin')).toEqual([]);
});

test('in the order by hand tasks of several projects have places of their own', async () => {
  const { id: loans } = await server.ask(contract.addProject, { body: { name: 'Loans' } });
  const { items } = await server.ask(contract.listAddresses);
  const to = items.find(({ target }) => target.kind === 'project' && target.id === loans)?.address ?? '';
  for (const [subject, more] of [
    ['A', {}],
    ['B', { to }],
    ['C', {}],
    ['D', { to }],
  ] as const)
    await server.send({ subject, text: subject, ...more });
  await settled(server, 4);
  const titles = async () => {
    const body = { sort: [{ field: 'place', descending: false }] };
    return (await server.ask(contract.listTasks, { body })).first.map(({ title }) => title).join('');
  };
  expect(await titles()).toBe('ABCD');
  const idOf = async (title: string) => (await tasks(server)).find((each) => each.title === title)?.id ?? 0;
  await server.ask(contract.placeTasks, {
    body: { ids: [await idOf('D')], beside: await idOf('A'), side: 'behind' },
  });
  expect(await titles()).toBe('ADBC');
});

test('a proposal that is taken is an act like others; mail to a deleted task’s address gets a task of its own', async () => {
  const task = await oneTask(server);
  const { address } = await server.ask(contract.taskAddress, { params: { id: task.id } });
  await server.send({ to: address, subject: 'Re: Loan form', text: 'It is done.' });
  await settled(server, 2);
  const { items } = await server.ask(contract.listProposals, { query: { task: task.id } });
  const open = await server.ask(contract.countTasks, {
    body: { scope: 'all', filters: [{ kind: 'proposals' }] },
  });
  expect(open.counts).toEqual([1]);
  await server.ask(contract.settleProposal, { params: { id: items[0]?.id ?? 0 }, body: { accept: true } });
  const [act] = await acts();
  expect(act?.label).toBe(`Completed “${task.title}”`);
  await undo(act?.id ?? '');
  expect((await read(task.id)).status).toBe('needs action');
  await changeAll([task.id], { deleted: true });
  await server.send({ to: address, subject: 'Another thing', text: 'Please send the list.' });
  await settled(server, 3);
  expect((await tasks(server)).map(({ arrivalId }) => arrivalId)).toEqual([3]);
});
