import { useMutation, useQueryClient } from '@tanstack/react-query';

/** Does something on the server and makes what it changes stale, by the first words of the queries' keys. */
export function useAct(keys: readonly string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSuccess: () => Promise.all(keys.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export type Act = ReturnType<typeof useAct>;
