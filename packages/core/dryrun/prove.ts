import {
  compile,
  evaluate,
  testRule,
  type Context,
  type Incoming,
  type Outcome,
  type RuleVersion,
  type Tested,
} from '../rules/index.ts';
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
  context: Context,
): Proof<Id>[] {
  const [was, is] = [compile(live, context), compile(next, context)];
  const rule = is.rules.find(({ version }) => version.ruleId === ruleId);
  return samples.map(({ id, incoming }) => {
    const before = evaluate(was, incoming, { lastRule: true });
    const after = evaluate(is, incoming, { lastRule: true });
    const taken = after.rules.some((each) => each.ruleId === ruleId);
    const nearMiss = rule !== undefined && !taken && isNearMiss(testRule(rule, incoming, context));
    return { id, before, after, taken, nearMiss, difference: compare(before, after) };
  });
}

/** All conditions but one hold, and of those that hold one says more than what must not be. */
function isNearMiss(tested: Tested): boolean {
  if (!('of' in tested) || tested.group !== 'all') return false;
  const held = tested.of.filter(({ holds }) => holds);
  return (
    held.length === tested.of.length - 1 && held.some((each) => !('of' in each) || each.group !== 'none')
  );
}
