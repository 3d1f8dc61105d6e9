import type { z } from 'zod';
import type { EvidenceSpan } from '../../../reading/index.ts';
import type { Value } from '../../../tasks/index.ts';
import type { Context } from '../../message/context.ts';
import type { KindWords } from '../kindWords.ts';
import type { Fault } from '../../message/missing.ts';
import type { Rename } from '../../message/rename.ts';
import type { View } from '../../message/view.ts';

/** Whether a condition holds, and what it looked at. */
export interface Answer {
  holds: boolean;
  saw: string;
  spans: EvidenceSpan[];
}

/** The values that the rule has read, by field; empty where *When* is asked. */
export type ReadValues = ReadonlyMap<string, Value>;

export type Test = (view: View, values: ReadValues) => Answer;

/** Where a condition holds, the message has all the terms of one of these lists. */
export type Terms = string[][];

export const oneOf = (terms: readonly string[]): Terms => terms.map((term) => [term]);

/** What is done with a condition `C`, whatever its kind. */
export interface ConditionWork<C> extends KindWords<C> {
  /** Worked out once for all messages. */
  compile: (condition: C, context: Context) => Test;
  /** Terms of the index; null: it may hold for any message. */
  terms?: (condition: C, context: Context) => Terms | null;
  /** Names in it that mean nothing, each as a sentence. */
  problems?: (condition: C, context: Context) => Fault[];
  /** The condition with other names of projects, people and the like in it. */
  rename?: (condition: C, rename: Rename) => C;
}

/** A kind of condition: its schema and its work. One file each; the table in index.ts lists them. */
export function conditionKind<S extends z.ZodType>(schema: S, work: ConditionWork<z.infer<S>>) {
  return { schema, ...work };
}

export const answer = (holds: boolean, saw: string, spans: EvidenceSpan[] = []): Answer => ({
  holds,
  saw,
  spans,
});
