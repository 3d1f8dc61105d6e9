import { Band } from '@hatband/core/rules';
import { z } from 'zod';
import { endpoint } from './endpoint.ts';

/** `isBroken`: it is live and cannot work, so its mail is held. */
export const RuleName = z.object({
  id: z.string(),
  name: z.string(),
  band: Band,
  deleted: z.boolean(),
  isBroken: z.boolean(),
  /** Whether it is at work and the user starts it. */
  isByHand: z.boolean(),
});
export type RuleName = z.infer<typeof RuleName>;

/** What the work of rules is shown by; those that are deleted keep their names. */
export const listRuleNames = endpoint({
  method: 'get',
  path: '/api/rule-names',
  answer: z.object({ items: z.array(RuleName) }),
});
