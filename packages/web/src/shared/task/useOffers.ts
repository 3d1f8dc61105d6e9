import type { TaskCandidate } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { taskCandidates } from '../../api/queries.ts';

/** What the mail of a task offers for its fields, and which of it is pointed at. */
export function useOffers(taskId: number | null) {
  const { data } = useQuery({ ...taskCandidates(taskId ?? 0), enabled: taskId !== null });
  const [pointed, onPoint] = useState<TaskCandidate | null>(null);
  return { candidates: data?.items ?? [], pointed, onPoint };
}
