import { z } from 'zod';
import { Who } from '../rules/index.ts';

/** Why a message is not let in, or does not come to its end. */
export const FAILURES = ['unwelcome sender', 'over a limit', 'unreadable', 'rule failed'] as const;
export type Failure = (typeof FAILURES)[number];

/**
 * What becomes of such a message. `hold`: it waits in the Ledger. `report`: that, and a task tells of it. `refuse`: its
 * sender is told. `drop`: it is thrown away. `try again`: the sender is asked to, or Hatband does it by itself.
 */
export const Remedy = z.enum(['hold', 'report', 'refuse', 'drop', 'try again']);
export type Remedy = z.infer<typeof Remedy>;

/** Which remedies there are for each failure: what was taken in cannot be refused any more. */
const Remedies = z.strictObject({
  'unwelcome sender': Remedy.extract(['hold', 'report', 'refuse', 'drop']).default('hold'),
  'over a limit': Remedy.default('try again'),
  unreadable: Remedy.extract(['hold', 'report', 'drop', 'try again']).default('hold'),
  'rule failed': Remedy.extract(['hold', 'report', 'drop', 'try again']).default('hold'),
});

export const remediesFor = (failure: Failure): readonly Remedy[] =>
  Remedies.shape[failure].def.innerType.options;

/** Who may send: anybody who knows the address, the user himself, or these. */
const Senders = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('anyone') }),
  z.strictObject({ kind: z.literal('me') }),
  z.strictObject({ kind: z.literal('these'), who: z.array(Who).min(1, 'Name somebody who may send.') }),
]);

/** How a way in treats the mail that comes by it. Sizes in MB of 1,048,576 bytes. */
export const Policy = z.strictObject({
  senders: Senders.default({ kind: 'anyone' }),
  /** Refused whatever else is said. */
  blocked: z.array(Who).default([]),
  attachments: z.enum(['keep', 'drop']).default('keep'),
  perDay: z.number().int().min(1, 'At least one a day, or no limit.').nullable().default(null),
  largest: z.number().min(0.1).max(25, 'Hatband takes messages of at most 25 MB.').nullable().default(null),
  failures: Remedies.prefault({}),
  /** Where the task goes that tells of a failure. */
  reportTo: z.enum(['inbox', 'its project']).default('inbox'),
});
export type Policy = z.infer<typeof Policy>;

export const OPEN_POLICY: Policy = Policy.parse({});
