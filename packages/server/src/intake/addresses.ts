import type { Address, Renewal } from '@hatband/contract';
import { Policy } from '@hatband/core/intake';
import { sameName } from '@hatband/core/tasks';
import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Knex } from 'knex';
import type { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { renameInRules } from '../ruleVersions/renameInRules.ts';
import { record, parseJson, type AddressRow, type Store } from '../store/index.ts';
import { newLocalPart } from './localPart.ts';
import { turnedAway } from './turnedAway.ts';

type ListedRow = AddressRow & { project_name: string | null };

/** The intake addresses of the inbox and of projects, the inbox first. */
export async function listAddresses(store: Store, domain: string, clock: Clock): Promise<Address[]> {
  const { read } = store;
  const rows: ListedRow[] = await read('addresses')
    .leftJoin('projects', 'projects.id', 'addresses.project_id')
    .whereIn('target_kind', ['inbox', 'project'])
    .orderByRaw("target_kind = 'inbox' DESC, lower(projects.name)")
    .select('addresses.*', { project_name: 'projects.name' });
  const turned = await turnedAway(read);
  const now = clock().toISOString();
  const old = rows.filter((row) => row.retired_at !== null && (row.grace_until ?? '') > now);
  return rows
    .filter((row) => row.retired_at === null)
    .map((row) => {
      const ofTarget = (other: AddressRow) => other.project_id === row.project_id;
      const ids = rows.filter(ofTarget).map(({ id }) => id);
      return {
        ...viewAddress(row, domain),
        old: old.filter(ofTarget).map(({ local_part, grace_until }) => ({
          address: `${local_part}@${domain}`,
          until: grace_until ?? '',
        })),
        turnedAway: turned(ids),
      };
    });
}

const viewAddress = (row: ListedRow, domain: string) => ({
  id: row.id,
  address: `${row.local_part}@${domain}`,
  target:
    row.project_id === null
      ? { kind: 'inbox' as const, name: 'Inbox' }
      : { kind: 'project' as const, id: row.project_id, name: row.project_name ?? '' },
  createdAt: row.created_at,
  plusWord: row.plus_word,
  policy: parseJson(Policy, row.policy),
  paused: row.paused_at !== null,
  hasToken: row.token_hash !== null,
  revision: row.revision,
});

/** The inbox has an address from the first start on. */
export async function ensureInbox(store: Store, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    if (await trx('addresses').where({ target_kind: 'inbox' }).first()) return;
    await insertAddress(trx, { kind: 'inbox' }, 'inbox', clock);
  });
}

/** What a new address belongs to. */
export type AddressTarget =
  { kind: 'inbox' } | { kind: 'project'; id: string } | { kind: 'task'; id: number } | { kind: 'mailbox' };

/** A new way in; its number. */
export async function insertAddress(
  trx: Knex.Transaction,
  target: AddressTarget,
  prefix: string,
  clock: Clock,
): Promise<number> {
  const secret = newLocalPart(prefix);
  const [row] = await trx('addresses')
    .insert({
      local_part: target.kind === 'mailbox' ? `mailbox:${secret}` : secret,
      target_kind: target.kind,
      project_id: target.kind === 'project' ? target.id : null,
      task_id: target.kind === 'task' ? target.id : null,
      created_at: clock().toISOString(),
    })
    .returning('id');
  return row?.id ?? 0;
}

async function currentRow(trx: Knex.Transaction, id: number): Promise<AddressRow> {
  const row = await trx('addresses').where({ id }).first();
  if (!row) throw missing('address');
  if (row.retired_at !== null) throw new Failure('stale', 'This address was renewed already.');
  return row;
}

const DAY_MS = 24 * 60 * 60_000;

/** Retires the address and makes a new one for the same target that is treated alike; the number of the new one. */
export async function renewAddress(
  store: Store,
  id: number,
  { prefix, graceDays }: z.infer<typeof Renewal>,
  domain: string,
  clock: Clock,
): Promise<number> {
  return store.write(async (trx) => {
    const old = await currentRow(trx, id);
    const now = clock();
    await trx('addresses')
      .where({ id })
      .update({
        retired_at: now.toISOString(),
        grace_until: graceDays === 0 ? null : new Date(now.getTime() + graceDays * DAY_MS).toISOString(),
        plus_word: null,
      });
    const renewed = await insertAddress(trx, targetOf(old), prefix ?? prefixOf(old), clock);
    const { policy, plus_word, token_hash, paused_at } = old;
    await trx('addresses').where({ id: renewed }).update({ policy, plus_word, token_hash, paused_at });
    const row = await currentRow(trx, renewed);
    const [from, to] = [old, row].map(({ local_part }) => `${local_part}@${domain}`);
    if (from && to) await renameInRules(trx, { what: 'who', from, to }, clock);
    await record(trx, [{ kind: 'address', ref: String(renewed) }]);
    return renewed;
  });
}

