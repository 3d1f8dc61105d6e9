import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { DIST } from './testServer.ts';

/** A reading script that dies of one kind of message, as a fault in a library would let it; it may be slow to start. */
export async function fragileReader(folder: string, death: string, startMs = 0): Promise<URL> {
  const script = path.join(folder, 'fragile.mjs');
  await writeFile(
    script,
    `import { parentPort } from 'node:worker_threads';
     await new Promise((resolve) => setTimeout(resolve, ${startMs}));
     await import(${JSON.stringify(new URL('server/reader.js', DIST).href)});
     (parentPort ?? process).on('message', (job) => {
       const text = Buffer.from(job.bytes).toString();
       if (text.includes('killer')) ${death};
       if (text.includes('sleeper')) for (;;);
     });`,
  );
  return pathToFileURL(script);
}
