import * as contract from '@hatband/contract';
import { Project } from '@hatband/core/tasks';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { z } from 'zod';
import { arrive, goLive, loseProjects, settled, startTestServer, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const addProject = (project: z.input<typeof Project>) =>
  server.ask(contract.addProject, { body: Project.parse(project) });

describe('what rules name', () => {
  test('a task gets all that its rule reads, in its project and section, with what is made for it', async () => {
    await addProject({
      name: 'Loans in',
      sections: ['Abroad'],
      fields: [{ name: 'Crate', kind: 'choice', choices: ['Pine'] }],
    });
    await server.ask(contract.registers.people.add, {
      body: { name: 'Tomas Quill', addresses: ['tomas@quay.example'] },
    });
    await server.ask(contract.registers.templates.add, {
      body: { name: 'Loan', checklist: ['Ask the insurer'], effort: '2 hours' },
    });
    await goLive(server, {
      name: 'Loans',
      read: [
        { field: 'due', from: [{ kind: 'day', from: 'deadline', plus: -2, unit: 'working days' }] },
        { field: 'Crate', from: [{ kind: 'pair', labels: ['Crate'] }], unknown: 'make' },
        { field: 'tags', from: [{ kind: 'fixed', value: ['loan'] }] },
        { field: 'notes', from: [{ kind: 'newest' }] },
        { field: 'reminders', from: [{ kind: 'day', from: 'due', plus: -1, time: '08:30' }] },
        { field: 'comment', from: [{ kind: 'fixed', value: 'Look at the crate.' }] },
      ],
      route: [{ project: 'Loans in', section: 'Abroad', assignee: 'Tomas Quill', template: 'Loan' }],
      effects: [{ kind: 'label', add: ['in hand'] }],
    });
    const arrival = await arrive(server, 'Gauge', 'Please return the gauge by 7 December.\n\nCrate: Oak\n');
    const [task] = (await server.ask(contract.getArrival, { params: { id: arrival.id } })).tasks;
    expect(task).toMatchObject({
      due: '2026-12-03',
      deadline: '2026-12-07',
      project: { name: 'Loans in' },
      section: 'Abroad',
      assignee: 'Tomas Quill',
      tags: ['loan'],
      reminders: ['2026-12-02T08:30'],
      fields: { Crate: 'Oak' },
      checklist: [{ text: 'Ask the insurer', done: false }],
      effort: 'PT2H',
      evidence: { Crate: { by: 'rule', spans: [{ quote: 'Oak' }] }, section: { readingKind: 'route' } },
    });
    const [project] = (await server.ask(contract.listProjects)).items;
    expect(project?.fields[0]?.choices).toEqual(['Pine', 'Oak']);
    const { items } = await server.ask(contract.listComments, { params: { id: task?.id ?? 0 } });
    expect(items).toMatchObject([{ text: 'Look at the crate.', by: { kind: 'rule', ruleName: 'Loans' } }]);
    const sheet = await server.ask(contract.getArrival, { params: { id: arrival.id } });
    expect(sheet.effects).toEqual([{ ruleName: 'Loans', words: 'label it in hand', inMailbox: true }]);
  });

  test('a new name of a project or a person is carried into the rules, as a new version', async () => {
    const project = await addProject({ name: 'Loans in' });
    const live = await goLive(server, { name: 'Loans', route: [{ project: 'Loans in' }] });
    await server.ask(contract.saveProject, {
      params: { id: project.id },
      revision: project.revision,
      body: Project.parse({ name: 'Loans' }),
    });
    const [rule] = (await server.ask(contract.listRules)).items;
    expect(rule).toMatchObject({ version: 2, live: { route: [{ project: 'Loans' }] } });
    expect((await arrive(server, 'Gauge', 'x')).tasks[0]?.project?.name).toBe('Loans');
    const versions = await server.ask(contract.listVersions, { params: { id: live.id } });
    expect(versions.items.map(({ definition }) => definition.route[0]?.project)).toEqual([
      'Loans',
      'Loans in',
    ]);
  });

  test('a new name of a person or a tag is carried into the tasks that hold the old one', async () => {
    await server.ask(contract.registers.people.add, { body: { name: 'Tomas Quill' } });
    await server.ask(contract.registers.tags.add, { body: { name: 'loan' } });
    await goLive(server, { name: 'Loans', route: [{ assignee: 'Tomas Quill', tags: ['Loan', 'other'] }] });
    const { tasks } = await arrive(server, 'Gauge', 'x');
    const [person] = (await server.ask(contract.registers.people.list)).items;
    const [tag] = (await server.ask(contract.registers.tags.list)).items;
    await server.ask(contract.registers.people.save, {
      params: { id: person?.id ?? '' },
      revision: 1,
      body: { name: 'Tomas Weir' },
    });
    await server.ask(contract.registers.tags.save, {
      params: { id: tag?.id ?? '' },
      revision: 1,
      body: { name: 'borrowed' },
    });
    const task = await server.ask(contract.getTask, { params: { id: tasks[0]?.id ?? 0 } });
    expect(task).toMatchObject({ assignee: 'Tomas Weir', tags: ['borrowed', 'other'] });
    expect((await server.ask(contract.listRules)).items[0]).toMatchObject({
      version: 3,
      live: { route: [{ assignee: 'Tomas Weir', tags: ['borrowed', 'other'] }] },
    });
  });

  test('names are the same in any case, beyond ASCII too', async () => {
    await server.ask(contract.registers.people.add, { body: { name: 'Élise Marr' } });
    await expect(
      server.ask(contract.registers.people.add, { body: { name: 'élise marr' } }),
    ).rejects.toMatchObject({ problem: { status: 409 } });
    await addProject({ name: 'Überseehafen' });
    await expect(addProject({ name: 'überseehafen' })).rejects.toMatchObject({ problem: { status: 409 } });
  });

  test('names are unique in any case, and a change of what changed meanwhile is refused', async () => {
    await server.ask(contract.registers.tags.add, { body: { name: 'Urgent', colour: 'clay' } });
    await expect(server.ask(contract.registers.tags.add, { body: { name: 'urgent' } })).rejects.toMatchObject(
      {
        problem: { status: 409, issues: [{ path: 'name', message: 'There is a tag Urgent already.' }] },
      },
    );
    const [tag] = (await server.ask(contract.registers.tags.list)).items;
    const seen = { params: { id: tag?.id ?? '' }, revision: 1 };
    await server.ask(contract.registers.tags.save, { ...seen, body: { name: 'Now', colour: 'plum' } });
    await expect(
      server.ask(contract.registers.tags.save, { ...seen, body: { name: 'Soon' } }),
    ).rejects.toMatchObject({
      problem: { status: 412 },
    });
    const { items } = await server.ask(contract.registers.tags.remove, { ...seen, revision: 2 });
    expect(items).toEqual([]);
  });
});

describe('a rule that cannot be worked', () => {
  test('holds its message and says why; the tasks of others stand; release runs only it', async () => {
    await addProject({ name: 'Loans in' });
    await goLive(server, {
      name: 'First',
      then: 'go on',
      read: [{ field: 'tags', from: [{ kind: 'fixed', value: ['a'] }] }],
    });
    const second = await goLive(server, { name: 'Second', route: [{ project: 'Loans in' }] });
    await loseProjects(server);
    const arrival = await arrive(server, 'Gauge', 'x');
    expect(arrival).toMatchObject({
      outcome: {
        kind: 'held',
        held: [{ name: 'Second', why: 'failed', message: 'There is no project “Loans in”.' }],
      },
      tasks: [{ title: 'Gauge' }],
    });
    const release = { params: { id: arrival.id }, body: { ruleId: second.id } };
    expect((await server.ask(contract.releaseArrival, release)).outcome.kind).toBe('held');
    await addProject({ name: 'Loans in' });
    const released = await server.ask(contract.releaseArrival, release);
    expect(released).toMatchObject({ outcome: { kind: 'tasks', held: [] } });
    expect(released.tasks.map(({ project: of }) => of?.name ?? null)).toEqual([null, 'Loans in']);
    await expect(server.ask(contract.releaseArrival, release)).rejects.toMatchObject({
      problem: { status: 404 },
    });
  });

  test('what a rule holds for the user becomes a task when he releases it', async () => {
    const rule = await goLive(server, {
      name: 'Read first',
      makes: { kind: 'hold', why: 'Ask Tomas.' },
      effects: [{ kind: 'flag' }],
    });
    const arrival = await arrive(server, 'Gauge', 'x');
    expect(arrival.outcome).toMatchObject({ kind: 'held', held: [{ why: 'hold', message: 'Ask Tomas.' }] });
    const release = { params: { id: arrival.id }, body: { ruleId: rule.id } };
    const released = await server.ask(contract.releaseArrival, release);
    expect(released).toMatchObject({ outcome: { kind: 'tasks', held: [] }, tasks: [{ title: 'Gauge' }] });
    const { effects } = await server.ask(contract.getArrival, { params: { id: arrival.id } });
    expect(effects).toEqual([{ ruleName: 'Read first', words: 'flag it', inMailbox: true }]);
  });
});

describe('a reply', () => {
  test('in a thread with an open task becomes a comment on it', async () => {
    await goLive(server, {
      name: 'Replies',
      when: { all: [{ kind: 'openTask' }] },
      makes: { kind: 'comment' },
    });
    const raw = (id: string, more: string, text: string) =>
      `From: orla@northcape.example\r\nTo: ${server.inbox}\r\nSubject: Gauge\r\nMessage-ID: <${id}@northcape.example>\r\n${more}\r\n${text}\r\n`;
    await server.send({ from: 'orla@northcape.example', raw: raw('a', '', 'Please measure the gauge.') });
    await settled(server, 1);
    await server.send({
      from: 'orla@northcape.example',
      raw: raw('b', 'In-Reply-To: <a@northcape.example>\r\n', 'It is the large one.'),
    });
    const { items } = await settled(server, 2);
    expect(items.map(({ outcome }) => outcome.kind)).toEqual(['comment', 'unclaimed']);
    const id = items[1]?.tasks[0]?.id ?? 0;
    await server.ask(contract.addComment, { params: { id }, body: { text: 'Thanks' } });
    const comments = await server.ask(contract.listComments, { params: { id } });
    expect(comments.items).toMatchObject([
      { text: 'It is the large one.', by: { kind: 'rule', ruleName: 'Replies' } },
      { text: 'Thanks', by: { kind: 'user' } },
    ]);
    const sheet = await server.ask(contract.getArrival, { params: { id: items[0]?.id ?? 0 } });
    expect(sheet.comments).toEqual([{ taskId: id, title: 'Gauge' }]);
  });
});

describe('files of rules', () => {
  const FILE = JSON.stringify({
    version: 1,
    rules: [
      {
        name: 'Loans',
        read: [{ field: 'Lender', from: [{ kind: 'lookup', table: 'Lenders' }] }],
        route: [{ project: 'Loans in' }],
      },
    ],
    projects: [{ name: 'Loans in' }],
    tables: [{ name: 'Lenders', by: 'domains', rows: [['cape.example', 'Cape']] }],
  });
  const exported = async () =>
    (await fetch(`http://127.0.0.1:${String(server.port)}${contract.exportPath}`)).text();

  test('come in as drafts with what they name, and go out the same', async () => {
    const result = await server.ask(contract.importRules, { body: { json: FILE } });
    expect(result).toEqual({
      rules: [{ name: 'Loans', became: 'new draft' }],
      added: [
        { what: 'project', name: 'Loans in' },
        { what: 'tables', name: 'Lenders' },
      ],
      kept: [],
    });
    const [rule] = (await server.ask(contract.listRules)).items;
    expect(rule).toMatchObject({ state: 'draft', draft: { name: 'Loans' } });
    await server.ask(contract.goLive, { params: { id: rule?.id ?? '' }, revision: 1 });
    const once = await exported();
    const again = await server.ask(contract.importRules, { body: { json: once } });
    expect(again).toMatchObject({
      rules: [{ became: 'draft of the rule of that name' }],
      added: [],
      kept: [{}, {}],
    });
    expect(await exported()).toBe(once);
  });

  test('replace a draft of the same name only when told to', async () => {
    const file = (title: string) =>
      JSON.stringify({
        version: 1,
        rules: [{ name: 'Loans', read: [{ field: 'title', otherwise: title }] }],
      });
    await server.ask(contract.importRules, { body: { json: file('First') } });
    await server.ask(contract.importRules, { body: { json: file('First') } });
    await expect(server.ask(contract.importRules, { body: { json: file('Second') } })).rejects.toMatchObject({
      problem: { status: 409, issues: [{ path: contract.DRAFT_ISSUE, message: 'Loans' }] },
    });
    const draft = async () => (await server.ask(contract.listRules)).items[0]?.draft?.read[0]?.otherwise;
    expect(await draft()).toBe('First');
    await server.ask(contract.importRules, { body: { json: file('Second'), replaceDrafts: true } });
    expect(await draft()).toBe('Second');
  });

  test('that do not hold together change nothing, and the places are told', async () => {
    const bad = FILE.replace('"tables"', '"tobles"');
    await expect(server.ask(contract.importRules, { body: { json: bad } })).rejects.toMatchObject({
      problem: { status: 400, issues: [{ path: '', message: 'Hatband knows no “tobles” here.' }] },
    });
    const other = FILE.replace('"version":1', '"version":7');
    await expect(server.ask(contract.importRules, { body: { json: other } })).rejects.toMatchObject({
      problem: { issues: [{ path: 'version' }] },
    });
    expect((await server.ask(contract.listRules)).items).toEqual([]);
    expect((await server.ask(contract.listProjects)).items).toEqual([]);
  });
});

test('the full trace asks every rule, also those that the index ruled out', async () => {
  await goLive(server, { name: 'Couriers', when: { all: [{ kind: 'words', words: ['courier'] }] } });
  const arrival = await arrive(server, 'Gauge', 'x');
  const { then, now } = await server.ask(contract.traceArrival, { params: { id: arrival.id } });
  expect(then?.ruledOut).toMatchObject([{ name: 'Couriers', terms: ['word courier'] }]);
  expect(now.trace.map(({ name, taken }) => [name, taken])).toEqual([
    ['Couriers', false],
    ['Built-in reading', true],
  ]);
});
