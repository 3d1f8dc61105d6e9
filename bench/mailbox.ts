import * as contract from '@hatband/contract';
import { mkdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { PASSWORD, startDovecot, USER } from '../packages/server/test/dovecot.ts';
import { settled, startTestServer, until } from '../packages/server/test/testServer.ts';

const MESSAGES = 100_000;
const LABELLED = 3;

/** A mailbox of 100,000 messages on a real IMAP server: until it is watched, and until a label that is set is a task. */
export async function largeMailbox(): Promise<void> {
  const imap = await startDovecot(layMaildir);
  const server = await startTestServer();
  try {
    // The IMAP server lists its new folder once, whoever asks.
    await imap.as((client) => client.mailboxOpen('INBOX'));
    await addRule(server);
    const begun = performance.now();
    await server.ask(contract.addMailbox, { body: { settings: settingsFor(imap.port), password: PASSWORD } });
    await until(
      () => server.ask(contract.listMailboxes),
      ({ items }) =>
        items.some(({ settings, state }) => settings.kind === 'imap' && state.kind === 'watching'),
    );
    const watching = performance.now() - begun;
    const waits: number[] = [];
    for (let i = 1; i <= LABELLED; i += 1) {
      const set = performance.now();
      await imap.as(async (client) => {
        await client.mailboxOpen('INBOX');
        await client.messageFlagsAdd(String(i * 30_000), ['todo'], { uid: true });
      });
      await settled(server, i);
      waits.push(performance.now() - set);
    }
    console.log(
      `mailbox of ${MESSAGES} messages: watched after ${watching.toFixed(0)} ms, a label is a task after ${waits.map((ms) => ms.toFixed(0)).join(', ')} ms`,
    );
  } finally {
    await server.end();
    await imap.end();
  }
}

async function addRule(server: Awaited<ReturnType<typeof startTestServer>>): Promise<void> {
  const definition = { name: 'By label', start: { kind: 'label', is: ['todo'] } };
  const { id, revision } = await server.ask(contract.addRule, { body: { definition } });
  await server.ask(contract.goLive, { params: { id }, revision });
}

const settingsFor = (port: number) => ({
  kind: 'imap' as const,
  name: 'Large',
  addresses: ['ines.tavare@saltmarsh.example'],
  folders: [{ folder: 'INBOX', for: ['label', 'flag', 'arrival', 'plus-word'] }],
  recipients: [],
  host: '127.0.0.1',
  port,
  security: 'none' as const,
  user: USER,
});

async function layMaildir(maildir: string): Promise<void> {
  const folder = path.join(maildir, 'cur');
  await mkdir(folder, { recursive: true });
  for (let at = 0; at < MESSAGES; at += 1000)
    await Promise.all(
      Array.from({ length: 1000 }, (_, i) => {
        const n = at + i + 1;
        const mail = `From: orla@northcape.example\r\nSubject: Letter ${n}\r\nMessage-ID: <letter.${n}@northcape.example>\r\n\r\nPlease answer letter ${n} by 3 December.\r\n`;
        return writeFile(path.join(folder, `1700000000.${String(n).padStart(7, '0')}.bench:2,S`), mail);
      }),
    );
}
