import type { Address } from '@hatband/contract';
import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { record } from '../events.ts';
import type { AddressRow, Store } from '../store/index.ts';

const ALPHABET = 'abcdefghijklmnopqrstuvwxyz234567';

/** A readable prefix and 80 random bits in base32 (RFC 4648, section 6, in lower case). */
export function newLocalPart(name: string): string {
  const prefix = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 20);
  const bits = BigInt(`0x${randomBytes(10).toString('hex')}`);
  const secret = Array.from({ length: 16 }, (_, i) => ALPHABET.charAt(Number((bits >> BigInt(5 * i)) & 31n)));
  return `${prefix || 'project'}-${secret.join('')}`;
}

export async function listAddresses(store: Store, domain: string): Promise<Address[]> {
  const rows = await store
    .read('addresses')
    .leftJoin('projects', 'projects.id', 'addresses.project_id')
    .whereNull('retired_at')
    .orderByRaw("target_kind = 'inbox' DESC, projects.name")
    .select('addresses.*', { project_name: 'projects.name' });
  return rows.map((row: AddressRow & { project_name: string | null }) => ({
    id: row.id,
    address: `${row.local_part}@${domain}`,
    target:
      row.project_id === null
        ? { kind: 'inbox', name: 'Inbox' }
        : { kind: 'project', id: row.project_id, name: row.project_name ?? '' },
    createdAt: row.created_at,
  }));
}

/** The inbox has an address from the first start on. */
export async function ensureInbox(store: Store, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    if (await trx('addresses').where({ target_kind: 'inbox' }).first()) return;
    await insertAddress(trx, { name: 'inbox', projectId: null }, clock);
  });
}

/** Retires the address and makes a new one for the same target; the number of the new one. */
export async function renewAddress(store: Store, id: number, clock: Clock): Promise<number> {
  return store.write(async (trx) => {
    const old = await trx('addresses').where({ id }).first();
    if (!old) throw missing('address');
    if (old.retired_at !== null) throw new Failure('stale', 'This address was renewed already.');
    await trx('addresses').where({ id }).update({ retired_at: clock().toISOString() });
    const project =
      old.project_id === null ? null : await trx('projects').where({ id: old.project_id }).first();
    const renewed = await insertAddress(
      trx,
      { name: project?.name ?? 'inbox', projectId: old.project_id },
      clock,
    );
    await record(trx, [{ kind: 'address', ref: String(renewed) }]);
    return renewed;
  });
}

/** A new address of the inbox (`projectId` null) or of a project; its number. */
export async function insertAddress(
  trx: Knex.Transaction,
  of: { name: string; projectId: string | null },
  clock: Clock,
): Promise<number> {
  const [row] = await trx('addresses')
    .insert({
      local_part: newLocalPart(of.name),
      target_kind: of.projectId === null ? 'inbox' : 'project',
      project_id: of.projectId,
      created_at: clock().toISOString(),
    })
    .returning('id');
  return row?.id ?? 0;
}
