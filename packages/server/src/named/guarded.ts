import type { Knex } from 'knex';

/** Runs a change of what rules can name, and refuses it where a rule at work could not do without. */
export type Guarded = (trx: Knex.Transaction, change: () => Promise<void>) => Promise<void>;
