import { z } from 'zod';
import { EvidenceSpan } from '../reading/index.ts';
import { ReadField, TaskField, TaskFields } from '../tasks/index.ts';
import { Condition } from './conditions/index.ts';
import { Missed } from './readings/kind.ts';
import { RuleReading } from './readings/index.ts';

/** Who took a value and where from; the route has no reading and no spans. */
export const Evidence = z.object({
  ruleId: z.string(),
  version: z.number().int(),
  readingId: z.string().nullable(),
  readingKind: z.string(),
  spans: z.array(EvidenceSpan),
});
export type Evidence = z.infer<typeof Evidence>;

export const FieldEvidence = z.partialRecord(TaskField, Evidence);
export type FieldEvidence = z.infer<typeof FieldEvidence>;

/** A task as a rule makes it; `itemKey` tells it from others of the same message and rule. */
export const MadeTask = z.object({ itemKey: z.string(), fields: TaskFields, evidence: FieldEvidence });
export type MadeTask = z.infer<typeof MadeTask>;

export const TriedReading = z.object({
  reading: RuleReading,
  value: z.string().nullable(),
  missed: Missed.nullable(),
  spans: z.array(EvidenceSpan),
});
export type TriedReading = z.infer<typeof TriedReading>;

export const TestedCondition = z.object({
  condition: Condition,
  holds: z.boolean(),
  saw: z.string(),
  spans: z.array(EvidenceSpan),
});
export type TestedCondition = z.infer<typeof TestedCondition>;

export const RuleTrace = z.object({
  ruleId: z.string(),
  version: z.number().int(),
  name: z.string(),
  taken: z.boolean(),
  conditions: z.array(TestedCondition),
  fields: z.array(z.object({ field: ReadField, tried: z.array(TriedReading) })),
});
export type RuleTrace = z.infer<typeof RuleTrace>;

/** What a message became by the rules, with every condition and reading that was tried. */
export const Outcome = z.object({
  kind: z.enum(['tasks', 'unclaimed', 'nothing']),
  reason: z.enum(['answers itself', 'made by a machine']).nullable(),
  ruleId: z.string().nullable(),
  tasks: z.array(MadeTask),
  trace: z.array(RuleTrace),
});
export type Outcome = z.infer<typeof Outcome>;
