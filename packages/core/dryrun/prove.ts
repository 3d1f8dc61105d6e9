import {
  compile,
  evaluate,
  sayCondition,
  testRule,
  type CompiledRules,
  type Context,
  type Incoming,
  type RuleVersion,
  type Tested,
} from '../rules/index.ts';
import { compare, type Difference, type ProvedOutcome } from './compare.ts';

export interface Sample<Id> {
  id: Id;
  incoming: Incoming;
}

/** A rule that is being written, seen on one message. A near miss fails one of several conditions. */
export interface Proof<Id> {
  id: Id;
  before: ProvedOutcome;
  after: ProvedOutcome;
  taken: boolean;
  nearMiss: boolean;
  /** The rule that takes it first, where this one would take it too. */
  takenFirstBy: { ruleId: string; name: string } | null;
  /** Of a near miss the condition that does not hold, in words. */
  fails: string | null;
  difference: Difference;
}

/**
 * Proves rules on messages: the same messages by the rules as they are, which are asked once, and as they would be.
 * `ruleId` names the rule that is being written.
 */
export function openProof<Id>(
  samples: readonly Sample<Id>[],
  live: readonly RuleVersion[],
  context: Context,
): (next: readonly RuleVersion[], ruleId: string) => Proof<Id>[] {
  const was = compile(live, context);
  const known = samples.map((sample) => ({
    ...sample,
    before: proved(was, sample.incoming),
  }));
  return (next, ruleId) => prove(known, compile(next, context), ruleId);
}

function proved(rules: CompiledRules, incoming: Incoming): ProvedOutcome {
  const { kind, rules: took, tasks } = evaluate(rules, incoming, { lastRule: true });
  return { kind, rules: took, tasks };
}

function prove<Id>(
  known: readonly (Sample<Id> & { before: ProvedOutcome })[],
  is: CompiledRules,
  ruleId: string,
): Proof<Id>[] {
  const rule = is.rules.find(({ version }) => version.ruleId === ruleId);
  return known.map(({ id, incoming, before }) => {
    const after = proved(is, incoming);
    const taken = after.rules.some((each) => each.ruleId === ruleId);
    const tested = rule !== undefined && !taken ? testRule(rule, incoming, is.context) : null;
    const nearMiss = tested !== null && isNearMiss(tested);
    const [first] = after.rules;
    return {
      id,
      before,
      after,
      taken,
      nearMiss,
      takenFirstBy: tested?.holds && first ? { ruleId: first.ruleId, name: first.name } : null,
      fails: tested && nearMiss ? failing(tested) : null,
      difference: compare(before, after),
    };
  });
}

/** The one condition of a near miss that does not hold. */
function failing(tested: Tested): string | null {
  const member = 'of' in tested ? tested.of.find(({ holds }) => !holds) : undefined;
  if (!member) return null;
  return 'of' in member ? `one of a group of ${String(member.of.length)}` : sayCondition(member.condition);
}

/** All conditions but one hold, and of those that hold one says more than what must not be. */
function isNearMiss(tested: Tested): boolean {
  if (!('of' in tested) || tested.group !== 'all') return false;
  const held = tested.of.filter(({ holds }) => holds);
  return (
    held.length === tested.of.length - 1 && held.some((each) => !('of' in each) || each.group !== 'none')
  );
}
