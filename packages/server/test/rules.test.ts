import * as contract from '@hatband/contract';
import { RuleDefinition, type RuleInput } from '@hatband/core/rules';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import {
  goLive,
  oneTask,
  Refused,
  settled,
  startTestServer,
  type TestServer,
  tasksOf,
} from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const definition = (part: Partial<RuleInput> = {}): RuleDefinition =>
  RuleDefinition.parse({
    name: 'Loans',
    when: { all: [{ kind: 'sender', is: ['northcape.example'] }] },
    read: [
      { field: 'title', from: [{ kind: 'subject' }] },
      { field: 'due', from: [{ kind: 'deadline' }] },
    ],
    ...part,
  });

const liveRule = (part: Partial<RuleInput> = {}) => goLive(server, definition(part));

describe('rules', () => {
  test('a draft does nothing; going live makes version 1, which takes the next mail and is named by its evidence', async () => {
    const draft = await server.ask(contract.addRule, { body: { definition: definition() } });
    expect(draft).toMatchObject({ state: 'draft', version: null });
    expect((await oneTask(server)).ruleId).toBeNull();
    const live = await server.ask(contract.goLive, { params: { id: draft.id }, revision: draft.revision });
    expect(live).toMatchObject({ state: 'live', version: 1, draft: null });
    await server.send({ subject: 'Second', text: 'by 4 December' });
    await settled(server, 2);
    const [task] = await tasksOf(server);
    expect(task).toMatchObject({
      title: 'Second',
      ruleId: live.id,
      evidence: {
        due: {
          by: 'rule',
          ruleName: 'Loans',
          version: 1,
          readingKind: 'deadline',
          spans: [{ quote: 'by 4 December' }],
        },
      },
    });
  });

  test('a change of a live rule is a draft until it goes live as the next version; the old one stays in the evidence', async () => {
    const live = await liveRule();
    const task = await oneTask(server);
    const changed = definition({ name: 'Lenders' });
    const draft = await server.ask(contract.saveDraft, {
      params: { id: live.id },
      revision: live.revision,
      body: { definition: changed },
    });
    expect(draft).toMatchObject({ version: 1, live: { name: 'Loans' }, draft: { name: 'Lenders' } });
    const next = await server.ask(contract.goLive, { params: { id: live.id }, revision: draft.revision });
    expect(next).toMatchObject({ version: 2, live: { name: 'Lenders' } });
    expect((await server.ask(contract.getTask, { params: { id: task.id } })).evidence.title).toMatchObject({
      ruleName: 'Loans',
      version: 1,
    });
    await server.send({ subject: 'Second', text: 'by 4 December' });
    await settled(server, 2);
    const items = await tasksOf(server);
    expect(items.map(({ evidence }) => evidence.due)).toMatchObject([
      { ruleName: 'Lenders', version: 2 },
      { ruleName: 'Loans', version: 1 },
    ]);
    await expect(
      server.ask(contract.goLive, { params: { id: live.id }, revision: next.revision }),
    ).rejects.toMatchObject({ problem: { status: 409 } });
  });

  test('rules are asked in their order; a paused or deleted one is not, and a deleted one keeps its name', async () => {
    const first = await liveRule({ name: 'First' });
    const second = await liveRule({ name: 'Second' });
    const taker = async () => {
      const before = (await server.ask(contract.listArrivals)).items.length;
      await server.send({ subject: `mail ${before}` });
      return (await settled(server, before + 1)).items[0]?.outcome.ruleId;
    };
    expect(await taker()).toBe(first.id);
    await server.ask(contract.orderRules, { body: { ids: [second.id, first.id] } });
    expect(await taker()).toBe(second.id);
    await server.ask(contract.pauseRule, { params: { id: second.id }, revision: second.revision });
    expect(await taker()).toBe(first.id);
    await server.ask(contract.deleteRule, { params: { id: first.id }, revision: first.revision });
    expect(await taker()).toBeNull();
    const rules = (await server.ask(contract.listRules)).items;
    expect(rules.map((r) => [r.live?.name, r.deleted, r.takenIn30Days])).toEqual([
      ['Second', false, 1],
      ['First', true, 2],
    ]);
    await expect(server.ask(contract.orderRules, { body: { ids: [first.id] } })).rejects.toMatchObject({
      problem: { status: 412 },
    });
  });

  test('a rule that does not hold together is refused at the place, in words', async () => {
    const bad = { ...definition(), when: { all: [{ kind: 'sender', is: [] }] } };
    const refused = await server
      .ask(contract.addRule, { body: { definition: bad } })
      .catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).problem).toMatchObject({
      status: 400,
      issues: [{ path: 'definition.when.all.0.is', message: 'Name a sender.' }],
    });
    const lost = definition({ route: [{ project: 'Gone' }] });
    const draft = await server.ask(contract.addRule, { body: { definition: lost } });
    await expect(
      server.ask(contract.goLive, { params: { id: draft.id }, revision: draft.revision }),
    ).rejects.toMatchObject({
      problem: { status: 400, issues: [{ path: 'route.0.project', message: 'There is no project “Gone”.' }] },
    });
  });

  test('the samples to prove a rule on are the stored readings', async () => {
    await oneTask(server);
    const { items, total } = await server.ask(contract.listSamples);
    expect(total).toBe(1);
    expect(items[0]?.incoming).toMatchObject({
      delivery: { target: { kind: 'inbox' } },
      reading: { facts: { subject: { value: 'Loan form' } } },
    });
  });
});
