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
