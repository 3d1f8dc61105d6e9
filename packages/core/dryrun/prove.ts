import { evaluate, testAll, type Incoming, type Outcome, type RuleVersion } from '../rules/index.ts';
import { compare, type Difference } from './compare.ts';

export interface Sample<Id> {
  id: Id;
  incoming: Incoming;
}

/** A rule that is being written, seen on one message. A near miss fails one of several conditions. */
export interface Proof<Id> {
  id: Id;
  before: Outcome;
  after: Outcome;
  taken: boolean;
  nearMiss: boolean;
  difference: Difference;
}

/** The same messages by the rules as they are and as they would be; `ruleId` names the rule that is being written. */
export function prove<Id>(
  samples: readonly Sample<Id>[],
  live: readonly RuleVersion[],
  next: readonly RuleVersion[],
  ruleId: string,
): Proof<Id>[] {
  const rule = next.find((candidate) => candidate.ruleId === ruleId);
  return samples.map(({ id, incoming }) => {
    const before = evaluate(incoming, live);
    const after = evaluate(incoming, next);
    const taken = after.ruleId === ruleId;
    const failed = rule && !taken ? testAll(rule, incoming).filter((condition) => !condition.holds) : [];
    const nearMiss = failed.length === 1 && (rule?.definition.when.all.length ?? 0) > 1;
    return { id, before, after, taken, nearMiss, difference: compare(before, after) };
  });
}
