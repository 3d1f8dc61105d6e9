import type { Knex } from 'knex';
import type { EventRow } from './rows.ts';

/** Something that changed, as pages hear of it. */
export type Change = Pick<EventRow, 'kind' | 'ref'>;

/** Hears what a transaction changed, once it is committed; whoever wrote goes on when it has answered. It never throws. */
export type OnChange = (kinds: ReadonlySet<Change['kind']>) => Promise<void> | void;

const recorded = new WeakMap<Knex.Transaction, Change[]>();

/** Writes what a transaction changes, within it; the store tells of it after the commit. */
export async function record(trx: Knex.Transaction, changes: readonly Change[]): Promise<void> {
  if (changes.length === 0) return;
  await trx('events').insert([...changes]);
  let outer = trx;
  while (outer.parentTransaction) outer = outer.parentTransaction;
  recorded.set(outer, [...(recorded.get(outer) ?? []), ...changes]);
}

export const changesIn = (trx: Knex.Transaction): readonly Change[] => recorded.get(trx) ?? [];
