import type { Task, TaskCandidate } from '@hatband/contract';

/** What a grid knows in which gaps are settled. */
export interface Settling {
  isGap: (task: Task, field: string) => boolean;
  isSettled: (task: Task) => boolean;
  /** Hears which task the user is at. */
  onActive: (id: number) => void;
  /** What the mail of the task that the user is at holds for its fields. */
  offered: { taskId: number; candidates: readonly TaskCandidate[] } | null;
  /** Shows in the mail where a value stands. */
  onPoint: (candidate: TaskCandidate | null) => void;
}
