import { sayEffect } from './dueEffect.ts';
import { sayMakes } from './makes.ts';
import { sayLine } from './route.ts';
import type { RuleDefinition } from './rule.ts';
import { fieldName, sayRow } from './sentences.ts';
import { openGroup, sayWhen } from './when.ts';

/** A line of a rule in words; equal lines of two versions say the same. */
export interface RuleLine {
  part: 'name' | 'note' | 'when' | 'read' | 'route' | 'then';
  text: string;
}

export interface LineChange extends RuleLine {
  change: 'taken off' | 'added';
}

/** The rule line by line, in words. */
export function linesOf(rule: RuleDefinition): RuleLine[] {
  const { how, of } = openGroup(rule.when);
  const line = (part: RuleLine['part'], text: string): RuleLine => ({ part, text });
  return [
    line('name', rule.name),
    ...(rule.description === '' ? [] : [line('note', rule.description)]),
    line('when', `${how} of these; starts by ${rule.start.kind}`),
    ...of.map((member) => line('when', sayWhen(member))),
    ...rule.read.map((row) => line('read', `${fieldName(row.field)}: ${sayRow(row)}`)),
    line('route', sayMakes(rule.makes)),
    ...rule.route.map((each) =>
      line('route', each.if === null ? sayLine(each) : `${sayLine(each)} if it ${sayWhen(each.if)}`),
    ),
    ...rule.effects.map((effect) => line('then', sayEffect(effect))),
    line('then', rule.then),
  ];
}

/** What one version of a rule says and another does not, part by part. */
export function differenceOf(before: RuleDefinition, after: RuleDefinition): LineChange[] {
  const [was, is] = [linesOf(before), linesOf(after)];
  const has = (lines: readonly RuleLine[], { part, text }: RuleLine) =>
    lines.some((other) => other.part === part && other.text === text);
  return [
    ...was.filter((each) => !has(is, each)).map((each) => ({ ...each, change: 'taken off' as const })),
    ...is.filter((each) => !has(was, each)).map((each) => ({ ...each, change: 'added' as const })),
  ].toSorted((a, b) => PARTS.indexOf(a.part) - PARTS.indexOf(b.part));
}

const PARTS: readonly RuleLine['part'][] = ['name', 'note', 'when', 'read', 'route', 'then'];
