import { z } from 'zod';

/**
 * What the rules made of a message. `held`: tasks of other rules may stand all the same. `again`:
 * its original came another way before, and its tasks are not made a second time.
 */
export const RuleOutcomeKind = z.enum(['tasks', 'comment', 'unclaimed', 'nothing', 'again', 'held']);
