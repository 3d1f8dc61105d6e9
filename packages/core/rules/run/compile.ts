import type { Problem } from '../model/check.ts';
import { checkRule } from '../model/check.ts';
import { compileEffect, type MakeEffect } from '../kinds/effects.ts';
import type { Terms } from '../kinds/conditions/kind.ts';
import type { Context } from '../message/context.ts';
import type { RuledOut } from '../model/outcome.ts';
import { compileUnits, type Units } from './units.ts';
import type { View } from '../message/view.ts';
import { compileRow, orderRows, type CompiledRow } from '../model/rows.ts';
import { ReadRow, type RuleVersion } from '../model/rule.ts';
import type { Clause, Signal } from '../message/clause.ts';
import { findClauses } from '../message/shorthand.ts';
import { compileWhen, leavesOf, termsOfWhen, type GroupTest } from '../model/when.ts';

/** A rule ready for any number of messages. */
export interface CompiledRule {
  version: RuleVersion;
  /** What keeps it from working; it takes its messages all the same, and they are held. */
  problems: Problem[];
  test: GroupTest;
  rows: CompiledRow[];
  /** The tests of the route's lines; null: no condition. */
  lines: (GroupTest | null)[];
  /** What a message is made of: a task each. */
  units: (view: View) => Units;
  effects: readonly MakeEffect[];
  /** Mail that answers itself reaches it. */
  seesReplies: boolean;
  /** The rule's shorthand in a message. */
  shorthand: (view: View) => Clause[];
  /** Null: it has to be asked of every message. */
  terms: Terms | null;
}

export interface CompiledRules {
  context: Context;
  rules: readonly CompiledRule[];
  /** Rules by the terms of which a message must have one; the numbers are places in `rules`. */
  byTerm: ReadonlyMap<string, readonly number[]>;
  always: readonly number[];
  /** What is said of each rule where the message has none of its terms. */
  ruledOut: readonly RuledOut[];
}

/** Rules in their order, made ready once for all messages. A rule that cannot work stands among them with its problems. */
export function compile(rules: readonly RuleVersion[], context: Context): CompiledRules {
  const compiled = rules.map((version) => compileRule(version, context));
  const shared = howOften(compiled);
  const byTerm = new Map<string, number[]>();
  const always: number[] = [];
  const ruledOut = compiled.map(({ version, terms }, i) => {
    // Of words that all have to be there the one that the fewest rules ask for.
    const keys = (terms ?? []).map((all) =>
      all.reduce((a, b) => ((shared.get(b) ?? 0) < (shared.get(a) ?? 0) ? b : a)),
    );
    if (terms === null) always.push(i);
    for (const key of new Set(keys)) byTerm.set(key, [...(byTerm.get(key) ?? []), i]);
    const { ruleId, definition } = version;
    return { ruleId, version: version.version, name: definition.name, terms: keys };
  });
  return { context, rules: compiled, byTerm, always, ruledOut };
}

/** How many rules ask for each term. */
function howOften(rules: readonly CompiledRule[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const { terms } of rules)
    for (const term of new Set(terms?.flat())) counts.set(term, (counts.get(term) ?? 0) + 1);
  return counts;
}

/** Where no row reads a title, the built-in one is read. */
const TITLE = ReadRow.parse({ field: 'title', from: [{ kind: 'title', id: 'title' }] });

export function compileRule(version: RuleVersion, context: Context): CompiledRule {
  const { when, read, route, makes, effects } = version.definition;
  const rows = read.some(({ field }) => field === 'title') ? read : [TITLE, ...read];
  const signals = signalsOf(rows);
  return {
    version,
    problems: checkRule(version.definition, context),
    test: compileWhen(when, context),
    rows: orderRows(rows).ordered.map((row) => compileRow(row, context)),
    lines: route.map((line) => line.if && compileWhen(line.if, context)),
    units: compileUnits(makes),
    effects: effects.map((effect) => compileEffect(effect)),
    seesReplies: leavesOf(when).some(
      ({ condition, path }) => condition.kind === 'automatic' && !path.includes('none'),
    ),
    shorthand: (view) => (signals.length === 0 ? [] : findClauses(view, signals)),
    terms: termsOfWhen(when, context),
  };
}

const signalsOf = (rows: readonly ReadRow[]): Signal[] =>
  rows.flatMap(({ from }) => from.filter((reading) => reading.kind === 'shorthand'));

/** The rules that a message with these terms may be taken by, in their order. */
export function candidates({ byTerm, always }: CompiledRules, terms: Iterable<string>): number[] {
  const found = new Set(always);
  for (const term of terms) for (const i of byTerm.get(term) ?? []) found.add(i);
  return [...found].toSorted((a, b) => a - b);
}
