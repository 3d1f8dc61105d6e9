import { read } from '@hatband/core/reading';
import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { deflateJson } from '../src/store/index.ts';

const LETTER = 'From: orla@northcape.example\r\nSubject: bystander\r\n\r\nPlease answer by Friday.\r\n';

/**
 * A reading script that dies of one kind of message, as a fault in a library would let it; it may be slow to start. Of all
 * others it answers one reading, made beforehand: what is tested is who watches over it.
 */
export async function fragileReader(folder: string, death: string, startMs = 0): Promise<URL> {
  const options = { me: [], zone: 'Europe/London', dateOrder: 'DMY' } as const;
  const reading = await read(new TextEncoder().encode(LETTER), options, '2026-11-24T14:10:00Z');
  const script = path.join(folder, 'reader.mjs');
  await writeFile(
    script,
    `import { parentPort } from 'node:worker_threads';
     const port = parentPort ?? process;
     const say = (words) => (parentPort ? parentPort.postMessage(words) : process.send(words));
     const body = Uint8Array.from(Buffer.from('${Buffer.from(deflateJson(reading)).toString('base64')}', 'base64'));
     port.on('message', (job) => {
       const text = Buffer.from(job.bytes).toString();
       if (text.includes('killer')) ${death};
       if (text.includes('sleeper')) for (;;);
       say({ ok: true, body });
     });
     if (!parentPort) process.on('disconnect', () => process.exit());
     await new Promise((resolve) => setTimeout(resolve, ${startMs}));
     say('ready');`,
  );
  return pathToFileURL(script);
}
