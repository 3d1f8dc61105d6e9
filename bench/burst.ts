import Database from 'better-sqlite3';
import path from 'node:path';
import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { demoMails, numbered } from './mails.ts';
import { sendAll } from './smtpLoad.ts';
import { startSubject } from './subject.ts';

const MESSAGES = 5000;
const CONNECTIONS = 20;
const LARGE = 24 * 1024 * 1024;

const Counts = z.record(z.string(), z.number());
const Count = z.object({ n: z.number() });

/**
 * A burst while the page is used: whether a message is lost or double, how soon each is to be seen in the Ledger after
 * its 250, how long the page waits, and the longest that it waits while a message of 24 MB comes in.
 */
export async function burst(): Promise<void> {
  const subject = await startSubject('hatband');
  const page = usePage(subject.url);
  const confirmed: number[] = [];
  const [mail = Buffer.alloc(0)] = demoMails();
  const begun = performance.now();
  await sendAll(subject.smtpPort, subject.address, numbered(mail), {
    messages: MESSAGES,
    connections: CONNECTIONS,
    onStored: () => confirmed.push(performance.now()),
  });
  const took = performance.now() - begun;
  const depth = await subject.queueDepth();
  await subject.drained();
  const seen = await page.stop();
  const late = confirmed.map((at, i) => (seen.find(({ total }) => total > i)?.at ?? Infinity) - at);
  const inTime = late.filter((ms) => ms <= 2000).length / MESSAGES;
  console.log(
    `burst: ${MESSAGES} messages over ${CONNECTIONS} connections in ${(took / 1000).toFixed(1)} s, ${depth} still to be read then; ` +
      `${(inTime * 100).toFixed(1)} % in the Ledger within 2 s of their 250 (the latest after ${Math.max(...late).toFixed(0)} ms); ` +
      `${sayStored(subject.folder)}; the page waited ${page.waits()}; peak memory ${peakMemory(subject.pid)}`,
  );
  await largeMessage(subject);
  subject.end();
}

async function largeMessage({ url, smtpPort, address, drained }: Awaited<ReturnType<typeof startSubject>>) {
  const page = usePage(url);
  const large = Buffer.alloc(LARGE, `${'x'.repeat(76)}\r\n`);
  const mail = Buffer.concat([Buffer.from('Subject: large\r\n\r\n'), large]);
  await sendAll(smtpPort, address, () => mail, {
    messages: 1,
    connections: 1,
  });
  await drained();
  await page.stop();
  console.log(`large message: while 24 MB came in and were read, the page waited ${page.waits()}`);
}

/** Asks for what the Ledger shows, again and again. */
function usePage(url: string) {
  const seen: { at: number; total: number }[] = [];
  const waited: number[] = [];
  const state = { isOver: false };
  const ask = async (what: string) => {
    const begun = performance.now();
    const answer: unknown = await (await fetch(`${url}${what}`)).json();
    waited.push(performance.now() - begun);
    return answer;
  };
  const running = (async () => {
    while (!state.isOver) {
      const counts = Counts.parse(await ask('/api/arrival-counts'));
      seen.push({ at: performance.now(), total: Object.values(counts).reduce((a, b) => a + b, 0) });
      await ask('/api/arrivals?limit=60');
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  })();
  return {
    stop: async () => {
      state.isOver = true;
      await running;
      return seen;
    },
    waits: () => {
      const sorted = waited.toSorted((a, b) => a - b);
      const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]?.toFixed(0) ?? '';
      return `${at(0.5)} ms in the middle, ${at(0.95)} at 95 %, ${at(1)} at most (${sorted.length} times)`;
    },
  };
}

function sayStored(folder: string): string {
  const db = new Database(path.join(folder, 'hatband.db'), { readonly: true });
  const count = (sql: string) => Count.parse(db.prepare(sql).get()).n;
  const stored = count('SELECT count(DISTINCT message_id) AS n FROM arrivals');
  const arrivals = count('SELECT count(*) AS n FROM arrivals');
  const tasks = count('SELECT count(*) AS n FROM tasks');
  db.close();
  return `${MESSAGES - stored} lost, ${arrivals - stored} double, ${tasks} tasks`;
}

/** The most that the process held, of Linux. */
function peakMemory(pid: number): string {
  const kilobytes = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
  return `${(Number(kilobytes) / 1024).toFixed(0)} MB`;
}
