import { build } from 'esbuild';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { read } from '@hatband/core/reading';

const OPTIONS = { me: ['ines.tavare@saltmarsh.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const ARRIVED = '2026-11-24T14:00:00Z';
const ROOT = path.join(import.meta.dirname, '..');

/** A worker's script that reads what it is sent. */
async function workerScript(): Promise<string> {
  const { outputFiles } = await build({
    stdin: {
      contents: `import { read } from '@hatband/core/reading';
        onmessage = async ({ data }) => postMessage(JSON.stringify(await read(data, ${JSON.stringify(OPTIONS)}, '${ARRIVED}')));`,
      resolveDir: path.join(ROOT, 'packages/web'),
    },
    bundle: true,
    write: false,
    format: 'iife',
    platform: 'browser',
    alias: { buffer: 'buffer/', string_decoder: 'string_decoder/' },
  });
  return outputFiles[0]?.text ?? '';
}

test('a worker in the browser reads the demo mails, and a rare character set, as the server does', async ({
  page,
}) => {
  const files = readdirSync(path.join(ROOT, 'demo/mail'), { recursive: true, encoding: 'utf8' }).filter((f) =>
    f.endsWith('.eml'),
  );
  const rare =
    'Content-Type: text/plain; charset=cp850\r\n\r\nBitte die Pr\x81fung bis Freitag schicken.\r\n';
  const mails = [
    ...files.map((file) => readFileSync(path.join(ROOT, 'demo/mail', file))),
    Buffer.from(rare, 'latin1'),
  ];
  const there = await page.evaluate(
    async ({ script, mails }) => {
      const worker = new Worker(URL.createObjectURL(new Blob([script])));
      const answers: string[] = [];
      for (const mail of mails) {
        const answer = new Promise<string>((resolve) => {
          worker.onmessage = ({ data }: MessageEvent<string>) => {
            resolve(data);
          };
        });
        worker.postMessage(Uint8Array.from(atob(mail), (c) => c.charCodeAt(0)));
        answers.push(await answer);
      }
      return answers;
    },
    { script: await workerScript(), mails: mails.map((mail) => mail.toString('base64')) },
  );
  expect(there).toHaveLength(125);
  for (const [i, mail] of mails.entries())
    expect(there[i], files[i]).toBe(JSON.stringify(await read(mail, OPTIONS, ARRIVED)));
});
