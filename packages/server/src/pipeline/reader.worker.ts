import { read } from '@hatband/core/reading';
import { parentPort } from 'node:worker_threads';
import { messageOf } from '../errors.ts';
import { deflateJson } from '../store/index.ts';
import type { ReaderAnswer, ReaderJob } from './readerJob.ts';

async function answer(job: ReaderJob): Promise<ReaderAnswer> {
  try {
    const reading = await read(job.bytes, job.options, job.arrivedAt);
    return { ok: true, body: new Uint8Array(deflateJson(reading)) };
  } catch (error) {
    return { ok: false, error: messageOf(error) };
  }
}

/** The first reading compiles the date grammar; better before a message's time runs. */
const WARM_UP = new TextEncoder().encode('Subject: x\n\nPlease send it by Friday, 3 December 2027 at 10:00.');
await read(WARM_UP, { me: [], zone: 'UTC', dateOrder: 'DMY' }, '2027-01-01T00:00:00Z');

// The script runs as a thread, or as a process of its own; its first message says that it is ready.
if (parentPort) {
  const port = parentPort;
  port.on(
    'message',
    (job: ReaderJob) =>
      void answer(job).then((result) => {
        port.postMessage(result);
      }),
  );
  port.postMessage('ready');
} else {
  process.on('message', (job: ReaderJob) => void answer(job).then((result) => process.send?.(result)));
  process.on('disconnect', () => process.exit());
  process.send?.('ready');
}
