import * as contract from '@hatband/contract';
import { READER_VERSION } from '@hatband/core/reading';
import type { Express } from 'express';
import { countArrivals, listArrivals } from '../ledger/arrivals.ts';
import { readAttention } from '../ledger/attention.ts';
import { workMany } from '../ledger/workMany.ts';
import { possibleOutcomes } from '../ledger/possible.ts';
import { listSamples, traceArrival } from '../ledger/proof.ts';
import * as settle from '../ledger/settle.ts';
import { getArrival } from '../ledger/sheet.ts';
import { listWriters } from '../people/writers.ts';
import { answer } from './answer.ts';
import { readHealth } from './health.ts';
import type { AppOptions } from './options.ts';

/** Arrivals: what became of them, why, and what a person settles. */
export function answerLedger(app: Express, options: AppOptions): void {
  const { store, clock, domain, smtp } = options;
  const applying = async () => ({ rules: await options.liveRules(), domain, clock });
  answer(app, contract.getHealth, async () => {
    const { host, port } = smtp();
    const { zone } = (await options.user()).settings;
    return readHealth(store, { clock, zone, smtpHost: host, smtpPort: port, readerVersion: READER_VERSION });
  });
  answer(app, contract.listWriters, async () => ({ items: await listWriters(store.read) }));
  answer(app, contract.listArrivals, ({ query }) => listArrivals(store, query));
  answer(app, contract.getAttention, () => readAttention(store.read));
  answer(app, contract.countArrivals, () => countArrivals(store));
  answer(app, contract.getArrival, ({ params }) => getArrival(store, domain, params.id));
  answer(app, contract.listSamples, async ({ query }) => listSamples(store, query.limit, await applying()));
  answer(app, contract.traceArrival, async ({ params }) => traceArrival(store, params.id, await applying()));
  answer(app, contract.listPossible, async ({ params }) =>
    possibleOutcomes(store, params.id, await applying()),
  );
  answerSettling(app, options);
}

function answerSettling(app: Express, options: AppOptions): void {
  const { store, clock, domain } = options;
  const applying = async () => ({ rules: await options.liveRules(), domain, clock });
  const settled = async <T>(work: Promise<T>): Promise<T> => {
    const result = await work;
    options.wake();
    return result;
  };
  answer(app, contract.releaseArrival, async ({ params, body }) =>
    settled(settle.releaseArrival(store, params.id, body.ruleId, await applying())),
  );
  answer(app, contract.startByHand, async ({ params, body }) =>
    settled(settle.startByHand(store, params.id, body.ruleId, await applying())),
  );
  answer(app, contract.letIn, ({ params, body }) =>
    settled(settle.letIn(store, params.id, body.sender, { clock })),
  );
  answer(app, contract.blockSender, ({ params }) => settled(settle.blockSender(store, params.id, { clock })));
  answer(app, contract.workMany, async ({ body }) =>
    settled(workMany(store, body.ids, body.work, await applying())),
  );
  answer(app, contract.settleAgain, async ({ params, body }) =>
    settled(settle.settleAgain(store, params.id, body.how, await applying())),
  );
}
