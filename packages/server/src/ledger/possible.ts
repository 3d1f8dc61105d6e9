import type { listPossible } from '@hatband/contract';
import { compileRule, evaluate, evaluateOne, type Incoming } from '@hatband/core/rules';
import type { z } from 'zod';
import type { Applying } from '../pipeline/apply.ts';
import type { Store } from '../store/index.ts';
import { incomingNow, storedMessage } from './storedMessage.ts';

type Possible = z.infer<typeof listPossible.answer>;

/** What a message could become: if it were let in, and by each rule by hand that takes it. */
export async function possibleOutcomes(store: Store, id: number, applying: Applying): Promise<Possible> {
  const row = await storedMessage(store, id);
  const incoming = await incomingNow(store, row, applying);
  const alone = { ...incoming, tasks: { ...incoming.tasks, ofOriginal: [] } };
  const isUndecided = row.gate !== null || row.outcome_kind === 'again';
  return {
    asItWouldBe: isUndecided ? evaluate(applying.rules, alone, { lastRule: true }).tasks : [],
    byHand: byHand(alone, applying),
  };
}

function byHand(incoming: Incoming, { rules: { rules, context } }: Applying): Possible['byHand'] {
  return rules.flatMap(({ version }) => {
    const { start, name, band } = version.definition;
    if (start.kind !== 'hand') return [];
    const outcome = evaluateOne(compileRule(version, context), incoming, context);
    const problem = outcome.held[0]?.message ?? null;
    if (outcome.rules.length === 0) return [];
    return [{ ruleId: version.ruleId, name, band, tasks: outcome.tasks, problem }];
  });
}
