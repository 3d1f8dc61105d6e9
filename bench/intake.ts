import { fork, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { z } from 'zod';
import { demoMails, median } from './mails.ts';
import { sendAll } from './smtpLoad.ts';

const RUNS = 5;
const MESSAGES = 3000;
const CONNECTIONS = 10;

const Ready = z.object({ smtpPort: z.number(), address: z.string() });

/** Messages a second until all have their 250: Hatband against smtp-server with one bare durable insert a message. */
export async function intakeRatio(): Promise<void> {
  const results: Record<Subject, number[]> = { hatband: [], bare: [] };
  for (let run = 0; run < RUNS; run += 1) {
    for (const subject of ['bare', 'hatband'] as const) results[subject].push(await measure(subject));
  }
  const ratios = results.hatband.map((rate, i) => rate / (results.bare[i] ?? 1));
  console.log(
    `intake: Hatband ${median(results.hatband).toFixed(0)} messages/s, bare durable insert ${median(results.bare).toFixed(0)}, ` +
      `ratio ${median(ratios).toFixed(2)} (median of ${RUNS} alternating runs; ${MESSAGES} messages, ${CONNECTIONS} connections; each ${ratios.map((r) => r.toFixed(2)).join(' ')})`,
  );
}

type Subject = 'hatband' | 'bare';

async function measure(subject: Subject): Promise<number> {
  const folder = mkdtempSync(path.join(tmpdir(), 'hatband-bench-'));
  const child = fork(path.join(import.meta.dirname, 'intakeSubject.ts'), [subject, folder], {
    execArgv: ['--import', 'tsx'],
  });
  try {
    const { smtpPort, address } = Ready.parse(await firstMessage(child));
    const [mail = Buffer.alloc(0)] = demoMails();
    await sendAll(smtpPort, address, mail, { messages: 100, connections: CONNECTIONS });
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const start = performance.now();
    await sendAll(smtpPort, address, mail, { messages: MESSAGES, connections: CONNECTIONS });
    return (MESSAGES * 1000) / (performance.now() - start);
  } finally {
    child.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  }
}

const firstMessage = (child: ChildProcess) => new Promise((resolve) => child.once('message', resolve));
