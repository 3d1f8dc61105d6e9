import type { z } from 'zod';
import type { Context } from '../../message/context.ts';
import type { Rename } from '../../message/rename.ts';
import { unionOf } from '../unionOf.ts';
import * as kinds from './kinds.ts';
import type { ConditionWork, Test } from './kind.ts';

export const LeafCondition = unionOf(kinds);
export type LeafCondition = z.infer<typeof LeafCondition>;

export type ConditionKind = keyof typeof kinds;
type ConditionOf<K extends ConditionKind> = {
  [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']>;
}[K];

export const CONDITION_KINDS: {
  [K in ConditionKind]: ConditionWork<ConditionOf<K>> & { schema: z.ZodObject };
} = kinds;

export const compileCondition = <K extends ConditionKind>(
  condition: ConditionOf<K>,
  context: Context,
): Test => CONDITION_KINDS[condition.kind].compile(condition, context);

export const sayCondition = <K extends ConditionKind>(condition: ConditionOf<K>): string =>
  CONDITION_KINDS[condition.kind].say(condition);

export const termsOfCondition = <K extends ConditionKind>(condition: ConditionOf<K>, context: Context) =>
  CONDITION_KINDS[condition.kind].terms?.(condition, context) ?? null;

export const problemsOfCondition = <K extends ConditionKind>(condition: ConditionOf<K>, context: Context) =>
  CONDITION_KINDS[condition.kind].problems?.(condition, context) ?? [];

/** The condition with other names in it. */
export const renameInCondition = <K extends ConditionKind>(
  condition: ConditionOf<K>,
  rename: Rename,
): LeafCondition => CONDITION_KINDS[condition.kind].rename?.(condition, rename) ?? condition;
