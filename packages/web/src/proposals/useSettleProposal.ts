import { settleProposal } from '@hatband/contract';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';

interface Settled {
  id: number;
  accept: boolean;
}

/** Makes the change that a message asks for, or leaves the task as it is. */
export function useSettleProposal() {
  const refresh = useRefresh();
  const [gone, setGone] = useState<ReadonlySet<number>>(new Set());
  const settle = useMutation({
    mutationFn: ({ id, accept }: Settled) => call(settleProposal, { params: { id }, body: { accept } }),
    onMutate: ({ id }) => {
      setGone((before) => new Set([...before, id]));
    },
    onError: (_, { id }) => {
      setGone((before) => new Set([...before].filter((each) => each !== id)));
    },
    onSettled: () => refresh('task', 'arrival', 'act'),
  });
  return {
    error: settle.error,
    /** Settled here, though the server's list may have it still: the next key means the next one. */
    isGone: ({ id }: { id: number }) => gone.has(id),
    settle: (id: number, accept: boolean) => {
      settle.mutate({ id, accept });
    },
  };
}
