import { z } from 'zod';
import { EvidenceSpan } from '../../reading/index.ts';
import { Value } from '../../tasks/index.ts';
import { DueEffect } from '../kinds/effects.ts';
import { MadeTask } from './madeTask.ts';
import { Proposal } from './proposal.ts';
import { Evidence, Held, RuleName } from './evidence.ts';
import { KnownTask } from '../message/incoming.ts';
import { RuleReading } from '../kinds/readings/index.ts';
import { RuleOutcomeKind } from './outcomeKind.ts';
import { Tested } from './when.ts';

export const MadeComment = z.object({
  on: KnownTask,
  text: z.string(),
  evidence: Evidence,
  proposes: z.array(Proposal),
});
export type MadeComment = z.infer<typeof MadeComment>;

/** What does not exist yet and is made with the tasks. */
export const Made = z.discriminatedUnion('what', [
  z.object({ what: z.literal('project'), name: z.string(), description: z.string() }),
  z.object({ what: z.literal('person'), name: z.string() }),
  z.object({ what: z.literal('choice'), field: z.string(), name: z.string() }),
]);
export type Made = z.infer<typeof Made>;

/** Why a reading gave no value. `unknown`: what it names does not exist. */
export const Missed = z.discriminatedUnion('why', [
  z.object({ why: z.literal('absent'), what: z.string() }),
  z.object({ why: z.literal('notOfKind'), saw: z.string(), kind: z.string() }),
  z.object({ why: z.literal('unknown'), saw: z.string(), kind: z.string() }),
]);
export type Missed = z.infer<typeof Missed>;

export const TriedReading = z.object({
  reading: RuleReading,
  value: Value.nullable(),
  missed: Missed.nullable(),
  spans: z.array(EvidenceSpan),
});
export type TriedReading = z.infer<typeof TriedReading>;

export const FieldTrace = z.object({ field: z.string(), tried: z.array(TriedReading) });
export type FieldTrace = z.infer<typeof FieldTrace>;

/** How one task came about: its fields, and the lines of the route that were asked, the last of them taken. */
export const TaskTrace = z.object({
  itemKey: z.string(),
  fields: z.array(FieldTrace),
  route: z.array(z.object({ line: z.number().int(), asked: Tested.nullable(), taken: z.boolean() })),
});
export type TaskTrace = z.infer<typeof TaskTrace>;

export const RuleTrace = RuleName.extend({
  taken: z.boolean(),
  when: Tested,
  tasks: z.array(TaskTrace),
  /** Why it failed or held the message, in words. */
  problem: z.string().nullable(),
  /** What is worth knowing of how it worked, in words. */
  remark: z.string().nullable().default(null),
});
export type RuleTrace = z.infer<typeof RuleTrace>;

/** A rule that was not asked, with the terms of the index of which the message has none. */
export const RuledOut = RuleName.extend({ terms: z.array(z.string()) });
export type RuledOut = z.infer<typeof RuledOut>;

export const NothingReason = z.enum([
  'answers itself',
  'made by a machine',
  'no rule took it',
  'a rule says so',
]);

/** What a message became by the rules, and how. */
export const Outcome = z.object({
  kind: RuleOutcomeKind,
  reason: NothingReason.nullable(),
  /** The rules that took it, in their order. */
  rules: z.array(RuleName),
  tasks: z.array(MadeTask),
  comments: z.array(MadeComment),
  makes: z.array(Made),
  effects: z.array(RuleName.extend({ effect: DueEffect })),
  held: z.array(Held),
  trace: z.array(RuleTrace),
  ruledOut: z.array(RuledOut),
  /** What the user asked for in it and did not get, in words. */
  remarks: z.array(z.string()).default([]),
});
export type Outcome = z.infer<typeof Outcome>;
