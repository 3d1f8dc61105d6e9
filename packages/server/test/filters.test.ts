import * as contract from '@hatband/contract';
import {
  compileFilter,
  partsOf,
  TaskFilter,
  TaskFields,
  valueIn,
  type FilterableTask,
  type FilterContext,
} from '@hatband/core/tasks';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { countFilters, listGroups } from '../src/tasks/query/listTasks.ts';
import { parseJson } from '../src/store/index.ts';
import { field, filter, madeTask, PROJECTS, type Made } from './randomTasks.ts';
import { startTestServer, type TestServer } from './testServer.ts';

const context: FilterContext = {
  today: '2026-11-24',
  zone: 'Europe/Berlin',
  calendar: { workdays: [1, 2, 3, 4, 5], closed: ['2026-11-26'], known: null },
  requirements: {
    inbox: [['project'], ['due']],
    projects: new Map([
      ['loans', [['Object no.'], ['due', 'start']]],
      ['visits', []],
    ]),
  },
  people: [
    { name: 'Orla Penhale', addresses: ['orla@northcape.example'], organisation: null, groups: [] },
    { name: 'Zoë Brandt', addresses: ['zoe@kogge.example'], organisation: null, groups: [] },
  ],
};

const asked = { context, since: { today: '2026-11-24', completed: '', deleted: '' } };

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
  await server.store.write(async (trx) => {
    for (const id of PROJECTS) await trx('projects').insert({ id, name: id, created_at: '' });
    await trx('messages').insert({ id: 1, sha256: Buffer.from('1'), size: 1 });
  });
});
afterAll(() => server.end());

/** Lays the tasks into the database as they would have come, and answers them as filters in memory see them. */
const lay = (made: readonly Made[]): Promise<FilterableTask[]> =>
  server.store.write(async (trx) => {
    await trx('proposals').delete();
    await trx.raw('DROP TRIGGER IF EXISTS task_changes_no_delete');
    await trx('task_changes').delete();
    await trx('task_references').delete();
    await trx('tasks').delete();
    await trx('arrivals').delete();
    const laid: FilterableTask[] = [];
    for (const [i, each] of made.entries()) laid.push(await layOne(trx, i + 1, each));
    return laid;
  });

async function layOne(
  trx: Parameters<Parameters<TestServer['store']['write']>[0]>[0],
  id: number,
  made: Made,
): Promise<FilterableTask> {
  const { asks, source, labels, isUnclaimed, isCorrected, hasAttachments, hasProposals, created, ...fields } =
    made;
  await trx('arrivals').insert({
    id,
    message_id: 1,
    address_id: 1,
    source,
    labels: JSON.stringify(labels),
    attachment_names: hasAttachments ? '["loan-form.pdf"]' : '[]',
    asks_name: asks.name,
    asks_address: asks.address,
    envelope_from: '',
    received_at: created,
    trigger: String(id),
    state: 'applied',
    outcome_kind: 'tasks',
    subject: '', from_name: '', from_address: '', deliveries: 1, attempts: 1,
  }); // prettier-ignore
  await trx('tasks').insert({
    id,
    arrival_id: id,
    rule_id: isUnclaimed ? 'built-in' : 'r1',
    item_key: 'message',
    title: fields.title,
    due: fields.due,
    start: fields.start,
    priority: fields.priority,
    project_id: fields.project,
    section: fields.section,
    assignee: fields.assignee,
    tags: JSON.stringify(fields.tags),
    notes: fields.notes,
    reminders: JSON.stringify(fields.reminders),
    effort: fields.effort,
    own_fields: JSON.stringify(fields.fields),
    status: fields.status,
    waiting_for: fields.waitingFor,
    evidence: '{}',
    created_at: created,
  });
  await trx('task_changes').insert({
    task_id: id,
    field: 'title',
    old: null,
    new: fields.title,
    actor: 'rule',
    run: 'x',
    at: created,
  });
  if (isCorrected)
    await trx('task_changes').insert({
      task_id: id,
      field: 'title',
      old: 'as it was read',
      new: fields.title,
      actor: 'user',
      run: 'y',
      at: created,
    });
  if (hasProposals)
    await trx('proposals').insert({
      task_id: id,
      arrival_id: id,
      field: 'due',
      value: '2026-12-01',
      spans: '[]',
      state: 'open',
      made_at: created,
    });
  const row = await trx('tasks').where({ id }).first();
  return {
    ...fields,
    fields: parseJson(TaskFields.shape.fields, row?.own_fields ?? '{}'),
    deadline: null,
    rule: isUnclaimed ? 'built-in' : 'r1',
    isUnclaimed, isCorrected, hasAttachments, hasProposals, asks, source, labels, created,
    address: 1,
    changed: created,
    completed: null,
  }; // prettier-ignore
}

const idsIn = async (chosen: TaskFilter) => {
  const view = { scope: 'all' as const, filter: chosen, sort: [], group: null, columns: [] };
  const groups = await listGroups(server.store.read, view, asked);
  return groups.flatMap(({ ids }) => ids).toSorted((a, b) => a - b);
};

describe('a filter', () => {
  test('asks for the same tasks in memory and in the database, and its parts hold for as many as is said', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(madeTask, { minLength: 1, maxLength: 8 }),
        fc.array(filter, { minLength: 1, maxLength: 12 }),
        async (made, filters) => {
          const tasks = await lay(made);
          for (const each of filters) {
            const holds = compileFilter(each, context);
            const wanted = tasks.flatMap((task, i) => (holds(task) ? [i + 1] : []));
            expect(await idsIn(each)).toEqual(wanted);
            const parts = partsOf(each).map(({ part }) => part);
            const counts = await countFilters(server.store.read, { scope: 'all', filters: parts }, asked);
            expect(counts).toEqual(parts.map((part) => tasks.filter(compileFilter(part, context)).length));
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('each task stands in one group, with those whose value is the same', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(madeTask, { minLength: 1, maxLength: 8 }), field, async (made, group) => {
        const tasks = await lay(made);
        const view = {
          scope: 'all' as const,
          filter: { all: [] },
          sort: [{ field: group, descending: true }],
          group,
          columns: [],
        };
        const groups = await listGroups(server.store.read, view, asked);
        expect(groups.flatMap(({ ids }) => ids).toSorted((a, b) => a - b)).toEqual(
          tasks.map((_, i) => i + 1),
        );
        const empty = tasks.flatMap((task, i) => (valueIn(task, group) === null ? [i + 1] : []));
        const none = groups.find(({ value }) => value === null)?.ids ?? [];
        expect(none.toSorted((a, b) => a - b)).toEqual(empty);
        expect(new Set(groups.map(({ value }) => value)).size).toBe(groups.length);
      }),
      { numRuns: 60 },
    );
  });

  test('that is nested too deep, or has too many parts, is refused at the door', async () => {
    const deep = Array.from({ length: 12 }).reduce<unknown>((inner) => ({ all: [inner] }), {
      kind: 'overdue',
    });
    const many = { any: Array.from({ length: 51 }, () => ({ kind: 'overdue' })) };
    for (const each of [deep, many])
      await expect(
        server.ask(contract.listTasks, { body: { filter: each as TaskFilter } }),
      ).rejects.toMatchObject({
        problem: { status: 400 },
      });
  });
});
