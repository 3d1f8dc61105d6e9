import type { Endpoint, Problem } from '@hatband/contract';
import * as contract from '@hatband/contract';
import type { RuleInput } from '@hatband/core/rules';
import type { TaskScope } from '@hatband/core/tasks';
import { copyFile, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createTransport } from 'nodemailer';
import type { z } from 'zod';
import { readConfig } from '../src/config.ts';
import { startReader, type Reader } from '../src/pipeline/reader.ts';
import { DATABASE_FILE, openStore } from '../src/store/index.ts';
import { startServer, type Parts, type RunningServer } from '../src/startServer.ts';

const ME = 'ines.tavare@saltmarsh.example';
export const DIST = new URL('../../../dist/', import.meta.url);

export const settings = (folder: string) => ({
  HATBAND_PORT: '0',
  HATBAND_SMTP_PORT: '0',
  HATBAND_DATA: folder,
  HATBAND_ZONE: 'Europe/London',
  HATBAND_ME: ME,
  HATBAND_NOW: '2026-11-24T14:10:00Z',
  HATBAND_LOG: 'silent',
});

export const newFolder = () => mkdtemp(path.join(tmpdir(), 'hatband-test-'));

const READER = new URL('server/reader.js', DIST);

/** One for all servers of this process: it takes a second to be quick. */
let reader: Reader | null = null;
/** Its servers ask it one after another. */
function inTurn({ read, close }: Reader): Reader {
  let last: Promise<unknown> = Promise.resolve();
  return {
    read: (...job) => {
      const next = last.then(() => read(...job));
      last = next.catch(() => undefined);
      return next;
    },
    close,
  };
}

/** A folder with an empty database as it is today, made once. */
let empty: Promise<string> | null = null;

async function makeEmpty(): Promise<string> {
  const folder = await newFolder();
  await (await openStore(folder)).close();
  return path.join(folder, DATABASE_FILE);
}

async function newStore(): Promise<string> {
  const folder = await newFolder();
  await copyFile(await (empty ??= makeEmpty()), path.join(folder, DATABASE_FILE));
  return folder;
}

export interface TestServer extends RunningServer {
  folder: string;
  inbox: string;
  ask: ReturnType<typeof asker>;
  send: (mail: TestMail) => Promise<void>;
  end: () => Promise<void>;
}

/** A server in this process on free ports and a folder of its own. */
export async function startTestServer(
  parts: Partial<Parts> = {},
  folder?: string,
  more: Record<string, string> = {},
): Promise<TestServer> {
  const data = folder ?? (await newStore());
  const own = parts.readerScript !== undefined || parts.readerTimeoutMs !== undefined;
  const server = await startServer(readConfig({ ...settings(data), ...more }), {
    readerScript: READER,
    ...(own ? {} : { reader: (reader ??= inTurn(startReader(READER, 20_000))) }),
    ruleFileScript: new URL('server/ruleFile.js', DIST),
    webFolder: new URL('web', DIST).pathname,
    ...parts,
  });
  const ask = asker(server.port);
  const row = await server.store
    .read('addresses')
    .where({ target_kind: 'inbox' })
    .whereNull('retired_at')
    .first();
  const inbox = `${row?.local_part ?? ''}@hatband.test`;
  return {
    ...server,
    folder: data,
    inbox,
    ask,
    send: (mail) => sendMail(server.smtpPort, { to: inbox, ...mail }),
    end: async () => {
      await server.stop();
      await rm(data, { recursive: true, force: true });
    },
  };
}

/** The tasks of a scope, the newest first. */
export async function tasksOf(server: TestServer, scope: TaskScope = 'all') {
  const view = { scope, sort: [] };
  return (await server.ask(contract.listTasks, { body: view })).first.toReversed();
}

/** Those that are still to be done. */
export const openTasks = async (server: TestServer) =>
  (await tasksOf(server, 'open')).filter(({ completedAt }) => completedAt === null);

