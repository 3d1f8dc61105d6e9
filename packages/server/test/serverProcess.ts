import { spawn, type ChildProcess } from 'node:child_process';
import { DIST, settings } from './testServer.ts';

const MAIN = new URL('server/main.js', DIST).pathname;

export interface ServerProcess {
  child: ChildProcess;
  port: number;
  smtpPort: number;
  exited: Promise<{ code: number | null; stderr: string }>;
}

/** The built server as users start it, or another script; resolves once it listens or has ended. */
export async function spawnServer(
  folder: string,
  more: Record<string, string> = {},
  script: string[] = [MAIN],
): Promise<ServerProcess> {
  const env = { PATH: process.env.PATH, ...settings(folder), ...more };
  const child = spawn(process.execPath, script, { env });
  let stdout = '';
  let stderr = '';
  child.stderr.on('data', (data: Buffer) => (stderr += data.toString()));
  const exited = new Promise<{ code: number | null; stderr: string }>((resolve) => {
    child.on('close', (code) => resolve({ code, stderr }));
  });
  const listening = new Promise<void>((resolve) => {
    child.stdout.on('data', (data: Buffer) => {
      stdout += data.toString();
      if (stdout.includes('(SMTP)')) resolve();
    });
  });
  await Promise.race([listening, exited]);
  const [, port, smtpPort] = /:(\d+)\/ and receives mail at 127\.0\.0\.1:(\d+)/.exec(stdout) ?? [];
  return { child, port: Number(port), smtpPort: Number(smtpPort), exited };
}
