import * as contract from '@hatband/contract';
import { READER_VERSION } from '@hatband/core/reading';
import express, { type ErrorRequestHandler, type Express } from 'express';
import path from 'node:path';
import { missing } from '../errors.ts';
import * as addresses from '../intake/addresses.ts';
import * as arrivals from '../intake/arrivals.ts';
import { rawBytes } from '../intake/deposit.ts';
import * as ruleFiles from '../rules/ruleFiles.ts';
import * as rules from '../rules/rules.ts';
import * as comments from '../tasks/comments.ts';
import * as tasks from '../tasks/tasks.ts';
import { answer, parseInput, problemOf, sendProblem } from './answer.ts';
import { streamEvents } from './eventStream.ts';
import { sameSite, securityHeaders } from './guard.ts';
import { readHealth } from './health.ts';
import { answerNamed } from './namedDoors.ts';
import type { AppOptions } from './options.ts';

/** The HTTP side: the contract's endpoints, the events and the page. */
export function makeApp(options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(sameSite, securityHeaders, express.json({ limit: '1mb' }));
  answerIntake(app, options);
  answerTasks(app, options);
  answerRules(app, options);
  answerNamed(app, options);
  app.get(contract.eventsPath, (request, response) => {
    streamEvents(options.events, request, response);
  });
  app.use('/api', () => {
    throw missing('address in this interface');
  });
  app.use(express.static(options.webFolder, { index: false, maxAge: '1h' }));
  app.get('/{*page}', (_, response) => {
    response.sendFile(path.join(options.webFolder, 'index.html'), { maxAge: 0 });
  });
  const onError: ErrorRequestHandler = (error: unknown, _request, response, next) => {
    if (response.headersSent) next(error);
    else sendProblem(response, problemOf(error, options.log));
  };
  app.use(onError);
  return app;
}

function answerIntake(app: Express, options: AppOptions): void {
  const { store, directory, events, clock, domain, user, smtpPort } = options;
  const applying = async () => ({ rules: await options.liveRules(), domain, clock });
  answer(app, contract.getHealth, () =>
    readHealth(store, { clock, zone: user.zone, smtpPort: smtpPort(), readerVersion: READER_VERSION }),
  );
  answer(app, contract.listAddresses, async () => ({ items: await addresses.listAddresses(store, domain) }));
  answer(app, contract.renewAddress, async ({ params }) => {
    const renewed = await addresses.renewAddress(store, params.id, clock);
    await directory.load();
    events.notify();
    const found = (await addresses.listAddresses(store, domain)).find(({ id }) => id === renewed);
    if (!found) throw missing('address');
    return found;
  });
  answer(app, contract.listArrivals, ({ query }) => arrivals.listArrivals(store, query));
  answer(app, contract.countArrivals, () => arrivals.countArrivals(store));
  answer(app, contract.getArrival, ({ params }) => arrivals.getArrival(store, domain, params.id));
  answer(app, contract.listSamples, async ({ query }) =>
    arrivals.listSamples(store, query.limit, await applying()),
  );
  answer(app, contract.traceArrival, async ({ params }) =>
    arrivals.traceArrival(store, params.id, await applying()),
  );
  answer(app, contract.releaseArrival, async ({ params, body }) => {
    const released = await arrivals.releaseArrival(store, params.id, body.ruleId, await applying());
    await directory.load();
    events.notify();
    return released;
  });
  app.get(contract.rawPath, async (request, response) => {
    const { id } = parseInput(contract.RowId, request.params);
    const row = await store.read('arrivals').where({ id }).first();
    if (!row) throw missing('arrival');
    response
      .attachment(`message-${String(id)}.eml`)
      .type('message/rfc822')
      .send(await rawBytes(store, row.message_id));
  });
}

function answerTasks(app: Express, { store, events, clock }: AppOptions): void {
  answer(app, contract.listTasks, ({ query }) => tasks.listTasks(store, query));
  answer(app, contract.getTask, ({ params }) => tasks.getTask(store, params.id));
  answer(app, contract.changeTask, async ({ params, body, revision }) => {
    await tasks.changeTask(store, { id: params.id, revision }, body, clock);
    events.notify();
    return tasks.getTask(store, params.id);
  });
  answer(app, contract.listComments, ({ params }) => comments.listComments(store, params.id));
  answer(app, contract.addComment, async ({ params, body }) => {
    await comments.addComment(store, params.id, body.text, clock);
    events.notify();
    return comments.listComments(store, params.id);
  });
}

function answerRules(app: Express, { store, events, clock, user }: AppOptions): void {
  const one = async (id: string) => {
    const [rule] = await rules.listRules(store, clock, id);
    if (!rule) throw missing('rule');
    return rule;
  };
  const changed = async (id: string, work: Promise<void>) => {
    await work;
    events.notify();
    return one(id);
  };
  answer(app, contract.listRules, async () => ({ items: await rules.listRules(store, clock) }));
  answer(app, contract.listRuleNames, async () => ({ items: await rules.listRuleNames(store, clock) }));
  answer(app, contract.listVersions, async ({ params }) => ({
    items: await rules.listVersions(store, params.id),
  }));
  app.get(contract.exportPath, async (request, response) => {
    const { ids } = parseInput(contract.ExportQuery, request.query);
    response
      .attachment('hatband-rules.json')
      .type('application/json')
      .send(await ruleFiles.exportRules(store, user, ids));
  });
  answer(app, contract.importRules, async ({ body }) => {
    const result = await ruleFiles.importRules(store, body.json, clock);
    events.notify();
    return result;
  });
  answer(app, contract.addRule, async ({ body }) => {
    const id = await rules.addRule(store, body.definition, clock);
    events.notify();
    return one(id);
  });
  answer(app, contract.orderRules, async ({ body }) => {
    await rules.orderRules(store, body.ids);
    events.notify();
    return { items: await rules.listRules(store, clock) };
  });
  answer(app, contract.saveDraft, ({ params: { id }, body, revision }) =>
    changed(id, rules.saveDraft(store, { id, revision }, body.definition)),
  );
  answer(app, contract.dropDraft, ({ params: { id }, revision }) =>
    changed(id, rules.dropDraft(store, { id, revision })),
  );
  answer(app, contract.goLive, ({ params: { id }, revision }) =>
    changed(id, rules.goLive(store, user, { id, revision }, clock)),
  );
  answer(app, contract.pauseRule, ({ params: { id }, revision }) =>
    changed(id, rules.setPaused(store, { id, revision }, true)),
  );
  answer(app, contract.resumeRule, ({ params: { id }, revision }) =>
    changed(id, rules.setPaused(store, { id, revision }, false)),
  );
  answer(app, contract.deleteRule, ({ params: { id }, revision }) =>
    changed(id, rules.deleteRule(store, { id, revision }, clock)),
  );
}
