import { ImapFlow } from 'imapflow';
import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';
import { until } from './testServer.ts';

const run = promisify(execFile);

export const USER = 'ines';
export const PASSWORD = 'lantern-and-rope';

/** The address of the mailbox. */
export const OWN = 'ines.tavare@saltmarsh.example';

export const letter = (subject: string, { to = OWN, text = 'Please return the form by 3 December.' } = {}) =>
  Buffer.from(
    `From: Orla <orla@northcape.example>\r\nTo: ${to}\r\nSubject: ${subject}\r\nMessage-ID: <${subject.replace(/\W/g, '-')}@northcape.example>\r\nDate: Tue, 24 Nov 2026 10:00:00 +0000\r\n\r\n${text} (${subject})\r\n`,
  );

/** A real IMAP server of its own, on a free port of this machine; its mail lies in a folder that ends with it. */
export interface Dovecot {
  port: number;
  start: () => Promise<void>;
  stop: () => Promise<void>;
  /** Works in the mailbox as the user's own mail program would. */
  as: <T>(work: (client: ImapFlow) => Promise<T>) => Promise<T>;
  /** Numbers the messages of a folder anew, under another UIDVALIDITY. */
  renumber: (folder: string) => Promise<void>;
  end: () => Promise<void>;
}

/** `lay` puts mail into the user's maildir before the server starts. */
export async function startDovecot(lay?: (maildir: string) => Promise<void>): Promise<Dovecot> {
  const base = await mkdtemp(path.join(tmpdir(), 'hatband-imap-'));
  const port = await freePort();
  const file = path.join(base, 'dovecot.conf');
  for (const each of ['run', 'state', 'mail']) await mkdir(path.join(base, each));
  await lay?.(path.join(base, 'mail', USER));
  const [uid, gid] = idsOf('mail');
  await run('chown', ['-R', `${uid}:${gid}`, path.join(base, 'mail')]);
  await run('chmod', ['755', base]);
  await writeFile(path.join(base, 'users'), `${USER}:{PLAIN}${PASSWORD}\n`);
  await writeFile(file, configuration(base, port));
  let child: ChildProcess | null = null;

  // What the killed one leaves behind may keep the next from starting for a moment: it is started once more then.
  const start = async () => {
    await until(async () => {
      if (child?.exitCode !== null)
        child = spawn('/usr/sbin/dovecot', ['-F', '-c', file], { stdio: 'ignore', detached: true });
      return answers(port);
    }, Boolean);
  };
  const stop = async () => {
    // All of its processes, as when the machine loses its power.
    if (child?.pid !== undefined) process.kill(-child.pid, 'SIGKILL');
    child = null;
    await until(
      () => answers(port),
      (listening) => !listening,
    );
  };
  const as: Dovecot['as'] = async (work) => {
    const client = newClient(port);
    await client.connect();
    try {
      return await work(client);
    } finally {
      await client.logout();
    }
  };
  await start();
  return {
    port,
    start,
    stop,
    as,
    renumber: async (folder) => {
      const from = ['mailbox', 'update', '-u', USER, '--uid-validity', '4242', folder];
      await run('/usr/bin/doveadm', ['-c', file, ...from]);
    },
    end: async () => {
      await stop();
      await rm(base, { recursive: true, force: true });
    },
  };
}

function idsOf(user: string): [number, number] {
  const line = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((each) => each.startsWith(`${user}:`));
  const [, , uid, gid] = (line ?? '').split(':');
  return [Number(uid), Number(gid)];
}

/** Below those that the system gives to clients, so that none takes it while the server is down. */
async function freePort(): Promise<number> {
  const port = 20_000 + Math.floor(Math.random() * 10_000);
  const server = createServer();
  const isFree = await new Promise<boolean>((resolve) => {
    server.once('error', () => resolve(false)).listen(port, '127.0.0.1', () => resolve(true));
  });
  if (!isFree) return freePort();
  await new Promise((resolve) => server.close(resolve));
  return port;
}

const newClient = (port: number) =>
  new ImapFlow({
    host: '127.0.0.1',
    port,
    secure: false,
    doSTARTTLS: false,
    auth: { user: USER, pass: PASSWORD },
    logger: false,
  });

async function answers(port: number): Promise<boolean> {
  const client = newClient(port);
  client.on('error', () => undefined);
  try {
    await client.connect();
    await client.logout();
    return true;
  } catch {
    return false;
  }
}

const configuration = (base: string, port: number) => `
base_dir = ${base}/run
state_dir = ${base}/state
log_path = ${base}/dovecot.log
protocols = imap
listen = 127.0.0.1
ssl = no
disable_plaintext_auth = no
auth_mechanisms = plain login
default_internal_user = dovecot
default_login_user = dovenull
first_valid_uid = 1
mail_location = maildir:${base}/mail/%u
mail_uid = mail
mail_gid = mail
mail_access_groups =
passdb {
  driver = passwd-file
  args = scheme=PLAIN username_format=%u ${base}/users
}
userdb {
  driver = static
  args = uid=mail gid=mail home=${base}/mail/%u
}
service imap-login {
  inet_listener imap {
    address = 127.0.0.1
    port = ${String(port)}
  }
  inet_listener imaps {
    port = 0
  }
}
namespace inbox {
  inbox = yes
  separator = /
  mailbox Sent {
    auto = subscribe
    special_use = \\Sent
  }
  mailbox Archive {
    auto = subscribe
  }
}
`;
