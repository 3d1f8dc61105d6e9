import { fork, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { z } from 'zod';

export type Subject = 'hatband' | 'bare';

const Ready = z.object({ smtpPort: z.number(), address: z.string(), port: z.number().optional() });
const Health = z.object({ queueDepth: z.number() });

/** A server in a process of its own, with an empty folder of its own. */
export async function startSubject(subject: Subject) {
  const folder = mkdtempSync(path.join(tmpdir(), 'hatband-bench-'));
  const script = path.join(import.meta.dirname, 'intakeSubject.ts');
  const child = fork(script, [subject, folder], { execArgv: ['--import', 'tsx'] });
  const { smtpPort, address, port } = Ready.parse(await firstMessage(child));
  const queueDepth = async () =>
    Health.parse(await (await fetch(`http://127.0.0.1:${port ?? 0}/api/health`)).json()).queueDepth;
  return {
    pid: child.pid ?? 0,
    smtpPort,
    address,
    url: `http://127.0.0.1:${port ?? 0}`,
    folder,
    queueDepth,
    drained: async () => {
      for (let depth = port === undefined ? 0 : 1; depth > 0;) {
        await new Promise((resolve) => setTimeout(resolve, 200));
        depth = await queueDepth();
      }
    },
    end: () => {
      child.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

const firstMessage = (child: ChildProcess) => new Promise((resolve) => child.once('message', resolve));
