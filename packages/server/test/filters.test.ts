import * as contract from '@hatband/contract';
import {
  compileFilter,
  ownField,
  partsOf,
  TaskFilter,
  TaskFields,
  Value,
  type FilterableTask,
  type FilterContext,
} from '@hatband/core/tasks';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { TaskRow } from '../src/store/index.ts';
import { countFilters, listGroups } from '../src/tasks/query/listTasks.ts';
import { parseJson } from '../src/store/index.ts';
import { startTestServer, type TestServer } from './testServer.ts';

const OWN = ['Object no.', 'Insured "value"', "Lender's name?", 'Weight', 'Needed on'];
const PROJECTS = ['loans', 'visits'];
const PEOPLE = ['Orla Penhale', 'Zoë Brandt'];
const WORDS = ['sextant', 'SÉXTANT', 'crate no. 4', 'by Friday', 'SQ-0242', 'loan', '2026-12-03', ''];

const word = fc.constantFrom(...WORDS);
const day = fc.constantFrom('2026-11-23', '2026-11-24', '2026-11-30', '2026-12-03', '2026-12-24');
const time = fc.constantFrom('', 'T09:30', 'T23:59');
const localDay = fc.tuple(day, time).map(([d, t]) => d + t);
const instant = fc.constantFrom(
  '2026-11-23T23:30:00.000Z',
  '2026-11-24T00:00:00.000Z',
  '2026-11-24T10:00:00.000Z',
  '2026-11-30T12:00:00.000Z',
);
const value: fc.Arbitrary<Value> = fc.oneof(
  word,
  localDay,
  fc.integer({ min: -3, max: 3 }),
  fc.boolean(),
  fc.record({ amount: fc.constantFrom(5200, 12.5), currency: fc.constantFrom('GBP', 'EUR', null) }),
  fc.array(word, { maxLength: 2 }),
);
const madeTask = fc.record({
  title: word,
  due: fc.option(localDay),
  start: fc.option(localDay),
  priority: fc.option(fc.constantFrom('high', 'medium', 'low')),
  project: fc.option(fc.constantFrom(...PROJECTS)),
  section: fc.option(word),
  assignee: fc.option(fc.constantFrom(...PEOPLE, '')),
  tags: fc.array(
    word.filter((each) => each !== ''),
    { maxLength: 2 },
  ),
  notes: word,
  reminders: fc.array(localDay, { maxLength: 2 }),
  effort: fc.option(fc.constantFrom('PT1H30M', 'P1D')),
  status: fc.constantFrom('needs action', 'in process', 'completed', 'cancelled'),
  fields: fc.dictionary(fc.constantFrom(...OWN), value, { maxKeys: 4 }),
  asks: fc.constantFrom(
    { name: 'Orla Penhale', address: 'orla@northcape.example' },
    { name: '', address: 'zoe@kogge.example' },
    { name: '', address: '' },
  ),
  source: fc.constantFrom('smtp', 'mailbox', 'practice'),
  labels: fc.array(fc.constantFrom('to do', 'Loans'), { maxLength: 2 }),
  isUnclaimed: fc.boolean(),
  isCorrected: fc.boolean(),
  hasAttachments: fc.boolean(),
  hasProposals: fc.boolean(),
  created: instant,
});

const BUILT_IN = [
  'title',
  'due',
  'start',
  'deadline',
  'reminders',
  'priority',
  'project',
  'section',
  'assignee',
  'tags',
  'notes',
  'effort',
  'status',
  'rule',
  'asks',
  'created',
  'changed',
  'completed',
];
const field = fc.constantFrom(...BUILT_IN, ...OWN.map(ownField), 'gone');
const some = fc.array(
  fc.constantFrom(
    ...WORDS.filter(Boolean),
    ...PROJECTS,
    ...PEOPLE,
    'high',
    'completed',
    'yes',
    '3',
    'GBP 5200.00',
  ),
  { minLength: 1, maxLength: 3 },
);
const unit = fc.constantFrom('days', 'working days');
const count = fc.integer({ min: 0, max: 12 });
const condition = fc.oneof(
  fc.record({ kind: fc.constant('is'), field, values: some }),
  fc.record({ kind: fc.constant('words'), field, words: some }),
  fc.record({ kind: fc.constantFrom('empty', 'set', 'thisWeek'), field }),
  fc.record({ kind: fc.constantFrom('before', 'after', 'on'), field, day }),
  fc.record({ kind: fc.constantFrom('next', 'last'), field, count, unit }),
  fc.record({ kind: fc.constantFrom('overdue', 'unclaimed', 'corrected', 'attachments', 'proposals') }),
  fc.record({ kind: fc.constant('gap'), field: fc.option(field) }),
  fc.record({
    kind: fc.constant('source'),
    values: fc.array(fc.constantFrom('smtp', 'mailbox'), { minLength: 1 }),
  }),
  fc.record({
    kind: fc.constant('address'),
    addresses: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('label'),
    labels: fc.array(fc.constantFrom('To Do', 'loans'), { minLength: 1, maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('askedBy'),
    people: fc.array(fc.constantFrom(...PEOPLE, 'orla@northcape.example'), { minLength: 1, maxLength: 2 }),
  }),
);
const { filter: nested } = fc.letrec<{ filter: unknown; list: unknown[] }>((tie) => ({
  filter: fc.oneof(
    { maxDepth: 3, depthSize: 'small' },
    condition,
    tie('list').map((all) => ({ all })),
    tie('list').map((any) => ({ any })),
    tie('list').map((none) => ({ none })),
  ),
  list: fc.array(tie('filter'), { maxLength: 3 }),
}));
const filter = nested.map((each) => TaskFilter.parse(each));

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

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
  await server.store.write(async (trx) => {
    for (const id of PROJECTS) await trx('projects').insert({ id, name: id, created_at: '' });
    await trx('messages').insert({ id: 1, sha256: Buffer.from('1'), size: 1 });
  });
});
afterAll(() => server.end());

type Made = typeof madeTask extends fc.Arbitrary<infer T> ? T : never;

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
    evidence: '{}',
    created_at: created,
  } as Partial<TaskRow>);
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
      old: '',
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
  } as FilterableTask; // prettier-ignore
}

const idsIn = async (chosen: TaskFilter) => {
  const view = { scope: 'all' as const, filter: chosen, sort: [], group: null, columns: [] };
  const groups = await listGroups(server.store.read, view, { context, midnight: '' });
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
            const counts = await countFilters(
              server.store.read,
              { scope: 'all', filters: parts },
              { context, midnight: '' },
            );
            expect(counts).toEqual(parts.map((part) => tasks.filter(compileFilter(part, context)).length));
          }
        },
      ),
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
