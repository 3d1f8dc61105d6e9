import type { ChangeEvent } from '@hatband/contract';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { RAIL_COUNTS, STALE } from './stale.ts';
import { listen } from './liveStream.ts';

/** Keeps all queries true by the server's events. Answers whether the server is listening. */
export function useLive(): boolean {
  const client = useQueryClient();
  const [listening, setListening] = useState(true);
  useEffect(() => {
    let lost = false;
    const soon = makeSoon(client);
    const stop = listen((news) => {
      setListening(news.kind !== 'lost');
      if (news.kind === 'changes') refresh(client, news.changes, soon.invalidate);
      // What came meanwhile is not known.
      if (news.kind === 'listening' && lost) void client.invalidateQueries();
      lost = news.kind === 'lost';
    });
    return () => {
      soon.stop();
      stop();
    };
  }, [client]);
  return listening;
}

function refresh(
  client: QueryClient,
  changes: readonly ChangeEvent[],
  invalidateSoon: (key: string) => void,
): void {
  if (changes.some((change) => change.kind === 'everything')) {
    void client.invalidateQueries();
    return;
  }
  const stale = new Set(
    changes.flatMap((change) => (change.kind === 'everything' ? [] : STALE[change.kind])),
  );
  for (const key of stale) {
    if (key === RAIL_COUNTS) invalidateSoon(key);
    else invalidate(client, [key]);
  }
}

const SOON_MS = 1000;

/** What looks through all tasks on every screen is asked once a second at most, however much mail comes in. */
function makeSoon(client: QueryClient) {
  let timer: ReturnType<typeof setTimeout> | null = null;
  return {
    invalidate: (key: string) => {
      timer ??= setTimeout(() => {
        timer = null;
        invalidate(client, [key]);
      }, SOON_MS);
    },
    stop: () => {
      if (timer) clearTimeout(timer);
    },
  };
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
