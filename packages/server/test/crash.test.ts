import * as contract from '@hatband/contract';
import { copyFile, rename, rm, symlink, writeFile } from 'node:fs/promises';
import { connect } from 'node:net';
import path from 'node:path';
import { expect, test } from 'vitest';
import { asker, DIST, newFolder, sendMail, settled, startTestServer, until } from './testServer.ts';
import { amount } from '../../../scripts/testAmount.ts';
import { fragileReader } from './fragileReader.ts';
import { spawnServer, type ServerProcess } from './serverProcess.ts';

/** Sends one message after the other until the connection breaks; the subjects that got their 250. */
async function sendUntilBroken(port: number, to: string, name: string): Promise<string[]> {
  const confirmed: string[] = [];
  for (let i = 0; ; i += 1) {
    const subject = `${name}-${i}`;
    try {
      await sendMail(port, { to, subject });
      confirmed.push(subject);
    } catch {
      return confirmed;
    }
  }
}

const KILLS = amount(10, 50);
test(`${KILLS} times killed under load, each message that got its 250 is there once and its task once`, async () => {
  const folder = await newFolder();
  const confirmed: string[] = [];
  for (let round = 0; round < KILLS; round += 1) {
    const server = await spawnServer(folder);
    const inbox = (await asker(server.port)(contract.listAddresses)).items[0]?.address ?? '';
    const sending = Promise.all(
      [1, 2, 3].map((client) => sendUntilBroken(server.smtpPort, inbox, `kill ${round}-${client}`)),
    );
    await new Promise((resolve) => setTimeout(resolve, Math.random() * 400));
    server.child.kill('SIGKILL');
    await server.exited;
    confirmed.push(...(await sending).flat());
  }
  const server = await startTestServer({}, folder);
  await until(
    () => server.ask(contract.getHealth),
    ({ queueDepth }) => queueDepth === 0,
  );
  const arrivals = await server.store.read('arrivals').select('subject', 'outcome_kind', 'deliveries');
  const subjects = arrivals.map(({ subject }) => subject);
  expect(new Set(subjects).size).toBe(subjects.length);
  expect(confirmed.filter((subject) => !subjects.includes(subject))).toEqual([]);
  expect(new Set(arrivals.map((a) => `${a.outcome_kind} ${a.deliveries}`))).toEqual(new Set(['unclaimed 1']));
  const titles = (await server.store.read('tasks').select('title')).map(({ title }) => title);
  expect(titles.toSorted()).toEqual(subjects.toSorted());
  await server.end();
}, 900_000);

test('a message that kills its reader three times is failed, and the others go on', async () => {
  const folder = await newFolder();
  const server = await startTestServer(
    { readerScript: await fragileReader(folder, 'process.exit(9)'), readerTimeoutMs: 1500 },
    folder,
  );
  const subjects = ['one', 'killer', 'two', 'three', 'sleeper', 'four'];
  for (const subject of subjects) await server.send({ subject });
  const { items } = await settled(server, subjects.length);
  const outcomes = await server.store
    .read('arrivals')
    .select('attempts', 'outcome_kind', 'outcome_reason')
    .orderBy('id');
  expect(outcomes.map((o) => o.outcome_kind)).toEqual([
    'unclaimed',
    'failed',
    'unclaimed',
    'unclaimed',
    'failed',
    'unclaimed',
  ]);
  expect(outcomes.map((o) => o.outcome_reason)).toEqual([
    null,
    'the message brought its reader down',
    null,
    null,
    'reading the message took too long',
    null,
  ]);
  expect(outcomes[1]?.attempts).toBe(3);
  const failed = items.find((a) => a.outcome.kind === 'failed');
  const raw = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${failed?.id ?? 0}/raw`);
  expect(await raw.text()).toContain('sleeper');
  expect((await server.ask(contract.getHealth)).failed).toBe(2);
  await server.end();
});

test('the time that a reader takes to start is not counted against a message', async () => {
  const folder = await newFolder();
  const readerScript = await fragileReader(folder, 'process.exit(9)', 4000);
  const server = await startTestServer({ readerScript, readerTimeoutMs: 2000 }, folder);
  for (const subject of ['one', 'killer', 'two']) await server.send({ subject });
  await settled(server, 3);
  const outcomes = await server.store.read('arrivals').select('outcome_kind', 'outcome_reason').orderBy('id');
  expect(outcomes).toEqual([
    { outcome_kind: 'unclaimed', outcome_reason: null },
    { outcome_kind: 'failed', outcome_reason: 'the message brought its reader down' },
    { outcome_kind: 'unclaimed', outcome_reason: null },
  ]);
  await server.end();
});

/** The built server, from a folder where its reading thread takes the whole process with it. */
async function dyingServer(): Promise<{ start: () => Promise<ServerProcess>; end: () => Promise<void> }> {
  const folder = await newFolder();
  const reader = await fragileReader(folder, `process.kill(process.pid, 'SIGKILL')`);
  await rename(reader, path.join(folder, 'reader.js'));
  await copyFile(new URL('server/main.js', DIST), path.join(folder, 'main.js'));
  await writeFile(path.join(folder, 'package.json'), '{ "type": "module" }');
  // What it imports is looked for from where it lies.
  await symlink(new URL('../node_modules', DIST), path.join(folder, 'node_modules'));
  return {
    start: () => spawnServer(path.join(folder, 'data'), {}, [path.join(folder, 'main.js')]),
    end: () => rm(folder, { recursive: true, force: true }),
  };
}

test('a message that took the whole process down is read apart at the next start, and can do no more harm', async () => {
  const { start, end } = await dyingServer();
  const first = await start();
  const to = (await asker(first.port)(contract.listAddresses)).items[0]?.address ?? '';
  await sendMail(first.smtpPort, { to, subject: 'killer' });
  await first.exited;
  const second = await start();
  await sendMail(second.smtpPort, { to, subject: 'bystander' });
  const { items } = await settled({ ask: asker(second.port) }, 2);
  expect(items.map((a) => [a.subject, a.outcome.kind])).toEqual([
    ['bystander', 'unclaimed'],
    ['', 'failed'],
  ]);
  second.child.kill('SIGTERM');
  await second.exited;
  await end();
});

test('SIGTERM lets a message that is being received be stored, and ends with 0', async () => {
  const folder = await newFolder();
  const server = await spawnServer(folder);
  const inbox = (await asker(server.port)(contract.listAddresses)).items[0]?.address ?? '';
  const socket = connect(server.smtpPort, '127.0.0.1');
  let heard = '';
  socket.on('data', (data: Buffer) => (heard += data.toString()));
  const say = async (line: string, answer: string) => {
    socket.write(line);
    await until(
      () => Promise.resolve(heard),
      (text) => text.includes(answer),
    );
  };
  await say('', '220');
  await say('EHLO x\r\n', '250 ');
  await say(`MAIL FROM:<a@b.example>\r\nRCPT TO:<${inbox}>\r\nDATA\r\n`, '354');
  socket.write('Subject: slow\r\n\r\nfirst half\r\n');
  server.child.kill('SIGTERM');
  await new Promise((resolve) => setTimeout(resolve, 300));
  await say('second half\r\n.\r\n', 'The message is stored');
  expect(await server.exited).toMatchObject({ code: 0 });
  const again = await startTestServer({}, folder);
  expect((await settled(again, 1)).items[0]).toMatchObject({
    subject: 'slow',
    outcome: { kind: 'unclaimed' },
  });
  await again.end();
});
