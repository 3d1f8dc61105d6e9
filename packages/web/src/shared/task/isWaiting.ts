import type { Task } from '@hatband/contract';

/** Whether it still waits on that day. */
export const isWaiting = ({ waiting }: Pick<Task, 'waiting'>, today: string): boolean =>
  waiting !== null && (waiting.until === null || waiting.until.slice(0, 10) > today);
