import * as contract from '@hatband/contract';
import type { OutcomeKind } from '@hatband/contract';
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { call } from './call.ts';

/** The first word of each key is what live.ts invalidates. */
export const health = queryOptions({
  queryKey: ['health'],
  queryFn: () => call(contract.getHealth),
  refetchInterval: 30_000,
});

export const arrivals = (outcome: OutcomeKind | undefined) =>
  infiniteQueryOptions({
    queryKey: ['arrivals', 'list', outcome ?? 'all'],
    queryFn: ({ pageParam }) =>
      call(contract.listArrivals, { query: { limit: 60, cursor: pageParam, outcome } }),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
  });

export const arrivalCounts = queryOptions({
  queryKey: ['arrivals', 'counts'],
  queryFn: () => call(contract.countArrivals),
});

export const arrivalSheet = (id: number) =>
  queryOptions({
    queryKey: ['arrivals', 'sheet', id],
    queryFn: () => call(contract.getArrival, { params: { id } }),
  });

export const samples = queryOptions({
  queryKey: ['samples'],
  queryFn: () => call(contract.listSamples, { query: { limit: 200 } }),
});

export const tasks = (state: 'open' | 'done') =>
  infiniteQueryOptions({
    queryKey: ['tasks', 'list', state],
    queryFn: ({ pageParam }) =>
      call(contract.listTasks, {
        query: { limit: 100, cursor: pageParam, state, order: state === 'open' ? 'due' : 'newest' },
      }),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
  });

export const rules = queryOptions({ queryKey: ['rules'], queryFn: () => call(contract.listRules) });
export const addresses = queryOptions({
  queryKey: ['addresses'],
  queryFn: () => call(contract.listAddresses),
});
export const projects = queryOptions({ queryKey: ['projects'], queryFn: () => call(contract.listProjects) });
