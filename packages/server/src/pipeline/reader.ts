import { Failure } from '../errors.ts';
import { processLane, threadLane, type Lane } from './lane.ts';
import { ReaderAnswer, type ReaderJob } from './readerJob.ts';

export interface Reader {
  /**
   * The reading as deflated JSON. Rejects with a transient Failure where the reader died or took too long.
   * `suspect`: an earlier attempt did not come to an end, so it is read where it can do no harm.
   */
  read: (job: ReaderJob, suspect: boolean) => Promise<Uint8Array>;
  close: () => void;
}

/**
 * Reads mail apart from the server's own thread, one message at a time, under a watchdog. A reader that died, or was
 * ended after `timeoutMs`, is replaced with the next job.
 */
export function startReader(script: URL, timeoutMs: number): Reader {
  let thread: Lane | null = null;
  let process: Lane | null = null;
  const useThread = () =>
    (thread ??= threadLane(script, () => {
      thread = null;
    }));
  const useProcess = () =>
    (process ??= processLane(script, () => {
      process = null;
    }));
  // It takes half a second to be ready; better now than with the first mail.
  useThread();
  return {
    read: async (job, suspect) => {
      const answer = await askInTime(suspect ? useProcess() : useThread(), job, timeoutMs);
      if (!answer.ok) throw new Failure('defect', answer.error);
      return answer.body;
    },
    close: () => {
      thread?.kill();
      process?.kill();
    },
  };
}

async function askInTime(lane: Lane, job: ReaderJob, timeoutMs: number): Promise<ReaderAnswer> {
  const late = new AbortController();
  const watchdog = setTimeout(() => {
    late.abort();
    lane.kill();
  }, timeoutMs);
  try {
    return ReaderAnswer.parse(await lane.ask(job));
  } catch (error) {
    throw late.signal.aborted ? new Failure('transient', 'reading the message took too long') : error;
  } finally {
    clearTimeout(watchdog);
  }
}