export interface TestMail {
  to?: string | string[];
  from?: string;
  subject?: string;
  text?: string;
  raw?: string | Buffer;
}

/** Sends with a real SMTP client; rejects with the server's answer. */
export async function sendMail(
  port: number,
  { to = '', from = 'orla@northcape.example', subject = 'A message', text = 'hello', raw }: TestMail,
): Promise<void> {
  const transport = createTransport({ host: '127.0.0.1', port, secure: false, ignoreTLS: true });
  try {
    const envelope = { from, to };
    await transport.sendMail(
      raw === undefined
        ? { from, to, subject, text, date: new Date('2026-11-24T10:00:00Z') }
        : { envelope, raw },
    );
  } finally {
    transport.close();
  }
}

export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

interface Asked {
  params?: Record<string, string | number>;
  query?: Record<string, string | number>;
  body?: unknown;
  revision?: number;
}

/** Calls an endpoint of the contract and checks the answer against it. */
export function asker(port: number) {
  return async <A extends z.ZodType>(
    endpoint: Endpoint<z.ZodType, z.ZodType, z.ZodType, A>,
    { params = {}, query = {}, body, revision }: Asked = {},
  ): Promise<z.infer<A>> => {
    const where = endpoint.path.replace(/:(\w+)/g, (_, name: string) => String(params[name]));
    const search = new URLSearchParams(
      Object.entries(query).map(([k, v]): [string, string] => [k, String(v)]),
    );
    const response = await fetch(`http://127.0.0.1:${port}${where}?${search.toString()}`, {
      method: endpoint.method.toUpperCase(),
      headers: {
        'Content-Type': 'application/json',
        ...(revision === undefined ? {} : { 'If-Match': `"${revision}"` }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const answer: unknown = await response.json();
    if (!response.ok) throw new Refused(contract.Problem.parse(answer));
    return endpoint.answer.parse(answer);
  };
}

/** Asks again until the answer is as wanted; fails after two minutes with what it saw last. */
export async function until<T>(ask: () => Promise<T>, wanted: (answer: T) => boolean): Promise<T> {
  const end = Date.now() + 120_000;
  for (;;) {
    const answer = await ask();
    if (wanted(answer)) return answer;
    if (Date.now() > end)
      throw new Error(`It did not come about; the last answer was ${JSON.stringify(answer).slice(0, 500)}`);
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
}

/** The arrivals once none of them waits any more. */
export const settled = (server: Pick<TestServer, 'ask'>, count: number) =>
  until(
    () => server.ask(contract.listArrivals, { query: { limit: 200 } }),
    ({ items }) => items.length >= count && items.every((a) => a.outcome.kind !== 'waiting'),
  );

/** Puts a new rule to work. */
export async function goLive({ ask }: Pick<TestServer, 'ask'>, definition: RuleInput) {
  const { id, revision } = await ask(contract.addRule, { body: { definition } });
  return ask(contract.goLive, { params: { id }, revision });
}

/** As a database of an earlier version may be, whose rules name what is gone. */
export const loseProjects = ({ store }: Pick<TestServer, 'store'>) =>
  store.write(async (trx) => {
    await trx('projects').update({ deleted_at: '2026-11-24' });
    await trx('events').insert({ kind: 'project', ref: '' });
  });

/** Sends one mail and waits for what became of it. */
export async function arrive(server: TestServer, subject: string, text: string) {
  const before = (await server.ask(contract.listArrivals)).items.length;
  await server.send({ subject, text });
  const [arrival] = (await settled(server, before + 1)).items;
  if (!arrival) throw new Error('nothing arrived');
  return arrival;
}

/** Sends one message and answers its task. */
export async function oneTask(server: TestServer) {
  await server.send({ subject: 'Fwd: Loan form', text: 'Please return it by 3 December.' });
  await settled(server, 1);
  const [task] = await tasksOf(server);
  if (!task) throw new Error('There is no task.');
  return task;
}
