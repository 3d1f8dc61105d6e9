import { openGroup } from '../../tasks/index.ts';
import { sayEffect } from '../kinds/effects.ts';
import { sayMakes } from '../kinds/makes.ts';
import { sayIf, sayLine } from '../model/route.ts';
import type { ReadRow, RuleDefinition } from '../model/rule.ts';
import { fieldName } from '../model/fieldName.ts';
import { sayRow } from './sentences.ts';
import { sayStart } from '../kinds/starts.ts';
import { sayWhen } from '../model/when.ts';

/** A line of a rule in words. */
interface RuleLine {
  part: 'name' | 'note' | 'when' | 'read' | 'route' | 'then';
  text: string;
}

export interface LineChange extends RuleLine {
  change: 'taken off' | 'added';
}

/** `says` is all that the line holds, though its words may leave some of it out. */
interface FullLine extends RuleLine {
  says: string;
}

/** The rule line by line; lines of the route with their numbers, since their order matters. */
function linesOf(rule: RuleDefinition): FullLine[] {
  const { how, of } = openGroup(rule.when);
  const line = (part: RuleLine['part'], text: string, whole: unknown): FullLine => ({
    part,
    text,
    says: JSON.stringify(whole, (key, value: unknown) => (key === 'id' ? undefined : value)),
  });
  return [
    line('name', rule.name, rule.name),
    line('name', `band: ${rule.band.hue}, ${rule.band.pattern}`, rule.band),
    ...(rule.description === '' ? [] : [line('note', rule.description, rule.description)]),
    line('when', `mail${sayStart(rule.start)} with ${how} of these`, [rule.start, how]),
    ...of.map((member) => line('when', sayWhen(member), member)),
    ...rule.read.map((row) => line('read', `${fieldName(row.field)}: ${sayRow(row)}${rowChoices(row)}`, row)),
    line('route', sayMakes(rule.makes), rule.makes),
    ...rule.route.map((each, i) => {
      const condition = sayIf(each.if);
      const unknown = each.unknown === 'otherwise' ? '' : ` (a project that is not there: ${each.unknown})`;
      return line('route', `${i + 1}. ${sayLine(each)}${condition}${unknown}`, [i, each]);
    }),
    ...rule.effects.map((effect) => line('then', sayEffect(effect), effect)),
    line('then', rule.then, rule.then),
  ];
}

/** What a row's sentence leaves out. */
function rowChoices({ kind, choices, unknown }: ReadRow): string {
  const said = [
    ...(kind === null ? [] : [kind]),
    ...(choices.length === 0 ? [] : [`one of ${choices.join(', ')}`]),
    ...(unknown === 'otherwise' ? [] : [`what is not there: ${unknown}`]),
  ];
  return said.length === 0 ? '' : ` (${said.join('; ')})`;
}

/** What one version of a rule says and another does not, part by part. */
export function differenceOf(before: RuleDefinition, after: RuleDefinition): LineChange[] {
  const [was, is] = [linesOf(before), linesOf(after)];
  const without = (lines: readonly FullLine[], others: readonly FullLine[], change: LineChange['change']) =>
    lines
      .filter(({ part, says }) => !others.some((other) => other.part === part && other.says === says))
      .map(({ part, text }) => ({ part, text, change }));
  return [...without(was, is, 'taken off'), ...without(is, was, 'added')].toSorted(
    (a, b) => PARTS.indexOf(a.part) - PARTS.indexOf(b.part),
  );
}

const PARTS: readonly RuleLine['part'][] = ['name', 'note', 'when', 'read', 'route', 'then'];
