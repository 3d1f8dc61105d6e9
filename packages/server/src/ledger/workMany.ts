import type { ManyWork, workMany as door } from '@hatband/contract';
import type { z } from 'zod';
import * as arrivals from '../arrivals/transitions.ts';
import { Failure } from '../errors.ts';
import type { Applying } from '../pipeline/apply.ts';
import { settleReport } from '../pipeline/reportTask.ts';
import type { Store } from '../store/index.ts';
import { blockSender, letIn, startByHand } from './settle.ts';

type Answer = z.infer<(typeof door)['answer']>;

/** Does the same with several messages, each by itself; those that it is not possible for are told with the reason. */
export async function workMany(
  store: Store,
  ids: readonly number[],
  work: ManyWork,
  applying: Applying,
): Promise<Answer> {
  const refused: Answer['refused'] = [];
  let done = 0;
  for (const id of new Set(ids)) {
    try {
      await workOne(store, id, work, applying);
      done += 1;
    } catch (error) {
      if (!(error instanceof Failure)) throw error;
      const row = await store.read('arrivals').where({ id }).first('subject');
      refused.push({ id, subject: row?.subject ?? '', detail: error.message });
    }
  }
  return { done, refused };
}

async function workOne(store: Store, id: number, work: ManyWork, applying: Applying): Promise<void> {
  switch (work.do) {
    case 'rule':
      await startByHand(store, id, work.ruleId, applying);
      return;
    case 'let in':
      await letIn(store, id, 'once', applying);
      return;
    case 'block':
      await blockSender(store, id, applying);
      return;
    case 'dealt with':
      await store.write(async (trx) => {
        await arrivals.dealWith(trx, id);
        await settleReport(trx, id, applying.clock().toISOString());
      });
  }
}
