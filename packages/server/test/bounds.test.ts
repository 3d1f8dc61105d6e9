import * as contract from '@hatband/contract';
import { readFile } from 'node:fs/promises';
import { connect } from 'node:net';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { spawnServer, type ServerProcess } from './serverProcess.ts';
import {
  asker,
  newFolder,
  sendMail,
  settled,
  startTestServer,
  until,
  type TestServer,
} from './testServer.ts';

const MB = 1024 * 1024;

describe('a server of its own', () => {
  let child: ServerProcess;
  beforeEach(async () => {
    child = await spawnServer(await newFolder());
  });
  afterEach(async () => {
    child.child.kill('SIGKILL');
    await child.exited;
  });

  /** In MB (proc_pid_status(5)). */
  const residentMb = async () => {
    const status = await readFile(`/proc/${child.child.pid ?? 0}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1024;
  };

  /** 20 MB of a request whose end never comes; what the server answers meanwhile. */
  const halfSent = (path: string, token = 'none') => {
    const socket = connect(child.port, '127.0.0.1');
    let heard = '';
    socket.on('data', (data: Buffer) => (heard += data.toString()));
    socket.on('error', () => undefined);
    socket.write(
      `POST ${path} HTTP/1.1\r\nHost: 127.0.0.1:${child.port}\r\nAuthorization: Bearer ${token}\r\nContent-Length: ${24 * MB}\r\n\r\n`,
    );
    socket.write(Buffer.alloc(20 * MB, 120));
    return { heard: () => heard, end: () => socket.destroy() };
  };

  test('40 half-sent requests of strangers hold no memory', async () => {
    const before = await residentMb();
    const requests = Array.from({ length: 40 }, () => halfSent('/api/intake/nobody@hatband.test'));
    await until(
      () => Promise.resolve(requests.map(({ heard }) => heard())),
      (all) => all.every((each) => each.startsWith('HTTP/1.1 401')),
    );
    expect((await residentMb()) - before).toBeLessThan(200);
    for (const { end } of requests) end();
  });

  test('40 half-sent requests of whoever has the token hold no more than the budget', async () => {
    const ask = asker(child.port);
    const { id = 0, address = '' } = (await ask(contract.listAddresses)).items[0] ?? {};
    const { token } = await ask(contract.makeToken, { params: { id } });
    const before = await residentMb();
    const requests = Array.from({ length: 40 }, () => halfSent(`/api/intake/${address}`, token));
    await new Promise((resolve) => setTimeout(resolve, 3000));
    expect((await residentMb()) - before).toBeLessThan(350);
    // The page goes on, and mail comes in again once they are gone.
    expect((await ask(contract.getHealth)).failed).toBe(0);
    for (const { end } of requests) end();
    await until(
      async () => {
        try {
          await sendMail(child.smtpPort, { to: address, subject: 'after' });
          return true;
        } catch {
          return false;
        }
      },
      (sent) => sent,
    );
    await settled({ ask }, 1);
  });
});

describe('in this process', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.end());

  const post = (path: string, body: string) =>
    fetch(`http://127.0.0.1:${server.port}${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body,
    });

  test('what is too large is 413, what is nested too deep or holds too much is 400', async () => {
    const statuses: Record<string, number> = {};
    const rule = (definition: unknown) => JSON.stringify({ definition });
    const levels = 5000;
    const deep = `${'{"all":['.repeat(levels)}${']}'.repeat(levels)}`;
    statuses.large = (await post('/api/rules', JSON.stringify({ x: 'x'.repeat(2 * MB) }))).status;
    statuses.deep = (await post('/api/rules', `{"definition":{"name":"Deep","when":${deep}}}`)).status;
    statuses.fields = (
      await post(
        '/api/rules',
        rule({
          name: 'Fields',
          read: Array.from({ length: 5000 }, (_, i) => ({ field: `f${i}`, from: [] })),
        }),
      )
    ).status;
    statuses.import = (await post('/api/rules/import', JSON.stringify({ json: '['.repeat(200_000) }))).status;
    expect(statuses).toEqual({ large: 413, deep: 400, fields: 400, import: 400 });
  });

  test('a store that is full ends an import with words, and nothing else', async () => {
    const full = async (isFull: boolean) =>
      server.store.writeRaw((db) => {
        const pages = Number(db.pragma('page_count', { simple: true }));
        db.pragma(`max_page_count = ${isFull ? pages : 1_000_000}`);
      });
    const mbox = Array.from(
      { length: 300 },
      (_, i) =>
        `From a@b.example Tue Nov 24 10:00:00 2026\nFrom: a@b.example\nSubject: ${i}\n\n${'words '.repeat(400)}\n\n`,
    ).join('');
    await full(true);
    const answer = await fetch(`http://127.0.0.1:${server.port}${contract.importPath}?name=a.mbox`, {
      method: 'POST',
      body: mbox,
    });
    await full(false);
    if (answer.ok)
      await until(
        () => server.ask(contract.listImports),
        ({ items }) => items[0]?.state !== 'running',
      );
    await server.send({ subject: 'after' });
    const { items } = await server.ask(contract.listArrivals, { query: { limit: 1 } });
    expect(items[0]?.subject === 'after' || items[0]?.outcome.kind === 'waiting').toBe(true);
  });

  test('what mail calls itself is kept short in lists, and whole in the message', async () => {
    const long = 'x'.repeat(30_000);
    await server.send({
      raw: `From: "${long}" <a@b.example>\r\nSubject: ${long}\r\nContent-Type: multipart/mixed; boundary=b\r\n\r\n--b\r\n\r\nhello\r\n--b\r\nContent-Type: image/png; name="${long}.png"\r\nContent-Disposition: attachment\r\n\r\nx\r\n--b--\r\n`,
    });
    const [arrival] = (await settled(server, 1)).items;
    expect(arrival?.subject.length).toBeLessThan(1000);
    expect(arrival?.from.name.length).toBeLessThan(300);
    const { read } = await server.ask(contract.getArrival, { params: { id: arrival?.id ?? 0 } });
    expect(read?.message.attachments[0]?.name.length).toBeLessThan(400);
    const raw = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${arrival?.id ?? 0}/raw`);
    expect(await raw.text()).toContain(long);
  });

  test('the name of a download turns no letters round', async () => {
    await server.send({
      raw: `From: a@b.example\r\nSubject: x\r\nContent-Type: multipart/mixed; boundary=b\r\n\r\n--b\r\n\r\nhello\r\n--b\r\nContent-Type: application/pdf; name="=?UTF-8?Q?invoice=E2=80=AEfdp.exe?="\r\nContent-Disposition: attachment\r\n\r\nx\r\n--b--\r\n`,
    });
    const [arrival] = (await settled(server, 1)).items;
    const file = await fetch(
      `http://127.0.0.1:${server.port}/api/arrivals/${arrival?.id ?? 0}/attachments/0`,
    );
    expect(file.headers.get('Content-Disposition')).toBe('attachment; filename=invoicefdp.exe');
  });

  test('those who are turned away fill no list', async () => {
    const [inbox] = (await server.ask(contract.listAddresses)).items;
    const { id = 0, revision = 0, policy, plusWord = null } = inbox ?? {};
    const failures = { ...policy?.failures, 'unwelcome sender': 'refuse' };
    await server.ask(contract.saveAddress, {
      params: { id },
      revision,
      body: { policy: { ...policy, senders: { kind: 'me' }, failures }, plusWord },
    });
    for (let i = 0; i < 60; i += 1)
      await server.send({ from: `a${i}@b.example`, subject: 'x' }).catch(() => undefined);
    const [after] = (await server.ask(contract.listAddresses)).items;
    expect(after?.turnedAway).toHaveLength(51);
    expect(after?.turnedAway.find(({ sender }) => sender === 'others')?.times).toBe(10);
  });
});
