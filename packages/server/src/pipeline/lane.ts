import { fork } from 'node:child_process';
import { Worker } from 'node:worker_threads';
import { Failure } from '../errors.ts';
import type { ReaderJob } from './readerJob.ts';

/** What reading may hold: enough for any letter, and too little to take a small machine's memory. */
const HEAP_MB = 256;

/** Where the reading script runs, apart from the server's own thread; one job at a time. */
export interface Lane {
  /** The script has loaded what it needs. Rejects as `ask` does. */
  ready: Promise<unknown>;
  /** The script's answer. Rejects with a transient Failure where the lane died instead. */
  ask: (job: ReaderJob) => Promise<unknown>;
  kill: () => void;
}

/** A thread: quick, but a fault in native code would take the process with it. */
export function threadLane(script: URL, onDeath: () => void): Lane {
  const thread = new Worker(script, { resourceLimits: { maxOldGenerationSizeMb: HEAP_MB } });
  const pending = pendingJob(onDeath);
  // A death by error is told by 'exit' too.
  thread
    .on('error', () => undefined)
    .on('message', pending.answer)
    .on('exit', pending.die);
  return {
    ready: pending.ready,
    ask: (job) =>
      pending.begin(() => {
        thread.postMessage(job);
      }),
    kill: () => void thread.terminate(),
  };
}

/** A process of its own, for a message whose reading did not come to an end before. */
export function processLane(script: URL, onDeath: () => void): Lane {
  const execArgv = [`--max-old-space-size=${HEAP_MB}`];
  const child = fork(script, { serialization: 'advanced', execArgv, stdio: 'ignore' });
  const pending = pendingJob(onDeath);
  child
    .on('error', () => undefined)
    .on('message', pending.answer)
    .on('exit', pending.die);
  return {
    ready: pending.ready,
    ask: (job) => pending.begin(() => child.send(job)),
    kill: () => child.kill('SIGKILL'),
  };
}

/** The script's first message says that it is ready; each further one answers a job. */
function pendingJob(onDeath: () => void) {
  let settle: { resolve: (answer: unknown) => void; reject: (error: Failure) => void } | null = null;
  const begin = (send?: () => void) =>
    new Promise<unknown>((resolve, reject) => {
      settle = { resolve, reject };
      send?.();
    });
  const ready = begin();
  // Where nobody waits yet, the next job gets a lane of its own.
  ready.catch(() => undefined);
  return {
    ready,
    begin,
    answer: (message: unknown) => settle?.resolve(message),
    die: () => {
      onDeath();
      settle?.reject(new Failure('transient', 'the message brought its reader down'));
    },
  };
}
