import * as contract from '@hatband/contract';
import Database from 'better-sqlite3';
import { connect } from 'node:net';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { DATABASE_FILE } from '../src/store/index.ts';
import { sendMail, settled, startTestServer, until, type TestServer } from './testServer.ts';
import { amount } from '../../../scripts/testAmount.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

describe('what is accepted', () => {
  test('a message becomes a line in the ledger and a task', async () => {
    await server.send({ subject: 'Loan form', text: 'Please return it by Friday.' });
    const [arrival] = (await settled(server, 1)).items;
    expect(arrival).toMatchObject({
      subject: 'Loan form',
      from: { address: 'orla@northcape.example' },
      outcome: { kind: 'unclaimed' },
    });
    expect(arrival?.tasks).toMatchObject([{ title: 'Return Loan form', due: '2026-11-27' }]);
  });

  test('the plus-word is kept, the address is found in any case', async () => {
    const [local, domain] = server.inbox.split('@');
    await server.send({ to: `${(local ?? '').toUpperCase()}+Loans@${domain ?? ''}` });
    const [arrival] = (await settled(server, 1)).items;
    const sheet = await server.ask(contract.getArrival, { params: { id: arrival?.id ?? 0 } });
    expect(sheet.address).toMatchObject({ name: 'Inbox', plusWord: 'Loans' });
  });

  test('the same bytes at the same address are one arrival that says so; at two addresses they are two', async () => {
    await server.ask(contract.addProject, { body: { name: 'Loans in' } });
    const { items } = await server.ask(contract.listAddresses);
    const raw = 'Subject: twice\r\n\r\nhello\r\n';
    await server.send({ raw });
    await server.send({ raw, to: items.map((a) => a.address) });
    const arrivals = (await settled(server, 2)).items;
    expect(arrivals.map((a) => a.deliveries).toSorted((a, b) => a - b)).toEqual([1, 2]);
    expect(await server.store.read('messages').count({ n: '*' }).first()).toEqual({ n: 1 });
  });

  test('malformed mail is stored, listed, downloadable and never fatal', async () => {
    const malformed = [
      'no header at all, only words',
      'Content-Type: multipart/mixed; boundary=b\r\n\r\n--b\r\nContent-Type: text/ht',
      'Subject: x\r\nContent-Type: text/plain; charset=x-no-such\r\n\r\n\xfc\xff',
      '\r\n',
      'Subject: =?utf-8?B?////?=\r\nDate: never\r\n\r\n',
    ];
    for (const raw of malformed) await server.send({ raw: Buffer.from(raw, 'latin1') });
    const { items } = await settled(server, malformed.length);
    expect(items.map((a) => a.outcome.kind)).toEqual(malformed.map(() => 'unclaimed'));
    for (const { id } of items) {
      expect((await server.ask(contract.getArrival, { params: { id } })).read).not.toBeNull();
      const raw = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${id}/raw`);
      expect(raw.headers.get('content-disposition')).toContain('attachment');
      const bytes = Buffer.from(await raw.arrayBuffer())
        .toString('latin1')
        .trimEnd();
      expect(malformed.map((m) => m.trimEnd())).toContain(bytes);
    }
  });

  test('a large message is stored piece by piece and comes back to the byte', async () => {
    const raw = Buffer.from(`Subject: large\r\n\r\n${`${'0123456789abcdef'.repeat(60)}\r\n`.repeat(3000)}`);
    await server.send({ raw });
    const [arrival] = (await settled(server, 1)).items;
    const answer = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${arrival?.id ?? 0}/raw`);
    expect(Buffer.from(await answer.arrayBuffer()).equals(raw)).toBe(true);
    expect(await server.store.read('message_chunks').count({ n: '*' }).first()).toEqual({
      n: Math.ceil(raw.length / (1024 * 1024)),
    });
  });

  const EACH = amount(20, 100);
  test(`${10 * EACH} messages over 10 connections are as many arrivals with as many tasks`, async () => {
    const batches = Array.from({ length: 10 }, (_, c) =>
      Array.from({ length: EACH }, (_, i) => `burst ${c}-${i}`),
    );
    const send = async (subjects: string[]) => {
      for (const subject of subjects) await server.send({ raw: `Subject: ${subject}\r\n\r\nhello\r\n` });
    };
    await Promise.all(batches.map(send));
    const count = async (table: 'arrivals' | 'tasks') =>
      Number((await server.store.read(table).count({ n: '*' }).first())?.n);
    expect(await count('arrivals')).toBe(10 * EACH);
    await settled(server, Math.min(200, 10 * EACH));
    while ((await server.ask(contract.getHealth)).queueDepth > 0)
      await new Promise((resolve) => setTimeout(resolve, 50));
    expect(await count('tasks')).toBe(10 * EACH);
    const subjects = await server.store.read('arrivals').distinct('subject');
    expect(subjects).toHaveLength(10 * EACH);
  });
});

