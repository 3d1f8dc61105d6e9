import * as contract from '@hatband/contract';
import { queryOptions } from '@tanstack/react-query';
import type { z } from 'zod';
import { call } from '../api/call.ts';

/** Apart from the other queries: what they answer brings all kinds of conditions and readings with it. */
export const rules = queryOptions({ queryKey: ['rules', 'all'], queryFn: () => call(contract.listRules) });

export type Samples = z.infer<(typeof contract.listSamples)['answer']>;

export const samples = queryOptions({
  queryKey: ['samples'],
  queryFn: () => call(contract.listSamples, { query: { limit: 200 } }),
});

export const versions = (id: string) =>
  queryOptions({
    queryKey: ['rules', 'versions', id],
    queryFn: () => call(contract.listVersions, { params: { id } }),
  });
