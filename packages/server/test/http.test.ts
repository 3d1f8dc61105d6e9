import * as contract from '@hatband/contract';
import { request } from 'node:http';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { oneTask, Refused, settled, startTestServer, until, type TestServer, tasksOf } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

describe('tasks', () => {
  test('a correction is kept with its old value, and the reading sheet tells', async () => {
    const task = await oneTask(server);
    const project = await server.ask(contract.addProject, { body: { name: 'Loans in' } });
    const change = {
      title: 'Return the loan form',
      due: '2026-12-02T12:00',
      priority: 'high',
      project: project.id,
    };
    const changed = await server.ask(contract.changeTask, {
      params: { id: task.id },
      revision: task.revision,
      body: change,
    });
    expect(changed).toMatchObject({
      title: 'Return the loan form',
      due: '2026-12-02T12:00',
      priority: 'high',
      project: { name: 'Loans in' },
      evidence: { title: { by: 'user', was: 'Return Loan form' }, priority: { by: 'user', was: null } },
    });
    const sheet = await server.ask(contract.getArrival, { params: { id: task.arrivalId } });
    expect(sheet.tasks).toEqual([changed]);
    expect(sheet.read?.anatomy.parts[0]?.kind).toBe('latest');
    const why = await server.ask(contract.traceArrival, { params: { id: task.arrivalId } });
    expect(why.then?.trace.map((t) => t.ruleId)).toEqual(['built-in']);
  });

  test('a change of a task that was changed meanwhile is refused, and one without a revision too', async () => {
    const task = await oneTask(server);
    const done = { params: { id: task.id }, body: { status: 'completed' } };
    await server.ask(contract.changeTask, { ...done, revision: task.revision });
    await expect(server.ask(contract.changeTask, { ...done, revision: task.revision })).rejects.toMatchObject(
      { problem: { status: 412 } },
    );
    await expect(server.ask(contract.changeTask, done)).rejects.toMatchObject({ problem: { status: 400 } });
    expect((await tasksOf(server, 'done')).map(({ status }) => status)).toEqual(['completed']);
  });

  test.each([
    [{ due: '2026-02-30' }, 'due'],
    [{ title: ' ' }, 'title'],
    [{ priority: 'urgent' }, 'priority'],
    [{ project: 'gone' }, 'project'],
    [{ colour: 'red' }, ''],
    [{}, ''],
  ])('%j is refused at its field', async (body, path) => {
    const task = await oneTask(server);
    const refused = await server
      .ask(contract.changeTask, { params: { id: task.id }, revision: task.revision, body })
      .catch((e: unknown) => e);
    const { problem } = refused as Refused;
    expect([problem.status, problem.issues?.[0]?.path]).toEqual([400, path]);
    expect(await server.ask(contract.getTask, { params: { id: task.id } })).toEqual(task);
  });

  test('the Ledger comes in pages', async () => {
    for (const text of ['one', 'two', 'three', 'four']) await server.send({ subject: text, text });
    await settled(server, 4);
    const arrivals = await server.ask(contract.listArrivals, { query: { limit: 3 } });
    const rest = await server.ask(contract.listArrivals, { query: { limit: 3, cursor: arrivals.next ?? 0 } });
    expect([arrivals.items.length, rest.items.length, rest.next]).toEqual([3, 1, null]);
  });
});

describe('the border', () => {
  const raw = (headers: Record<string, string>, path = '/api/health') =>
    new Promise<number>((resolve, reject) => {
      request({ host: '127.0.0.1', port: server.port, path, headers }, (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      })
        .on('error', reject)
        .end();
    });

  test('a foreign Host or Origin is refused', async () => {
    const own = `127.0.0.1:${server.port}`;
    expect(await raw({ host: own })).toBe(200);
    expect(await raw({ host: own, origin: `http://${own}` })).toBe(200);
    expect(await raw({ host: `localhost:${server.port}` })).toBe(200);
    expect(await raw({ host: 'quay.example' })).toBe(403);
    expect(await raw({ host: own, origin: 'http://quay.example' })).toBe(403);
    expect(await raw({ host: own, origin: 'http://127.0.0.1:1' })).toBe(403);
    expect(await raw({ host: own, origin: 'null' })).toBe(403);
  });

  test('the page comes with a policy that lets only its own scripts run', async () => {
    const response = await fetch(`http://127.0.0.1:${server.port}/ledger`);
    const policy = response.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe|https?:/);
  });

  test('what does not exist is a problem in words', async () => {
    await expect(server.ask(contract.getArrival, { params: { id: 77 } })).rejects.toMatchObject({
      problem: { status: 404, detail: 'There is no such arrival.' },
    });
    const response = await fetch(`http://127.0.0.1:${server.port}/api/nothing`);
    expect([response.status, response.headers.get('content-type')]).toEqual([
      404,
      'application/problem+json; charset=utf-8',
    ]);
    expect((await fetch(`http://127.0.0.1:${server.port}/api/arrivals/x/raw`)).status).toBe(400);
  });

  test('projects have one name each', async () => {
    await server.ask(contract.addProject, { body: { name: 'Visits' } });
    await expect(server.ask(contract.addProject, { body: { name: 'visits' } })).rejects.toMatchObject({
      problem: { status: 409, issues: [{ path: 'name' }] },
    });
  });
});

describe('events', () => {
  /** Reads events until `wanted` of them came, and leaves. */
  async function listen(
    lastEventId: string | null,
    wanted: number,
    then: () => Promise<void> = () => Promise.resolve(),
  ) {
    const leave = new AbortController();
    const headers: Record<string, string> = lastEventId === null ? {} : { 'Last-Event-ID': lastEventId };
    const response = await fetch(`http://127.0.0.1:${server.port}${contract.eventsPath}`, {
      headers,
      signal: leave.signal,
    });
    await then();
    let text = '';
    const events: contract.ChangeEvent[] = [];
    const decoder = new TextDecoder();
    for await (const chunk of response.body ?? []) {
      text += decoder.decode(chunk, { stream: true });
      events.splice(
        0,
        events.length,
        ...[...text.matchAll(/^data: (.*)$/gm)].flatMap(([, data]) =>
          contract.ChangeEvents.parse(JSON.parse(data ?? '[]')),
        ),
      );
      if (events.length >= wanted) break;
    }
    leave.abort();
    return events;
  }

  test('what changes is told, and what was missed is told again', async () => {
    const live = await listen(null, 2, () => server.send({ subject: 'x' }));
    expect(live.map((e) => e.kind)).toContain('arrival');
    await until(
      () => server.ask(contract.getHealth),
      (h) => h.queueDepth === 0,
    );
    const missed = await listen('0', 2);
    expect(missed.map((e) => e.kind)).toEqual(expect.arrayContaining(['arrival', 'task']));
    expect(missed.every((e) => e.id !== null)).toBe(true);
    await server.send({ subject: 'y' });
    await settled(server, 2);
    expect((await listen('0', 2)).find((e) => e.kind === 'arrival')?.id).toBeNull();
  });

  test('a page that missed more events than are kept is told to ask for everything', async () => {
    for (const name of ['A', 'B', 'C']) await server.ask(contract.addProject, { body: { name } });
    await server.store.write((trx) => trx('events').where('seq', '<=', 3).delete());
    expect((await listen('1', 1)).map(({ kind }) => kind)).toEqual(['everything']);
    expect((await listen('4', 1)).map(({ kind }) => kind)).not.toContain('everything');
  });
});
