import { Context, Incoming, Outcome } from '@hatband/core/rules';
import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

export const Trace = Outcome.pick({ reason: true, trace: true, ruledOut: true });
export type Trace = z.infer<typeof Trace>;

/**
 * Why a message became what it became: `then`, as it was traced when it came (null where that is not kept), and `now`,
 * all rules as they are, each condition and reading of them.
 */
export const traceArrival = endpoint({
  method: 'get',
  path: '/api/arrivals/:id/trace',
  params: RowId,
  answer: z.object({ then: Trace.nullable(), now: Trace }),
});

/** Stored readings to prove a rule on, newest first; `total` counts all arrivals that have one. */
export const listSamples = endpoint({
  method: 'get',
  path: '/api/samples',
  query: z.object({ limit: z.coerce.number().int().min(1).max(500).default(200) }),
  answer: z.object({
    items: z.array(z.object({ id: z.number(), receivedAt: z.string(), incoming: Incoming })),
    total: z.number(),
    /** What rules are compiled for. */
    context: Context,
  }),
});