describe('clients', () => {
  const envelope = () => `MAIL FROM:<a@b.example>\r\nRCPT TO:<${server.inbox}>\r\nDATA\r\n`;

  /** What the server said by the time the connection closed: `said` in one go after the greeting, or broken off. */
  const talk = (said: string, breakOff = false) =>
    new Promise<string>((resolve, reject) => {
      let heard = '';
      const socket = connect(server.smtpPort, '127.0.0.1').on('error', reject);
      socket.once('data', () => {
        socket.write(said, () => breakOff && setTimeout(() => socket.destroy(), 100));
      });
      socket.on('data', (data) => (heard += data.toString()));
      socket.on('close', () => {
        resolve(heard);
      });
    });

  test('commands that come in one go get each reply in order', async () => {
    const heard = await talk(`EHLO x\r\n${envelope()}Subject: one go\r\n\r\nhello\r\n.\r\nQUIT\r\n`);
    const codes = [...heard.matchAll(/^(\d{3}) /gm)].map(([, code]) => code);
    expect(codes).toEqual(['220', '250', '250', '250', '354', '250', '221']);
    expect((await settled(server, 1)).items[0]?.subject).toBe('one go');
  });

  test('of a message for more than a hundred addresses the rest is asked to come in another', async () => {
    await Promise.all(
      Array.from({ length: 100 }, (_, n) =>
        server.ask(contract.addProject, { body: { name: `Project ${String(n)}` } }),
      ),
    );
    const { items } = await server.ask(contract.listAddresses);
    expect(items).toHaveLength(101);
    const said = items.map(({ address }) => `RCPT TO:<${address}>\r\n`).join('');
    const heard = await talk(`EHLO x\r\nMAIL FROM:<a@b.example>\r\n${said}QUIT\r\n`);
    // The sender, and a hundred of them.
    expect(heard.match(/^250 Accepted/gm)).toHaveLength(1 + 100);
    expect(heard.match(/^452 4\.5\.3/gm)).toHaveLength(1);
  });

  test('a delivery that breaks off leaves nothing behind, and the next is read', async () => {
    await talk(`EHLO x\r\n${envelope()}Subject: broken off\r\n\r\nhel`, true);
    await server.send({ subject: 'whole' });
    expect((await settled(server, 1)).items.map((a) => a.subject)).toEqual(['whole']);
  });
});

describe('durability', () => {
  test('the store writes ahead and syncs every commit', async () => {
    const pragmas = await server.store.writeRaw((db) => [
      db.pragma('journal_mode', { simple: true }),
      db.pragma('synchronous', { simple: true }),
    ]);
    expect(pragmas).toEqual(['wal', 2]);
  });

  test('250 is said only after the COMMIT', async () => {
    const other = new Database(path.join(server.folder, DATABASE_FILE), { readonly: true });
    const seen = await new Promise<number>((resolve, reject) => {
      const socket = connect(server.smtpPort, '127.0.0.1').on('error', reject);
      const lines = [
        'EHLO x',
        'MAIL FROM:<a@b.example>',
        `RCPT TO:<${server.inbox}>`,
        'DATA',
        'Subject: x\r\n\r\nhello\r\n.',
      ];
      socket.on('data', (data) => {
        if (data.toString().startsWith('250 The message is stored')) {
          resolve((other.prepare('SELECT count(*) AS n FROM arrivals').get() as { n: number }).n);
          socket.end('QUIT\r\n');
        } else socket.write(`${lines.shift() ?? 'NOOP'}\r\n`);
      });
    });
    expect(seen).toBe(1);
    other.close();
  });

  test('no 250 is said while the COMMIT cannot happen', async () => {
    const other = new Database(path.join(server.folder, DATABASE_FILE));
    await server.store.writeRaw((db) => db.pragma('busy_timeout = 50'));
    other.exec('BEGIN IMMEDIATE');
    await expect(server.send({})).rejects.toMatchObject({ responseCode: 451 });
    other.exec('COMMIT');
    await server.send({});
    expect((await settled(server, 1)).items).toHaveLength(1);
    other.close();
  });
});

