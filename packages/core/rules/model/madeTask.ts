import { z } from 'zod';
import { TaskFields } from '../../tasks/index.ts';
import { FieldEvidence, RuleName } from './evidence.ts';

/** A task as rules make it; `itemKey` tells it from others of the same message and rule. */
export const MadeTask = z.object({
  /** The rule that made it; later ones may have filled some of its fields. */
  rule: RuleName,
  itemKey: z.string(),
  fields: TaskFields,
  evidence: FieldEvidence,
  /** A first comment on it. */
  comment: z.string().nullable(),
  checklist: z.array(z.string()),
  /** How long the work takes, as ISO 8601 writes a duration. */
  effort: z.string().nullable(),
  place: z.enum(['top', 'bottom']),
});
export type MadeTask = z.infer<typeof MadeTask>;
