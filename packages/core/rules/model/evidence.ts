import { z } from 'zod';
import { EvidenceSpan } from '../../reading/index.ts';

/** Who took a value and where from; what the route or a template gives has no reading and no spans. */
export const Evidence = z.object({
  ruleId: z.string(),
  version: z.number().int(),
  readingId: z.string().nullable(),
  readingKind: z.string(),
  spans: z.array(EvidenceSpan),
  /** What may be wrong with the value, in words. */
  warning: z.string().optional(),
});
export type Evidence = z.infer<typeof Evidence>;

/** By field; a field of a project's own by its name. */
export const FieldEvidence = z.record(z.string(), Evidence);
export type FieldEvidence = z.infer<typeof FieldEvidence>;

/** A rule as what it did names it. */
export const RuleName = z.object({ ruleId: z.string(), version: z.number().int(), name: z.string() });

/** Why a message waits for a person: `hold`, as a rule says, or a rule that failed. */
export const Held = RuleName.extend({ why: z.enum(['hold', 'failed']), message: z.string() });
export type Held = z.infer<typeof Held>;