describe('what is refused', () => {
  test.each([
    ['an unknown address', () => 'nobody@hatband.test'],
    ['another domain', () => server.inbox.replace('hatband.test', 'other.test')],
  ])('%s gets 550', async (_, to) => {
    await expect(server.send({ to: to() })).rejects.toMatchObject({ responseCode: 550 });
  });

  test('a renewed address gets 550, the new one works', async () => {
    const [inbox] = (await server.ask(contract.listAddresses)).items;
    const renewed = await server.ask(contract.renewAddress, { params: { id: inbox?.id ?? 0 } });
    expect(renewed.address).not.toBe(server.inbox);
    await expect(server.send({})).rejects.toMatchObject({ responseCode: 550 });
    await server.send({ to: renewed.address });
    await settled(server, 1);
  });

  test('over 25 MB gets 552, and the next message is taken', async () => {
    const raw = Buffer.alloc(26 * 1024 * 1024, 'x'.repeat(76) + '\r\n');
    await expect(server.send({ raw })).rejects.toMatchObject({ responseCode: 552 });
    await server.send({});
    await settled(server, 1);
  });

  test('more than 64 MB at one time is asked to come later; what is on its way goes on', async () => {
    const body = `${'All about tides. '.repeat(50)}\r\n`.repeat(28_500);
    const begin = async (subject: string) => {
      const socket = connect(server.smtpPort, '127.0.0.1');
      let said = '';
      socket.on('data', (data: Buffer) => (said += data.toString()));
      const hears = (words: string) =>
        until(
          () => Promise.resolve(said),
          (all) => all.includes(words),
        );
      await hears('220 ');
      socket.write(`EHLO x\r\nMAIL FROM:<a@b.example>\r\nRCPT TO:<${server.inbox}>\r\nDATA\r\n`);
      await hears('354 ');
      await new Promise((resolve) => socket.write(`Subject: ${subject}\r\n\r\n${body}`, resolve));
      return { end: () => socket.write('.\r\nQUIT\r\n'), hears };
    };
    const [first, second, third] = [await begin('one'), await begin('two'), await begin('three')];
    third.end();
    await third.hears('451 4.3.1 Too much mail at one time');
    await server.send({ subject: 'small' });
    first.end();
    second.end();
    await Promise.all([first.hears('250 The message is stored'), second.hears('250 The message is stored')]);
    const { items } = await settled(server, 3);
    expect(items.map(({ subject }) => subject).toSorted()).toEqual(['one', 'small', 'two']);
  });

  test('a store that is full gets 451, nothing is lost, and it goes on when there is room', async () => {
    await server.send({ subject: 'before' });
    await settled(server, 1);
    const pages = await server.store.writeRaw((db) => {
      const used = db.pragma('page_count', { simple: true }) as number;
      db.pragma(`max_page_count = ${used}`);
      return used;
    });
    const large = `Subject: large\r\n\r\n${'y'.repeat(70).concat('\r\n').repeat(6000)}`;
    await expect(sendMail(server.smtpPort, { to: server.inbox, raw: large })).rejects.toMatchObject({
      responseCode: 451,
    });
    await server.store.writeRaw((db) => db.pragma(`max_page_count = ${pages + 100_000}`));
    await sendMail(server.smtpPort, { to: server.inbox, raw: large });
    expect((await settled(server, 2)).items.map((a) => a.subject)).toEqual(['large', 'before']);
  });
});
