import Database from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { readdir, readFile, rm } from 'node:fs/promises';
import path from 'node:path';
import { expect, test } from 'vitest';
import * as contract from '@hatband/contract';
import { MIGRATIONS } from '../src/store/migrations/index.ts';
import { DATABASE_FILE } from '../src/store/index.ts';
import { newFolder, settled, startTestServer, tasksOf } from './testServer.ts';

const schemas = new URL('./schemas/', import.meta.url).pathname;

test('every schema that was released has a fixture', async () => {
  expect((await readdir(schemas)).toSorted()).toEqual(MIGRATIONS.map(({ name }) => `${name}.sql`));
});

test.each(MIGRATIONS.map(({ name }) => name))(
  'a database of %s is upgraded with all that is in it',
  async (name) => {
    const folder = await newFolder();
    const db = new Database(path.join(folder, DATABASE_FILE));
    db.exec(await readFile(path.join(schemas, `${name}.sql`), 'utf8'));
    db.close();
    const server = await startTestServer({}, folder);
    const { items } = await settled(server, 1);
    expect(items.map((a) => [a.subject, a.outcome.kind])).toEqual([
      ['Waiting when it was saved', 'unclaimed'],
      ['Loan form', 'tasks'],
    ]);
    const [task] = await tasksOf(server, 'done');
    expect(task).toMatchObject({
      title: 'Return the loan form',
      due: '2026-12-04',
      project: { name: 'Loans in' },
      evidence: { due: { by: 'user', was: '2026-12-03' } },
    });
    const rules = (await server.ask(contract.listRules)).items;
    expect(rules).toMatchObject([{ state: 'live', version: 1, live: { name: 'Loans' } }]);
    const newer = MIGRATIONS.slice(MIGRATIONS.findIndex((m) => m.name === name) + 1);
    for (const step of newer) expect(existsSync(path.join(folder, `before-${step.name}.db`))).toBe(true);
    await server.stop();
    await rm(folder, { recursive: true, force: true });
  },
);

test('the tidy step that was called “take off” is called “remove”', async () => {
  const folder = await newFolder();
  const db = new Database(path.join(folder, DATABASE_FILE));
  const old = await readFile(path.join(schemas, '004-originals.sql'), 'utf8');
  db.exec(old.replace('"tidy":[]', '"tidy":[{"do":"take off","words":["Fwd:"],"from":"start"}]'));
  db.close();
  const server = await startTestServer({}, folder);
  const rules = (await server.ask(contract.listRules)).items;
  expect(rules[0]?.live?.read[0]?.from[0]?.tidy).toEqual([{ do: 'remove', words: ['Fwd:'], from: 'start' }]);
  await server.stop();
  await rm(folder, { recursive: true, force: true });
});

test('what is append-only can be neither changed nor deleted', async () => {
  const server = await startTestServer();
  await server.send({ subject: 'x' });
  await settled(server, 1);
  for (const table of ['task_changes', 'readings'] as const) {
    await expect(server.store.write((trx) => trx(table).delete())).rejects.toThrow('append-only');
  }
  await expect(server.store.write((trx) => trx('task_changes').update({ new: 'other' }))).rejects.toThrow(
    'append-only',
  );
  await server.end();
});
