import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { listActs, undoAct } from '../acts/acts.ts';
import { changeTask, changeTasks, placeTasks } from '../acts/changeTasks.ts';
import { candidatesOf } from '../taskPage/candidates.ts';
import { duplicateTask, splitTask } from '../taskPage/copyTask.ts';
import { mergeTask } from '../taskPage/mergeTasks.ts';
import { takeBack } from '../taskPage/takeBack.ts';
import { search } from '../search/search.ts';
import { settleProposal } from '../acts/settleProposal.ts';
import { addressOfTask } from '../intake/addresses.ts';
import * as comments from '../tasks/comments.ts';
import { historyOf } from '../taskPage/history.ts';
import { threadOfTask } from '../taskPage/thread.ts';
import { readTypedDay } from '../taskPage/typedDay.ts';
import * as proposals from '../tasks/proposals.ts';
import { countFilters, listGroups } from '../tasks/query/listTasks.ts';
import { getTask, readTasks } from '../tasks/tasks.ts';
import * as views from '../views/views.ts';
import { answer } from './answer.ts';
import { filterContext } from './filterContext.ts';
import type { AppOptions } from './options.ts';

/** As many tasks as fit a large screen. */
const FIRST = 60;

/** Tasks: lists of them, what is changed in them, the comments on them, and what messages ask to change. */
export function answerTasks(app: Express, options: AppOptions): void {
  const { store, domain, clock, user } = options;
  answer(app, contract.listTasks, async ({ body }) => {
    const groups = await listGroups(store.read, body, await filterContext(store.read, user, clock));
    const ids = groups.flatMap((group) => group.ids);
    return { groups, total: ids.length, first: await readTasks(store.read, ids.slice(0, FIRST)) };
  });
  answer(app, contract.readTasks, async ({ body }) => ({ items: await readTasks(store.read, body.ids) }));
  answer(app, contract.countTasks, async ({ body }) => ({
    counts: await countFilters(store.read, body, await filterContext(store.read, user, clock)),
  }));
  answer(app, contract.getTask, ({ params }) => getTask(store, params.id));
  answer(app, contract.changeTask, async ({ params, body, revision }) => {
    await changeTask(store, { id: params.id, revision }, body, clock);
    return getTask(store, params.id);
  });
  answer(app, contract.changeTasks, async ({ body }) => ({
    act: await changeTasks(store, body.ids, body.change, clock),
  }));
  answer(app, contract.placeTasks, async ({ body }) => ({ act: await placeTasks(store, body, clock) }));
  answer(app, contract.listProposals, ({ query }) => proposals.listProposals(store.read, query));
  answer(app, contract.settleProposal, async ({ params, body }) => {
    const taskId = await settleProposal(store, params.id, body.accept, clock);
    return getTask(store, taskId);
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
  answerTaskPage(app, options);
  answer(app, contract.search, async ({ query }) =>
    search(store.read, query, (await filterContext(store.read, user, clock)).context),
  );
  answerViewsAndActs(app, options);
}

/** What a task's page asks besides the task, and does with it as a whole. */
function answerTaskPage(app: Express, { store, clock, user }: AppOptions): void {
  answer(app, contract.taskHistory, async ({ params }) => ({
    items: await historyOf(store.read, params.id, clock()),
  }));
  answer(app, contract.takeBack, async ({ params }) => ({ act: await takeBack(store, params.id, clock) }));
  answer(app, contract.taskThread, ({ params }) => threadOfTask(store.read, params.id));
  answer(app, contract.taskCandidates, async ({ params }) => ({
    items: await candidatesOf(store, user, params.id, clock),
  }));
  answer(app, contract.readDay, async ({ query }) => ({
    day: await readTypedDay(store, user, query, clock),
  }));
  answer(app, contract.duplicateTask, async ({ params, revision }) =>
    getTask(store, await duplicateTask(store, { id: params.id, revision }, clock)),
  );
  answer(app, contract.splitTask, async ({ params, body, revision }) =>
    getTask(store, await splitTask(store, { id: params.id, revision }, body, clock)),
  );
  answer(app, contract.mergeTask, async ({ params, body, revision }) => {
    await mergeTask(store, { id: params.id, revision }, body, clock);
    return getTask(store, params.id);
  });
}

function answerViewsAndActs(app: Express, { store, clock }: AppOptions): void {
  answer(app, contract.listActs, async () => ({ items: await listActs(store.read) }));
  answer(app, contract.undoAct, ({ params, body }) => undoAct(store, params.id, body.undo, clock));
  answer(app, contract.listViews, async () => ({ items: await views.listViews(store.read) }));
  answer(app, contract.addView, ({ body }) => views.addView(store, body));
  answer(app, contract.saveView, ({ params, body, revision }) =>
    views.saveView(store, { id: params.id, revision }, body),
  );
  answer(app, contract.deleteView, async ({ params, revision }) => {
    await views.deleteView(store, { id: params.id, revision });
    return { items: await views.listViews(store.read) };
  });
}
