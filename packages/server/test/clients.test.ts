import { execFile } from 'node:child_process';
import { rm, writeFile } from 'node:fs/promises';
import { connect, type Socket } from 'node:net';
import path from 'node:path';
import { promisify } from 'node:util';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { newFolder, settled, startTestServer, until, type TestServer } from './testServer.ts';

const run = promisify(execFile);

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer({ smtpTimes: { silenceMs: 1500, longestMs: 4000 } });
});
afterEach(() => server.end());

describe('real clients', () => {
  const mail = 'Subject: By a real one\r\n\r\nhello\r\n';
  const smtplib = (port: number, to: string) => `
import smtplib
with smtplib.SMTP('127.0.0.1', ${port}) as smtp:
    smtp.sendmail('a@quay.example', ['${to}'], """${mail.replaceAll('\r', '\\r').replaceAll('\n', '\\n')}""")
`;
  const ways: [string, (port: number, to: string, file: string) => [string, string[]]][] = [
    [
      'swaks',
      (port, to) => [
        'swaks',
        [
          '-s',
          '127.0.0.1',
          '-p',
          String(port),
          '-t',
          to,
          '-f',
          'a@quay.example',
          '--header',
          'Subject: By a real one',
        ],
      ],
    ],
    [
      'swaks, pipelined',
      (port, to) => [
        'swaks',
        [
          '--pipeline',
          '-s',
          '127.0.0.1',
          '-p',
          String(port),
          '-t',
          to,
          '-f',
          'a@quay.example',
          '--header',
          'Subject: By a real one',
        ],
      ],
    ],
    [
      'curl',
      (port, to, file) => [
        'curl',
        ['-sS', `smtp://127.0.0.1:${port}`, '--mail-from', 'a@quay.example', '--mail-rcpt', to, '-T', file],
      ],
    ],
    ['smtplib', (port, to) => ['python3', ['-c', smtplib(port, to)]]],
  ];

  test.each(ways)('%s delivers', async (_, commandOf) => {
    const folder = await newFolder();
    const file = path.join(folder, 'mail.eml');
    await writeFile(file, mail);
    await run(...commandOf(server.smtpPort, server.inbox, file));
    expect((await settled(server, 1)).items).toMatchObject([{ subject: 'By a real one' }]);
    await rm(folder, { recursive: true, force: true });
  });

  test.each(ways)('%s is told why it is refused', async (_, commandOf) => {
    const folder = await newFolder();
    const file = path.join(folder, 'mail.eml');
    await writeFile(file, mail);
    await expect(run(...commandOf(server.smtpPort, 'nobody@hatband.test', file))).rejects.toThrow();
    await rm(folder, { recursive: true, force: true });
  });
});

describe('clients that misbehave', () => {
  const open = () =>
    new Promise<{ socket: Socket; heard: () => string; closed: Promise<void> }>((resolve, reject) => {
      const socket = connect(server.smtpPort, '127.0.0.1');
      let text = '';
      const closed = new Promise<void>((end) => socket.once('close', () => end()));
      socket
        .on('error', (error) => {
          reject(error);
        })
        .on('data', (data: Buffer) => {
          text += data.toString();
          if (text.startsWith('220')) resolve({ socket, heard: () => text, closed });
        });
    });
  const envelope = () => `EHLO x\r\nMAIL FROM:<a@b.example>\r\nRCPT TO:<${server.inbox}>\r\nDATA\r\n`;
  const hears = ({ heard }: { heard: () => string }, words: string) =>
    until(
      () => Promise.resolve(heard()),
      (text) => text.includes(words),
    );
  const arrivals = async () => Number((await server.store.read('arrivals').count({ n: '*' }).first())?.n);

  test('one that stalls within its message is sent away, and leaves nothing', async () => {
    const client = await open();
    client.socket.write(`${envelope()}Subject: stalled\r\n\r\nhel`);
    await client.closed;
    await server.send({ subject: 'meanwhile' });
    expect((await settled(server, 1)).items.map(({ subject }) => subject)).toEqual(['meanwhile']);
  });

  test('one that sends byte by byte is sent away after the longest time', async () => {
    const client = await open();
    client.socket.write(`${envelope()}Subject: slow\r\n\r\n`);
    const dripping = setInterval(() => client.socket.writable && client.socket.write('x'), 300);
    await client.closed;
    clearInterval(dripping);
    expect(await arrivals()).toBe(0);
  });

  test('a line of 10 MB is a message; as a command it ends the connection', async () => {
    const letter = await open();
    letter.socket.write(
      `${envelope()}Subject: one line\r\n\r\n${'x'.repeat(10 * 1024 * 1024)}\r\n.\r\nQUIT\r\n`,
    );
    await hears(letter, 'The message is stored');
    expect((await settled(server, 1)).items).toMatchObject([{ subject: 'one line' }]);
    const before = process.memoryUsage().rss;
    const command = await open();
    command.socket.on('error', () => undefined).write('x'.repeat(10 * 1024 * 1024));
    await command.closed;
    expect(process.memoryUsage().rss - before).toBeLessThan(64 * 1024 * 1024);
  });

  test('thousands of recipients: the first hundred are taken', async () => {
    const client = await open();
    const recipients = Array.from(
      { length: 3000 },
      (_, i) => `RCPT TO:<${server.inbox.replace('@', `+w${i}@`)}>\r\n`,
    );
    const strangers = Array.from({ length: 3000 }, (_, i) => `RCPT TO:<w${i}@hatband.test>\r\n`);
    client.socket.write(
      `EHLO x\r\nMAIL FROM:<a@b.example>\r\n${[...recipients, ...strangers].join('')}DATA\r\nSubject: many\r\n\r\nhello\r\n.\r\nQUIT\r\n`,
    );
    await client.closed;
    await server.send({ subject: 'next' });
    const { items } = await settled(server, 1);
    expect(items.map(({ subject }) => subject)).toContain('next');
    expect(items.length).toBeLessThanOrEqual(2);
  });

  test('rubbish in one go is answered or ended, and the next is served', async () => {
    const client = await open();
    client.socket.on('error', () => undefined);
    client.socket.write(
      `\u0000\u0001\r\nFOO\r\nDATA\r\nRCPT TO:<>\r\nMAIL FROM:<\r\n${'NONSENSE\r\n'.repeat(500)}QUIT\r\n`,
    );
    await client.closed;
    expect(client.heard()).toMatch(/^5\d\d /m);
    await server.send({ subject: 'next' });
    await settled(server, 1);
  });
});
