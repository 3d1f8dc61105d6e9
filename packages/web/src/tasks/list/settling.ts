import type { Task } from '@hatband/contract';

/** What a grid knows in which gaps are settled. */
export interface Settling {
  isGap: (task: Task, field: string) => boolean;
  isSettled: (task: Task) => boolean;
  /** Hears which task the user is at. */
  onActive: (id: number) => void;
}
