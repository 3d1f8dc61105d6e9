import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { Failure, missing } from '../errors.ts';
import * as ruleFiles from '../rules/ruleFiles.ts';
import { readRuleFileApart } from '../rules/readRuleFile.ts';
import * as rules from '../rules/rules.ts';
import { answer, parseInput } from './answer.ts';
import type { AppOptions } from './options.ts';

/** Rules: their order, their drafts and versions, and whether they work. */
export function answerRules(app: Express, { store, clock, user, liveRules }: AppOptions): void {
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

/** Rules out to a file and in from one; one file at a time, read apart, so that the page is answered meanwhile. */
export function answerRuleFiles(app: Express, { store, clock, user, ruleFileScript }: AppOptions): void {
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
}
