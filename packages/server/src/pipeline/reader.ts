import { Worker } from 'node:worker_threads';
import { Failure } from '../errors.ts';
import { ReaderAnswer, type ReaderJob } from './readerJob.ts';

export interface Reader {
  /** The reading as deflated JSON. Rejects with a transient Failure where the thread died or took too long. */
  read: (job: ReaderJob) => Promise<Uint8Array>;
  close: () => Promise<void>;
}

/**
 * Reads mail in a thread of its own, one message at a time, under a watchdog: a message that takes longer than
 * `timeoutMs` or kills the thread costs that thread, never the process; the next job gets a new one.
 */
export function startReader(script: URL, timeoutMs: number): Reader {
  const spawn = () => {
    const thread = new Worker(script, { resourceLimits: { maxOldGenerationSizeMb: 1024 } });
    thread.on('exit', () => {
      if (worker === thread) worker = null;
    });
    return thread;
  };
  let worker: Worker | null = spawn();
  return {
    read: async (job) => {
      const thread = (worker ??= spawn());
      const answer = await ask(thread, job, timeoutMs);
      if (!answer.ok) throw new Failure('defect', answer.error);
      return answer.body;
    },
    close: async () => {
      await worker?.terminate();
    },
  };
}

function ask(thread: Worker, job: ReaderJob, timeoutMs: number): Promise<ReaderAnswer> {
  return new Promise((resolve, reject) => {
    const settle = (finish: () => void) => {
      clearTimeout(watchdog);
      thread.off('message', onMessage).off('error', onDeath).off('exit', onDeath);
      finish();
    };
    const onMessage = (message: unknown) => {
      settle(() => {
        resolve(ReaderAnswer.parse(message));
      });
    };
    const onDeath = () => {
      settle(() => {
        reject(new Failure('transient', 'the message brought its reader down'));
      });
    };
    const watchdog = setTimeout(() => {
      settle(() => {
        reject(new Failure('transient', 'reading the message took too long'));
      });
      void thread.terminate();
    }, timeoutMs);
    thread.on('message', onMessage).on('error', onDeath).on('exit', onDeath);
    thread.postMessage(job);
  });
}