function targetOf({ target_kind, project_id, task_id }: AddressRow): AddressTarget {
  if (target_kind === 'project' && project_id !== null) return { kind: 'project', id: project_id };
  return target_kind === 'task' && task_id !== null ? { kind: 'task', id: task_id } : { kind: 'inbox' };
}

const prefixOf = ({ local_part }: AddressRow) => local_part.replace(/-[^-]*$/, '');

/** Throws where another change came first, or the plus-word means another address already. */
export async function saveAddress(
  store: Store,
  seen: { id: number; revision: number },
  { policy, plusWord }: { policy: Policy; plusWord: string | null },
): Promise<void> {
  await store.write(async (trx) => {
    const row = await currentRow(trx, seen.id);
    if (row.revision !== seen.revision)
      throw new Failure('stale', 'This address was changed elsewhere meanwhile; look at it again.');
    const others = await trx('addresses').whereNull('retired_at').whereNot({ id: seen.id });
    if (plusWord !== null && others.some(({ plus_word }) => sameName(plus_word ?? '', plusWord))) {
      const message = `+${plusWord} means another address already.`;
      throw new Failure('conflict', message, [{ path: 'plusWord', message }]);
    }
    await trx('addresses')
      .where({ id: seen.id })
      .update({ policy: JSON.stringify(policy), plus_word: plusWord, revision: row.revision + 1 });
    await record(trx, [{ kind: 'address', ref: String(seen.id) }]);
  });
}

/** Changes who may send to a way in, whoever looks at it meanwhile. */
export async function changePolicy(
  trx: Knex.Transaction,
  id: number,
  change: (policy: Policy) => Policy,
): Promise<void> {
  const row = await trx('addresses').where({ id }).first();
  if (!row) throw missing('address');
  await trx('addresses')
    .where({ id })
    .update({
      policy: JSON.stringify(change(parseJson(Policy, row.policy))),
      revision: row.revision + 1,
    });
  await record(trx, [{ kind: 'address', ref: String(id) }]);
}

export async function pauseAddress(store: Store, id: number, paused: boolean, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    await currentRow(trx, id);
    await trx('addresses')
      .where({ id })
      .update({ paused_at: paused ? clock().toISOString() : null });
    await record(trx, [{ kind: 'address', ref: String(id) }]);
  });
}

const sha256 = (token: string) => createHash('sha256').update(token).digest();

/** A new token of the address, of 256 bits; only its hash is kept. */
export async function makeToken(store: Store, id: number): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await saveToken(store, id, sha256(token));
  return token;
}

export const dropToken = (store: Store, id: number): Promise<void> => saveToken(store, id, null);

async function saveToken(store: Store, id: number, token_hash: Buffer | null): Promise<void> {
  await store.write(async (trx) => {
    await currentRow(trx, id);
    await trx('addresses').where({ id }).update({ token_hash });
    await record(trx, [{ kind: 'address', ref: String(id) }]);
  });
}

export const isTokenOf = ({ token_hash }: AddressRow, token: string): boolean =>
  token_hash !== null && timingSafeEqual(token_hash, sha256(token));

/** The address of a task, made when it is first asked for. */
export async function addressOfTask(
  store: Store,
  taskId: number,
  domain: string,
  clock: Clock,
): Promise<string> {
  const row = await store.write(async (trx) => {
    const known = await trx('addresses').where({ task_id: taskId }).whereNull('retired_at').first();
    if (known) return known;
    if (!(await trx('tasks').where({ id: taskId }).first())) throw missing('task');
    const id = await insertAddress(trx, { kind: 'task', id: taskId }, `task-${String(taskId)}`, clock);
    await record(trx, [
      { kind: 'task', ref: String(taskId) },
      { kind: 'address', ref: String(id) },
    ]);
    return currentRow(trx, id);
  });
  return `${row.local_part}@${domain}`;
}
