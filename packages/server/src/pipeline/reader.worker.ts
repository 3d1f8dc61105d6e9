import { read } from '@hatband/core/reading';
import { parentPort } from 'node:worker_threads';
import { messageOf } from '../errors.ts';
import { deflateJson } from '../store/index.ts';
import type { ReaderAnswer, ReaderJob } from './readerJob.ts';

async function answer(job: ReaderJob): Promise<ReaderAnswer> {
  try {
    const reading = await read(job.bytes, job.options, job.arrivedAt);
    return { ok: true, id: job.id, body: new Uint8Array(deflateJson(reading)) };
  } catch (error) {
    return { ok: false, id: job.id, error: messageOf(error) };
  }
}

parentPort?.on('message', (job: ReaderJob) => {
  void answer(job).then((result) => parentPort?.postMessage(result));
});

/** The first reading compiles the date grammar, which takes half a second; better now than with the first mail. */
const WARM_UP = new TextEncoder().encode('Subject: x\n\nPlease send it by Friday, 3 December 2027 at 10:00.');
void read(WARM_UP, { me: [], zone: 'UTC', dateOrder: 'DMY' }, '2027-01-01T00:00:00Z');
