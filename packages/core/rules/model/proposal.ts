import { z } from 'zod';
import { EvidenceSpan } from '../../reading/index.ts';

/** A change of the task that a comment asks for; only a person makes it. */
export const Proposal = z.object({
  field: z.enum(['due', 'status']),
  value: z.string(),
  spans: z.array(EvidenceSpan),
});
export type Proposal = z.infer<typeof Proposal>;
