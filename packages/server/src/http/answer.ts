import type { Endpoint, Problem } from '@hatband/contract';
import { isTooDeep, issuesOf } from '@hatband/core/rules';
import type { Express, Request, Response } from 'express';
import type { Logger } from 'pino';
import { z } from 'zod';
import { Failure, messageOf, traceOf } from '../errors.ts';

const STATUS = {
  input: 400,
  stranger: 401,
  refused: 403,
  missing: 404,
  conflict: 409,
  stale: 412,
  'too large': 413,
  crowded: 429,
  transient: 503,
  defect: 500,
} as const;
const TITLES = {
  input: 'This was not understood',
  stranger: 'Not signed in',
  refused: 'Refused',
  missing: 'Not found',
  conflict: 'This is not possible now',
  stale: 'Changed meanwhile',
  'too large': 'Too large',
  crowded: 'Too much at one time',
  transient: 'Not now',
  defect: 'A fault in Hatband',
} as const;

export interface Call<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType> {
  params: z.infer<P>;
  query: z.infer<Q>;
  body: z.infer<B>;
  /** What If-Match carried; 0 where the endpoint wants none. */
  revision: number;
}

/** Puts an endpoint of the contract into the application; requests that do not fit its schemas never reach the handler. */
export function answer<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, A extends z.ZodType>(
  app: Express,
  endpoint: Endpoint<P, Q, B, A>,
  handle: (call: Call<P, Q, B>) => Promise<z.infer<A>>,
): void {
  app[endpoint.method](endpoint.path, async (request, response) => {
    const result = await handle({
      params: parseInput(endpoint.params, request.params),
      query: parseInput(endpoint.query, request.query),
      body: parseInput(endpoint.body, request.body),
      revision: endpoint.revision ? revisionOf(request) : 0,
    });
    response.json(result);
  });
}

/** A part of a request by its schema; what does not fit is refused with its places. */
export function parseInput<S extends z.ZodType>(schema: S, value: unknown): z.infer<S> {
  if (isTooDeep(value)) throw new Failure('input', 'This is nested too deep.');
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const issues = issuesOf(parsed.error).map(({ path, message }) => ({ path: path.join('.'), message }));
  throw new Failure('input', issues[0]?.message ?? 'The request does not fit.', issues);
}

function revisionOf(request: Request): number {
  const match = /^"?(\d+)"?$/.exec(request.get('If-Match') ?? '');
  if (!match)
    throw new Failure('input', 'This change needs the header If-Match with the revision that it saw.');
  return Number(match[1]);
}

/** Every error as problem+json (RFC 9457). Faults are logged, and tell nothing of themselves to the page. */
export function problemOf(error: unknown, log: Logger): Problem {
  const failure = asFailure(error);
  if (failure.kind === 'defect') log.error({ error: traceOf(error) }, 'a request failed');
  const { kind, message, issues } = failure;
  return {
    type: 'about:blank',
    title: TITLES[kind],
    status: STATUS[kind],
    detail: message,
    ...(issues.length > 0 ? { issues } : {}),
  };
}

function asFailure(error: unknown): Failure {
  if (error instanceof Failure) return error;
  const status = error instanceof Error && 'status' in error ? error.status : null;
  if (status === 413) return new Failure('too large', 'The request is larger than Hatband takes here.');
  if (typeof status === 'number' && status < 500) return new Failure('input', messageOf(error));
  return new Failure('defect', 'Something went wrong in Hatband; the log of the server tells more.');
}

export function sendProblem(response: Response, problem: Problem): void {
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}
