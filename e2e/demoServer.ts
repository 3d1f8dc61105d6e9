import { test as base, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createTransport } from 'nodemailer';
import { z } from 'zod';

/** A Tuesday; the newest demo mail came the day before. */
const NOW = '2026-11-24T14:10:00Z';
const ROOT = new URL('..', import.meta.url).pathname;
const World = z.object({ me: z.string(), zone: z.string() });
const { me, zone } = World.parse(JSON.parse(readFileSync(`${ROOT}demo/world.json`, 'utf8')));

export interface DemoServer {
  url: string;
  send: (mail: { to: string; from?: string; subject: string; text: string }) => Promise<void>;
  stop: () => Promise<void>;
}

const newFolder = () => mkdtempSync(path.join(tmpdir(), 'hatband-e2e-'));

/** A folder with the demo world, all its mail read. */
export async function layWorld(): Promise<string> {
  const folder = newFolder();
  const server = await startIn(folder, 'demo');
  await server.end();
  return folder;
}

/** The built server with the demo world in a folder of its own (or without it), all mail read. */
export async function startDemo(
  script: 'demo' | 'main' = 'demo',
  more: Record<string, string> = {},
): Promise<DemoServer> {
  const folder = newFolder();
  if (script === 'demo' && process.env.TEST_WORLD)
    cpSync(process.env.TEST_WORLD, folder, { recursive: true });
  const { end, ...server } = await startIn(folder, script, more);
  return {
    ...server,
    stop: async () => {
      await end();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

async function startIn(
  folder: string,
  script: 'demo' | 'main',
  more: Record<string, string> = {},
): Promise<Omit<DemoServer, 'stop'> & { end: () => Promise<void> }> {
  const env = {
    PATH: process.env.PATH,
    HATBAND_PORT: '0',
    HATBAND_SMTP_PORT: '0',
    HATBAND_DATA: folder,
    HATBAND_NOW: NOW,
    HATBAND_ME: me,
    HATBAND_ZONE: zone,
    ...more,
  };
  const child = spawn(process.execPath, [`${ROOT}dist/server/${script}.js`], {
    cwd: ROOT,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const line = await new Promise<string>((resolve, reject) => {
    child.stdout.once('data', (data: Buffer) => resolve(data.toString()));
    child.once('exit', () => reject(new Error('The server ended.')));
  });
  const [, url = '', smtpPort = ''] = /(http:\S+)\/ and receives mail at 127\.0\.0\.1:(\d+)/.exec(line) ?? [];
  await untilRead(url);
  return {
    url,
    send: async ({ from = me, ...mail }) => {
      const transport = createTransport({ host: '127.0.0.1', port: Number(smtpPort), ignoreTLS: true });
      await transport.sendMail({ from, date: new Date(NOW), ...mail });
      transport.close();
    },
    end: async () => {
      const exited = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      await exited;
    },
  };
}

async function untilRead(url: string): Promise<void> {
  const Depth = z.object({ queueDepth: z.number() });
  for (;;) {
    const answer = await fetch(`${url}/api/health`);
    // Behind a passphrase nothing is told.
    if (answer.status === 401) return;
    if (Depth.parse(await answer.json()).queueDepth === 0) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

/** What a page may say: that it was refused something, and that a server that stops breaks off. */
const EXPECTED = /the server responded with a status of 4|ERR_INCOMPLETE_CHUNKED|ERR_CONNECTION_/;

/** Faults that the page tells the console fail its test. */
function watchConsole(page: Page): string[] {
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' && !EXPECTED.test(message.text())) faults.push(message.text());
  });
  return faults;
}

/** One server for all tests of a worker. */
async function shared(use: (server: DemoServer) => Promise<void>): Promise<void> {
  const server = await startDemo();
  await use(server);
  await server.stop();
}

interface SharedServers {
  /** For tests that change nothing on it. */
  lookedAt: DemoServer;
  /** For tests that change only what no other test looks at. */
  workedIn: DemoServer;
}

export const test = base.extend<{ demo: DemoServer }, SharedServers>({
  // Its own server: for tests that count, or change what others look at.
  demo: async ({ page: _ }, use) => {
    const demo = await startDemo();
    await use(demo);
    await demo.stop();
  },
  lookedAt: [async ({ browserName: _ }, use) => shared(use), { scope: 'worker' }],
  workedIn: [async ({ browserName: _ }, use) => shared(use), { scope: 'worker' }],
  page: async ({ page }, use) => {
    const faults = watchConsole(page);
    await use(page);
    test.expect(faults).toEqual([]);
  },
});

export const { expect } = test;
