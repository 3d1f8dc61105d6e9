import { useMutation } from '@tanstack/react-query';
import { useRefresh, type Changed } from '../api/stale.ts';

/** Does something on the server that changes things of these kinds, and shows them as they are then. */
export function useAct(...changed: Changed[]) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSuccess: () => refresh(...changed),
  });
}

export type Act = ReturnType<typeof useAct>;
