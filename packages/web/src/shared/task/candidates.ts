import type { TaskCandidate, TaskChange } from '@hatband/contract';
import { createContext } from 'react';

/** The task whose values are written, and what its mail offers for them; null where nothing is offered. */
export interface Offers {
  taskId: number;
  candidates: readonly TaskCandidate[];
  take: (change: TaskChange) => void;
  /** Shows in the mail where one stands. */
  onPoint?: (candidate: TaskCandidate | null) => void;
}

export const OffersContext = createContext<Offers | null>(null);
