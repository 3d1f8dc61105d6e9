import { z } from 'zod';
import {
  compileCondition,
  LeafCondition,
  problemsOfCondition,
  renameInCondition,
  sayCondition,
  termsOfCondition,
} from '../kinds/conditions/index.ts';
import type { ReadValues, Terms } from '../kinds/conditions/kind.ts';
import type { Context } from '../message/context.ts';
import { EvidenceSpan } from '../../reading/index.ts';
import { groupOf, openGroup, type How } from '../../tasks/index.ts';
import type { Rename } from '../message/rename.ts';
import type { View } from '../message/view.ts';

/** Conditions of which all, any or none hold; groups nest. */
export type Group = { all: Condition[] } | { any: Condition[] } | { none: Condition[] };
export type Condition = LeafCondition | Group;

type LeafInput = z.input<typeof LeafCondition>;
type ConditionInput = LeafInput | GroupInput;
type GroupInput = { all: ConditionInput[] } | { any: ConditionInput[] } | { none: ConditionInput[] };

const MOST_CONDITIONS = 500;

const of: z.ZodType<Condition[], ConditionInput[]> = z.lazy(() =>
  z.array(Condition).max(MOST_CONDITIONS, `A group has at most ${MOST_CONDITIONS} conditions.`),
);
export const Group: z.ZodType<Group, GroupInput> = z.union([
  z.strictObject({ all: of }),
  z.strictObject({ any: of }),
  z.strictObject({ none: of }),
]);
export const Condition: z.ZodType<Condition, ConditionInput> = z.union([LeafCondition, Group]);

export const isGroup = (condition: Condition): condition is Group => !('kind' in condition);

/** A condition that was asked, with what it looked at; a group with its members. */
export type Tested =
  | { condition: LeafCondition; holds: boolean; saw: string; spans: EvidenceSpan[] }
  | { group: How; holds: boolean; of: Tested[] };
export const Tested: z.ZodType<Tested> = z.lazy(() =>
  z.union([
    z.object({ condition: LeafCondition, holds: z.boolean(), saw: z.string(), spans: z.array(EvidenceSpan) }),
    z.object({ group: z.enum(['all', 'any', 'none']), holds: z.boolean(), of: z.array(Tested) }),
  ]),
);

export type GroupTest = (view: View, values: ReadValues) => Tested;

const HOLDS: Record<How, (of: readonly Tested[]) => boolean> = {
  all: (of) => of.every(({ holds }) => holds),
  any: (of) => of.some(({ holds }) => holds),
  none: (of) => !of.some(({ holds }) => holds),
};

export function compileWhen(condition: Condition, context: Context): GroupTest {
  if (!isGroup(condition)) {
    const test = compileCondition(condition, context);
    return (view, values) => ({ condition, ...test(view, values) });
  }
  const { how, of: members } = openGroup(condition);
  const tests = members.map((member) => compileWhen(member, context));
  return (view, values) => {
    const asked = tests.map((test) => test(view, values));
    return { group: how, holds: HOLDS[how](asked), of: asked };
  };
}

/** Terms of the index. Of several conditions that all have to hold the one with the fewest lists tells most. */
export function termsOfWhen(condition: Condition, context: Context): Terms | null {
  if (!isGroup(condition)) return termsOfCondition(condition, context);
  const { how, of: members } = openGroup(condition);
  const terms = members.map((member) => termsOfWhen(member, context));
  if (how === 'none') return null;
  if (how === 'any') return terms.every((each) => each !== null) ? terms.flat() : null;
  return terms.filter((each) => each !== null).toSorted((a, b) => a.length - b.length)[0] ?? null;
}

/** All conditions in it, with their paths; those under `none` too. */
export function leavesOf(
  condition: Condition,
  path: (string | number)[] = [],
): { condition: LeafCondition; path: (string | number)[] }[] {
  if (!isGroup(condition)) return [{ condition, path }];
  const { how, of: members } = openGroup(condition);
  return members.flatMap((member, i) => leavesOf(member, [...path, how, i]));
}

export function renameInWhen<C extends Condition>(condition: C, rename: Rename): C;
export function renameInWhen(condition: Condition, rename: Rename): Condition {
  if (!isGroup(condition)) return renameInCondition(condition, rename);
  const { how, of: members } = openGroup(condition);
  return groupOf(
    how,
    members.map((member) => renameInWhen(member, rename)),
  );
}

export const problemsOfWhen = (condition: Condition, context: Context) =>
  leavesOf(condition).flatMap((leaf) =>
    problemsOfCondition(leaf.condition, context).map((fault) => ({ path: leaf.path, ...fault })),
  );

/** The conditions in words behind “mail that”. */
export function sayWhen(condition: Condition): string {
  if (!isGroup(condition)) return sayCondition(condition);
  const { how, of: members } = openGroup(condition);
  const said = members.map((member) =>
    isGroup(member) && openGroup(member).of.length > 1 ? `(${sayWhen(member)})` : sayWhen(member),
  );
  if (how === 'none') return `is none that ${said.join(' or ')}`;
  return said.join(how === 'all' ? ' and ' : ' or ');
}
