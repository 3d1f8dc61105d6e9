import type { ChangeEvent } from '@hatband/contract';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { STALE } from './stale.ts';
import { listen } from './liveStream.ts';

/** Keeps all queries true by the server's events. Answers whether the server is listening. */
export function useLive(): boolean {
  const client = useQueryClient();
  const [listening, setListening] = useState(true);
  useEffect(() => {
    let lost = false;
    return listen((news) => {
      setListening(news.kind !== 'lost');
      if (news.kind === 'changes') refresh(client, news.changes);
      // What came meanwhile is not known.
      if (news.kind === 'listening' && lost) void client.invalidateQueries();
      lost = news.kind === 'lost';
    });
  }, [client]);
  return listening;
}

function refresh(client: QueryClient, changes: readonly ChangeEvent[]): void {
  if (changes.some((change) => change.kind === 'everything')) {
    void client.invalidateQueries();
    return;
  }
  const stale = new Set(
    changes.flatMap((change) => (change.kind === 'everything' ? [] : STALE[change.kind])),
  );
  for (const key of stale) invalidate(client, [key]);
}

/** A first fetch that is under way may have been answered before the change; it is asked once more. */
function invalidate(client: QueryClient, queryKey: readonly string[]): void {
  const begun = client
    .getQueryCache()
    .findAll({ queryKey, fetchStatus: 'fetching', predicate: ({ state }) => state.data === undefined });
  void client.invalidateQueries({ queryKey });
  for (const query of begun)
    void query.promise?.then(
      () => client.invalidateQueries({ queryKey: query.queryKey, exact: true }),
      () => undefined,
    );
}
