import * as contract from '@hatband/contract';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { goLive, loseProjects, startTestServer, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

describe('what rules at work need', () => {
  const project = {
    name: 'Loans in',
    sections: ['Paper'],
    fields: [{ name: 'Lender', kind: 'text' as const }],
  };
  const projectNow = async () => {
    const [found] = (await server.ask(contract.listProjects)).items;
    if (!found) throw new Error('There is no project.');
    return found;
  };

  test('cannot be deleted or taken from a project, and is told with the rules', async () => {
    await server.ask(contract.addProject, { body: project });
    await goLive(server, { name: 'Loans', route: [{ project: 'Loans in', section: 'Paper' }] });
    const { id, revision, ...rest } = await projectNow();
    const params = { id };
    await expect(server.ask(contract.deleteProject, { params, revision })).rejects.toMatchObject({
      problem: { status: 409, detail: 'Rules at work need this: “Loans”. Change or delete them first.' },
    });
    await expect(
      server.ask(contract.saveProject, { params, revision, body: { ...rest, sections: [] } }),
    ).rejects.toThrow('Rules at work need this: “Loans”');
    // Another name is carried into the rule.
    await server.ask(contract.saveProject, { params, revision, body: { ...rest, name: 'Loans out' } });
    expect((await projectNow()).name).toBe('Loans out');
  });

  test('nor a person, a lookup table or a template; a paused rule counts, a draft does not', async () => {
    const { people, templates } = contract.registers;
    await server.ask(people.add, { body: { name: 'Tomas Quill', addresses: ['tomas@saltmarsh.example'] } });
    const { items } = await server.ask(templates.add, {
      body: { name: 'Condition check', tasks: [{ title: 'Look' }] },
    });
    const template = items[0];
    const person = (await server.ask(people.list)).items[0];
    const { id } = await server.ask(contract.addRule, {
      body: { definition: { name: 'Draft', route: [{ template: 'Condition check' }] } },
    });
    const rule = await goLive(server, { name: 'Quill', route: [{ assignee: 'Tomas Quill' }] });
    await server.ask(contract.pauseRule, { params: { id: rule.id }, revision: rule.revision });
    const params = { id: person?.id ?? '' };
    await expect(server.ask(people.remove, { params, revision: person?.revision ?? 0 })).rejects.toThrow(
      '“Quill”',
    );
    const uses = { kind: 'templates', id: template?.id ?? '' };
    expect(await server.ask(contract.getUses, { params: uses })).toEqual({
      rules: [{ id, name: 'Draft', state: 'draft' }],
      openTasks: 0,
    });
    await server.ask(templates.remove, { params: { id: uses.id }, revision: template?.revision ?? 0 });
    expect((await server.ask(templates.list)).items).toEqual([]);
  });

  test('what is broken all the same is marked, and does not go on after a pause', async () => {
    await server.ask(contract.addProject, { body: project });
    const live = await goLive(server, { name: 'Loans', route: [{ project: 'Loans in' }] });
    await loseProjects(server);
    const [rule] = (await server.ask(contract.listRules)).items;
    expect(rule?.problems).toEqual([{ path: 'route.0.project', message: 'There is no project “Loans in”.' }]);
    expect((await server.ask(contract.listRuleNames)).items).toMatchObject([
      { name: 'Loans', isBroken: true },
    ]);
    const params = { id: live.id };
    const paused = await server.ask(contract.pauseRule, { params, revision: live.revision });
    await expect(server.ask(contract.resumeRule, { params, revision: paused.revision })).rejects.toThrow(
      'There is no project “Loans in”.',
    );
  });

  test('an address that is renewed is carried into the rules that name it', async () => {
    const [inbox] = (await server.ask(contract.listAddresses)).items;
    await goLive(server, {
      name: 'Sent on',
      when: { all: [{ kind: 'recipient', is: [inbox?.address ?? ''] }] },
    });
    const renewed = await server.ask(contract.renewAddress, {
      params: { id: inbox?.id ?? 0 },
      body: { graceDays: 0 },
    });
    const [rule] = (await server.ask(contract.listRules)).items;
    expect(rule).toMatchObject({ version: 2, live: { when: { all: [{ is: [renewed.address] }] } } });
  });
});

test('rules by the thousands are taken in while the page is answered', async () => {
  const rules = Array.from({ length: 3000 }, (_, i) => ({
    name: `Rule ${i}`,
    when: { all: [{ kind: 'words', words: [`loan ${i}`] }] },
  }));
  const state = { answered: 0, isOver: false, progress: false };
  const importing = server.ask(contract.importRules, {
    body: { json: JSON.stringify({ version: 1, rules }) },
  });
  void importing.finally(() => (state.isOver = true));
  while (!state.isOver) {
    const { running } = await server.ask(contract.importProgress);
    state.progress ||= (running?.done ?? 0) > 0;
    state.answered += 1;
  }
  expect((await importing).rules).toHaveLength(3000);
  expect(state.progress).toBe(true);
  expect(state.answered).toBeGreaterThan(20);
});
