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

/** A busy machine may take long to load the script; that is no part of a message’s time. */
const START_TIMEOUT_MS = 120_000;

/** What takes longer than this goes on apart, and other mail passes it. */
const QUICK_MS = 3000;

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
      const lane = suspect ? useProcess() : useThread();
      await inTime(lane, lane.ready, START_TIMEOUT_MS, 'the reader could not be started');
      const ms = suspect ? timeoutMs : Math.min(timeoutMs, QUICK_MS);
      const reading = inTime(lane, lane.ask(job), ms, 'reading the message took too long');
      const answer = ReaderAnswer.parse(await reading);
      if (!answer.ok) throw new Failure('defect', answer.error);
      return answer.body;
    },
    close: () => {
      thread?.kill();
      process?.kill();
    },
  };
}

/** What the lane promised, unless it is late: then the lane is ended, and a transient Failure says why. */
async function inTime(lane: Lane, promised: Promise<unknown>, ms: number, late: string): Promise<unknown> {
  const abort = new AbortController();
  const watchdog = setTimeout(() => {
    abort.abort();
    lane.kill();
  }, ms);
  try {
    return await promised;
  } catch (error) {
    throw abort.signal.aborted ? new Failure('transient', late) : error;
  } finally {
    clearTimeout(watchdog);
  }
}
