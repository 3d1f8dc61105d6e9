import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { addressOfTask } from '../intake/addresses.ts';
import * as comments from '../tasks/comments.ts';
import * as proposals from '../tasks/proposals.ts';
import * as tasks from '../tasks/tasks.ts';
import { answer } from './answer.ts';
import type { AppOptions } from './options.ts';

/** Tasks, the comments on them, and what messages ask to change in them. */
export function answerTasks(app: Express, { store, domain, clock }: AppOptions): void {
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
