import * as contract from '@hatband/contract';
import express, { type ErrorRequestHandler, type Express } from 'express';
import path from 'node:path';
import { missing } from '../errors.ts';
import { problemOf, sendProblem } from './answer.ts';
import { answerDownloads } from './downloads.ts';
import { streamEvents } from './eventStream.ts';
import { answerImports, takeFiles } from './fileDoors.ts';
import { notStored, sameSite, securityHeaders } from './guard.ts';
import { takeJson } from './takeJson.ts';
import { answerAddresses, takeHandedIn } from './intakeDoors.ts';
import { answerLedger } from './ledgerDoors.ts';
import { answerMailboxes, answerPractice } from './mailboxDoors.ts';
import { answerRuleFiles, answerRules } from './ruleDoors.ts';
import { guardBySession } from './sessionDoors.ts';
import { answerSettings } from './settingsDoors.ts';
import { answerNamed } from './namedDoors.ts';
import { answerTasks } from './taskDoors.ts';
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
  answerRuleFiles(app, options);
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
