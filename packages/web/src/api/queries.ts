import * as contract from '@hatband/contract';
import type { OutcomeKind } from '@hatband/contract';
import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { z } from 'zod';
import { call } from './call.ts';

/** Results of an import that are shown at one time. */
const ITEMS = 200;

/** The first word of each key is what live.ts invalidates. */
export const health = queryOptions({
  queryKey: ['health'],
  queryFn: () => call(contract.getHealth),
  refetchInterval: 30_000,
});

/** Of an outcome, or of a person, the newest first. */
export const arrivals = (of: { outcome?: OutcomeKind; person?: string }) =>
  infiniteQueryOptions({
    queryKey: ['arrivals', 'list', of],
    queryFn: ({ pageParam }) =>
      call(contract.listArrivals, { query: { limit: 60, cursor: pageParam, ...of } }),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
  });

export const attention = queryOptions({
  queryKey: ['arrivals', 'attention'],
  queryFn: () => call(contract.getAttention),
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

export const writers = queryOptions({
  queryKey: ['arrivals', 'writers'],
  queryFn: () => call(contract.listWriters),
});

export const ruleNames = queryOptions({
  queryKey: ['rules', 'names'],
  queryFn: () => call(contract.listRuleNames),
});
export const addresses = queryOptions({
  queryKey: ['addresses'],
  queryFn: () => call(contract.listAddresses),
});
export const projects = queryOptions({ queryKey: ['projects'], queryFn: () => call(contract.listProjects) });

export const task = (id: number) =>
  queryOptions({
    queryKey: ['tasks', 'one', id],
    queryFn: () => call(contract.getTask, { params: { id } }),
  });
export const comments = (taskId: number) =>
  queryOptions({
    queryKey: ['tasks', 'comments', taskId],
    queryFn: () => call(contract.listComments, { params: { id: taskId } }),
  });

/** People, lookup tables, task templates or tags. */
export const register = <S extends z.ZodType<{ name: string }>, W extends z.ZodType<z.infer<S>>>(
  of: contract.Register<S, W>,
) => queryOptions({ queryKey: ['named', of.kind], queryFn: () => call(of.list) });

export const mailboxes = queryOptions({
  queryKey: ['mailboxes'],
  queryFn: () => call(contract.listMailboxes),
});
export const settings = queryOptions({
  queryKey: ['settings'],
  queryFn: () => call(contract.getSettings),
});
export const holidayPlaces = queryOptions({
  queryKey: ['holiday places'],
  queryFn: () => call(contract.listHolidayPlaces),
  staleTime: Infinity,
});

export const possible = (id: number) =>
  queryOptions({
    queryKey: ['arrivals', 'possible', id],
    queryFn: () => call(contract.listPossible, { params: { id } }),
  });
export const imports = queryOptions({
  queryKey: ['imports', 'list'],
  queryFn: () => call(contract.listImports),
});
export const importItems = (id: number) =>
  infiniteQueryOptions({
    queryKey: ['imports', 'items', id],
    queryFn: ({ pageParam }) =>
      call(contract.listImportItems, { params: { id }, query: { after: pageParam, limit: ITEMS } }),
    initialPageParam: 0,
    getNextPageParam: ({ items }) => (items.length < ITEMS ? undefined : items.at(-1)?.n),
  });

/** Of a task, of a message, or all. */
export const proposals = (of: { task?: number; arrival?: number }) =>
  queryOptions({
    queryKey: ['tasks', 'proposals', of],
    queryFn: () => call(contract.listProposals, { query: of }),
  });
export const taskHistory = (taskId: number) =>
  queryOptions({
    queryKey: ['tasks', 'history', taskId],
    queryFn: () => call(contract.taskHistory, { params: { id: taskId } }),
  });
export const taskCandidates = (taskId: number) =>
  queryOptions({
    queryKey: ['tasks', 'candidates', taskId],
    queryFn: () => call(contract.taskCandidates, { params: { id: taskId } }),
  });
export const typedDay = (words: string, task: number | null) =>
  queryOptions({
    queryKey: ['tasks', 'typed day', words, task],
    queryFn: () => call(contract.readDay, { query: { words, ...(task !== null && { task }) } }),
    staleTime: 60_000,
  });
export const taskThread = (taskId: number) =>
  queryOptions({
    queryKey: ['tasks', 'thread', taskId],
    queryFn: () => call(contract.taskThread, { params: { id: taskId } }),
  });
export const found = (query: contract.SearchQuery) =>
  queryOptions({
    queryKey: ['search', query],
    queryFn: () => call(contract.search, { query }),
    enabled: query.words !== '',
    placeholderData: keepPreviousData,
  });

export const practice = queryOptions({
  queryKey: ['practice', 'list'],
  queryFn: () => call(contract.listPractice),
});
export const practiceMessage = (id: number) =>
  queryOptions({
    queryKey: ['practice', 'one', id],
    queryFn: () => call(contract.getPractice, { params: { id } }),
  });

export const session = queryOptions({ queryKey: ['session'], queryFn: () => call(contract.getSession) });
