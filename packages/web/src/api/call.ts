import { Problem, type Endpoint } from '@hatband/contract';
import { z } from 'zod';

/** What the server refused, in its words. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

interface Asked<P, Q, B> {
  params?: P;
  query?: Q;
  body?: B;
  revision?: number;
}

/** Calls an endpoint of the contract. Throws ProblemError, or an Error in words where the server does not answer. */
export async function call<
  P extends z.ZodType,
  Q extends z.ZodType,
  B extends z.ZodType,
  A extends z.ZodType,
>(
  endpoint: Endpoint<P, Q, B, A>,
  { params, query, body, revision }: Asked<z.input<P>, z.input<Q>, z.input<B>> = {},
): Promise<z.infer<A>> {
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(String(values(params)[name])),
  );
  const search = new URLSearchParams(
    Object.entries(values(query)).flatMap(([name, value]) =>
      value === undefined ? [] : [[name, String(value)]],
    ),
  ).toString();
  const response = await fetch(search === '' ? path : `${path}?${search}`, {
    method: endpoint.method.toUpperCase(),
    headers: {
      ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(revision === undefined ? {} : { 'If-Match': `"${String(revision)}"` }),
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new Error('Hatband does not answer. Is it still running?');
  });
  const answer: unknown = await response.json();
  if (!response.ok) throw new ProblemError(Problem.parse(answer));
  return endpoint.answer.parse(answer);
}

const Values = z.record(z.string(), z.union([z.string(), z.number()]).optional());

/** What goes into a path or behind its question mark. */
const values = (given: unknown) => Values.parse(given ?? {});
