import * as contract from '@hatband/contract';
import express, { type ErrorRequestHandler, type Express } from 'express';
import path from 'node:path';
import { Failure, missing } from '../errors.ts';
import { addressOfTask } from '../intake/addresses.ts';
import * as ruleFiles from '../rules/ruleFiles.ts';
import { readRuleFileApart } from '../rules/readRuleFile.ts';
import * as rules from '../rules/rules.ts';
import * as comments from '../tasks/comments.ts';
import * as proposals from '../tasks/proposals.ts';
import * as tasks from '../tasks/tasks.ts';
import { answer, parseInput, problemOf, sendProblem } from './answer.ts';
import { answerDownloads } from './downloads.ts';
import { streamEvents } from './eventStream.ts';
import { answerImports, takeFiles } from './fileDoors.ts';
import { notStored, sameSite, securityHeaders } from './guard.ts';
import { takeJson } from './takeJson.ts';
import { answerAddresses, takeHandedIn } from './intakeDoors.ts';
import { answerLedger } from './ledgerDoors.ts';
import { answerMailboxes, answerPractice } from './mailboxDoors.ts';
import { guardBySession } from './sessionDoors.ts';
import { answerSettings } from './settingsDoors.ts';
import { answerNamed } from './namedDoors.ts';
import type { AppOptions } from './options.ts';

/** The HTTP side: the contract's endpoints, the events and the page. */
export function makeApp(options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', [...options.proxies]);
  app.use(sameSite(options.names), securityHeaders);
  app.use('/api', notStored);
  takeHandedIn(app, options);
  takeFiles(app, options);
  guardBySession(app, options.access, options.secrets);
  takeJson(app, options.budget);
  answerLedger(app, options);
  answerAddresses(app, options);
  answerMailboxes(app, options);
  answerPractice(app, options);
  answerSettings(app, options);
  answerImports(app, options);
  answerDownloads(app, options.store);
  answerTasks(app, options);
  answerRules(app, options);
  answerNamed(app, options);
  app.get(contract.eventsPath, (request, response) => {
    streamEvents(options, request, response);
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

function answerTasks(app: Express, { store, domain, clock }: AppOptions): void {
  answer(app, contract.listTasks, ({ query }) => tasks.listTasks(store, query));
  answer(app, contract.getTask, ({ params }) => tasks.getTask(store, params.id));
  answer(app, contract.changeTask, async ({ params, body, revision }) => {
    await tasks.changeTask(store, { id: params.id, revision }, body, clock);
    return tasks.getTask(store, params.id);
  });
  answer(app, contract.listProposals, ({ params }) => proposals.listProposals(store, params.id));
  answer(app, contract.settleProposal, async ({ params, body }) => {
    const taskId = await proposals.settleProposal(store, params.id, body.accept, clock);
    return tasks.getTask(store, taskId);
  });
  answer(app, contract.taskAddress, async ({ params }) => {
    const address = await addressOfTask(store, params.id, domain, clock);
    return { address };
  });
  answer(app, contract.listComments, ({ params }) => comments.listComments(store, params.id));
  answer(app, contract.addComment, async ({ params, body }) => {
    await comments.addComment(store, params.id, body.text, clock);
    return comments.listComments(store, params.id);
  });
}

function answerRules(app: Express, { store, clock, user, ruleFileScript, liveRules }: AppOptions): void {
  const one = async (id: string) => {
    const [rule] = await rules.listRules(store, clock, await liveRules(), id);
    if (!rule) throw missing('rule');
    return rule;
  };
  const changed = async (id: string, work: Promise<void>) => {
    await work;
    return one(id);
  };
  answer(app, contract.listRules, async () => ({
    items: await rules.listRules(store, clock, await liveRules()),
  }));
  answer(app, contract.listRuleNames, async () => ({
    items: await rules.listRuleNames(store, await liveRules()),
  }));
  answer(app, contract.listVersions, async ({ params }) => ({
    items: await rules.listVersions(store, params.id),
  }));
  app.get(contract.exportPath, async (request, response) => {
    const { ids } = parseInput(contract.ExportQuery, request.query);
    response
      .attachment('hatband-rules.json')
      .type('application/json')
      .send(await ruleFiles.exportRules(store, await user(), ids));
  });
  let running: { done: number; total: number } | null = null;
  answer(app, contract.importProgress, () => Promise.resolve({ running }));
  answer(app, contract.importRules, async ({ body }) => {
    if (running) throw new Failure('conflict', 'Another file of rules is being taken in; wait a moment.');
    running = { done: 0, total: 0 };
    const read = (json: string) => readRuleFileApart(json, ruleFileScript);
    const onProgress = (done: number, total: number) => {
      running = { done, total };
    };
    try {
      return await ruleFiles.importRules({ store, clock, read, onProgress }, body);
    } finally {
      running = null;
    }
  });
  answer(app, contract.addRule, async ({ body }) => {
    const id = await rules.addRule(store, body.definition, clock);
    return one(id);
  });
  answer(app, contract.orderRules, async ({ body }) => {
    await rules.orderRules(store, body.ids);
    return { items: await rules.listRules(store, clock, await liveRules()) };
  });
  answer(app, contract.saveDraft, ({ params: { id }, body, revision }) =>
    changed(id, rules.saveDraft(store, { id, revision }, body.definition)),
  );
  answer(app, contract.dropDraft, ({ params: { id }, revision }) =>
    changed(id, rules.dropDraft(store, { id, revision })),
  );
  answer(app, contract.goLive, async ({ params: { id }, revision }) =>
    changed(id, rules.goLive(store, await user(), { id, revision }, clock)),
  );
  answer(app, contract.pauseRule, ({ params: { id }, revision }) =>
    changed(id, rules.pauseRule(store, { id, revision })),
  );
  answer(app, contract.resumeRule, async ({ params: { id }, revision }) =>
    changed(id, rules.resumeRule(store, await user(), { id, revision })),
  );
  answer(app, contract.deleteRule, ({ params: { id }, revision }) =>
    changed(id, rules.deleteRule(store, { id, revision }, clock)),
  );
}
