import { z } from 'zod';
import type { Incoming, Names } from '../incoming.ts';
import { arrivedAt } from './arrivedAt.ts';
import type { Answer, ConditionWork } from './kind.ts';
import { senderIs } from './senderIs.ts';
import { subjectContains } from './subjectContains.ts';

// A new kind of condition is a file beside this one and its name in the two lists here.
const kinds = { arrivedAt, senderIs, subjectContains };
export const Condition = z.discriminatedUnion('kind', [
  arrivedAt.schema,
  senderIs.schema,
  subjectContains.schema,
]);
export type Condition = z.infer<typeof Condition>;

export type ConditionKind = keyof typeof kinds;
type ConditionOf<K extends ConditionKind> = {
  [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']>;
}[K];

export const CONDITION_KINDS: { [K in ConditionKind]: ConditionWork<ConditionOf<K>> } = kinds;

export function testCondition<K extends ConditionKind>(
  condition: ConditionOf<K>,
  incoming: Incoming,
): Answer {
  return CONDITION_KINDS[condition.kind].test(condition, incoming);
}

export function sayCondition<K extends ConditionKind>(condition: ConditionOf<K>, names: Names): string {
  return CONDITION_KINDS[condition.kind].say(condition, names);
}
