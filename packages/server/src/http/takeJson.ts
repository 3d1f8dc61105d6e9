import { importRules } from '@hatband/contract';
import express, { type Express } from 'express';
import { Failure } from '../errors.ts';
import type { ByteBudget } from '../intake/byteBudget.ts';

const MB = 1024 * 1024;
const LIMIT = MB;
/** A file of rules, as it stands in JSON. */
const LARGE_LIMIT = 24 * MB;

/** Bodies of JSON, for whoever has a session; together they hold no more than the budget allows. */
export function takeJson(app: Express, budget: ByteBudget): void {
  app.use('/api', (request, response, next) => {
    const limit = request.originalUrl === importRules.path ? LARGE_LIMIT : LIMIT;
    const unsaid = request.headers['transfer-encoding'] === undefined ? 0 : limit;
    const size = Math.min(Number(request.headers['content-length'] ?? unsaid), limit);
    if (!budget.take(size)) throw new Failure('transient', 'Too much at one time; try again in a minute.');
    response.once('close', () => {
      budget.give(size);
    });
    next();
  });
  // What the first has read the second leaves alone.
  app.use(importRules.path, express.json({ limit: LARGE_LIMIT }));
  app.use('/api', express.json({ limit: LIMIT }));
}
