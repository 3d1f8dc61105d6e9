import { z } from 'zod';

/** One door of the HTTP interface. `revision` means that the request has to carry If-Match with the revision it saw. */
export interface Endpoint<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Answer extends z.ZodType = z.ZodType,
> {
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** As Express writes it, `/api/tasks/:id`. */
  path: string;
  params: Params;
  query: Query;
  body: Body;
  answer: Answer;
  revision: boolean;
}

const Empty = z.object({});

/** Fills in what an endpoint does not use. */
export function endpoint<
  Answer extends z.ZodType,
  Params extends z.ZodType = typeof Empty,
  Query extends z.ZodType = typeof Empty,
  Body extends z.ZodType = z.ZodOptional<z.ZodUnknown>,
>(definition: {
  method: Endpoint['method'];
  path: string;
  answer: Answer;
  params?: Params;
  query?: Query;
  body?: Body;
  revision?: boolean;
}): Endpoint<Params, Query, Body, Answer> {
  return {
    revision: false,
    params: Empty as z.ZodType as Params,
    query: Empty as z.ZodType as Query,
    body: z.unknown().optional() as z.ZodType as Body,
    ...definition,
  };
}

/** An error as RFC 9457 has it. `issues` name the fields of a request that were refused. */
export const Problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number(),
  detail: z.string(),
  issues: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof Problem>;
