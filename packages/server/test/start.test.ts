import Database from 'better-sqlite3';
import { readdir, rm, stat, writeFile } from 'node:fs/promises';
import { createServer, type AddressInfo, type Server } from 'node:net';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { DATABASE_FILE } from '../src/store/index.ts';
import { newFolder, startTestServer } from './testServer.ts';
import { spawnServer } from './serverProcess.ts';

let folder: string;
beforeEach(async () => {
  folder = await newFolder();
});
afterEach(() => rm(folder, { recursive: true, force: true }));

/** Ends with status 1 and one sentence on standard error. */
async function refusal(data: string, more: Record<string, string> = {}): Promise<string> {
  const { exited } = await spawnServer(data, more);
  const { code, stderr } = await exited;
  expect(code).toBe(1);
  expect(stderr.trim().split('\n')).toHaveLength(1);
  return stderr.trim();
}

async function occupy(): Promise<{ server: Server; port: string }> {
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return { server, port: String((server.address() as AddressInfo).port) };
}

describe('a start that is not possible', () => {
  test.each([
    ['HATBAND_PORT', '(the page)'],
    ['HATBAND_SMTP_PORT', '(SMTP)'],
  ])('%s in use', async (setting, what) => {
    const { server, port } = await occupy();
    expect(await refusal(folder, { [setting]: port })).toBe(
      `Port ${port} ${what} is in use by another program.`,
    );
    server.close();
  });

  test('a folder that cannot be written', async () => {
    const file = path.join(folder, 'file');
    await writeFile(file, '');
    expect(await refusal(path.join(file, 'data'))).toBe(
      `The data folder ${path.join(file, 'data')} cannot be written.`,
    );
  });

  test('a folder that another process holds, until that one dies', async () => {
    const holder = await spawnServer(folder);
    expect(await refusal(folder)).toBe(`The data folder ${folder} is in use by another running Hatband.`);
    holder.child.kill('SIGKILL');
    await holder.exited;
    const next = await spawnServer(folder);
    next.child.kill('SIGINT');
    expect(await next.exited).toMatchObject({ code: 0 });
  });

  test.each([
    [{ HATBAND_PROT: '1' }, 'The setting HATBAND_PROT is not known.'],
    [
      { HATBAND_ZONE: 'Atlantis/Quay' },
      'The setting HATBAND_ZONE cannot be used: is no time zone, as in Europe/London.',
    ],
  ])('%j', async (more, sentence) => {
    expect(await refusal(folder, more)).toBe(sentence);
  });

  test('a database of a newer version', async () => {
    await (await startTestServer({}, folder)).stop();
    const db = new Database(path.join(folder, DATABASE_FILE));
    db.exec("INSERT INTO knex_migrations (name, batch, migration_time) VALUES ('999-later', 9, 0)");
    db.close();
    expect(await refusal(folder)).toContain('was written by a newer version of Hatband (999-later)');
  });
});

describe('a database that was lost', () => {
  const file = () => path.join(folder, DATABASE_FILE);
  beforeEach(async () => {
    await (await startTestServer({}, folder)).stop();
  });

  test.each([
    ['removed', () => rm(file())],
    ['emptied', () => writeFile(file(), '')],
    [
      'cleared of its addresses',
      () => {
        const db = new Database(file());
        db.pragma('foreign_keys = OFF');
        db.exec('DELETE FROM addresses');
        db.close();
        return Promise.resolve();
      },
    ],
  ])('%s: nothing is served, so that no sender is told that his address does not exist', async (_, lose) => {
    await lose();
    expect(await refusal(folder)).toContain('are gone: its hatband.db is missing or empty');
    const anew = await startTestServer({}, folder, { HATBAND_ANEW: 'yes' });
    await anew.send({ subject: 'x' });
    await anew.stop();
    // The word stays without effect where there is something to lose.
    const again = await startTestServer({}, folder, { HATBAND_ANEW: 'yes' });
    expect(await again.store.read('arrivals').count({ n: '*' }).first()).toEqual({ n: 1 });
    await again.stop();
  });
});

test('nobody else of this machine can look into the data folder', async () => {
  const { child, exited } = await spawnServer(folder);
  const modeOf = async (name: string) => ((await stat(path.join(folder, name))).mode & 0o777).toString(8);
  const names = await readdir(folder);
  expect(names).toEqual(expect.arrayContaining([DATABASE_FILE, `${DATABASE_FILE}-wal`, 'key', 'imports']));
  for (const name of names)
    expect([name, await modeOf(name)]).toEqual([name, name === 'imports' ? '700' : '600']);
  expect(await modeOf('.')).toBe('700');
  child.kill('SIGTERM');
  await exited;
});

test('bytes whose arrival was never written are removed at the next start', async () => {
  const first = await startTestServer({}, folder);
  await first.store.write((trx) => trx('messages').insert({ sha256: Buffer.alloc(32), size: 5 }));
  await first.stop();
  const second = await startTestServer({}, folder);
  expect(await second.store.read('messages').count({ n: '*' }).first()).toEqual({ n: 0 });
  await second.end();
});

test('a folder that is to be laid anew is emptied, but never under a running server', async () => {
  const first = await startTestServer({}, folder);
  await first.send({ subject: 'x' });
  await expect(startTestServer({ anew: true }, folder)).rejects.toThrow('in use by another running Hatband');
  expect(await first.store.read('messages').count({ n: '*' }).first()).toEqual({ n: 1 });
  await first.stop();
  const second = await startTestServer({ anew: true }, folder);
  expect(await second.store.read('messages').count({ n: '*' }).first()).toEqual({ n: 0 });
  await second.end();
});
