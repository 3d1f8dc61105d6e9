import Database from 'better-sqlite3';
import { rm, writeFile } from 'node:fs/promises';
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
