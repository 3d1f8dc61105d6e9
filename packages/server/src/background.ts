import type { Logger } from 'pino';
import { traceOf } from './errors.ts';

/** Begins work that nobody waits for; what goes wrong in it is reported, and ends nothing else. */
export type Background = (what: string, work: () => Promise<unknown>) => void;

export const makeBackground =
  (log: Logger): Background =>
  (what, work) => {
    Promise.resolve()
      .then(work)
      .catch((error: unknown) => {
        log.error({ error: traceOf(error) }, `${what} did not come to its end`);
      });
  };
