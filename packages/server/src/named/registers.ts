import type { RegisterKind } from '@hatband/contract';
import type { NamedThing } from '@hatband/core/rules';
import { sameName, type RenamedName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { z } from 'zod';
import { renameInActs } from '../acts/renameInActs.ts';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { renameInRules } from '../ruleVersions/renameInRules.ts';
import type { Guarded } from './guarded.ts';
import { record, parseJson, type NamedRow, type Store } from '../store/index.ts';
import { renameInTasks } from '../tasks/renameInTasks.ts';
import { renameInViews } from '../views/renameInViews.ts';

/** What rules call it. */
const WHAT: Record<RegisterKind, NamedThing> = {
  people: 'who',
  tables: 'table',
  templates: 'template',
  tags: 'tag',
};
/** The fields of tasks that hold it. */
const FIELDS: Record<RegisterKind, readonly RenamedName['field'][]> = {
  people: ['assignee', 'waitingFor'],
  tables: [],
  templates: [],
  tags: ['tags'],
};
const ONE: Record<RegisterKind, string> = {
  people: 'person',
  tables: 'lookup table',
  templates: 'task template',
  tags: 'tag',
};

/** The things of a kind by their names. */
export async function listNamed<S extends z.ZodType>(
  db: Knex,
  kind: RegisterKind,
  schema: S,
): Promise<{ id: string; revision: number; body: z.infer<S> }[]> {
  const rows = await db('named').where({ kind }).orderByRaw('lower(name)');
  return rows.map(({ id, revision, body }) => ({ id, revision, body: parseJson(schema, body) }));
}

export const addNamed = (store: Store, kind: RegisterKind, body: { name: string }): Promise<void> =>
  store.write((trx) => insertNamed(trx, kind, body));

/** Throws where the name is taken. */
export async function insertNamed(
  trx: Knex.Transaction,
  kind: RegisterKind,
  body: { name: string },
): Promise<void> {
  await requireFree(trx, kind, body.name);
  const id = randomUUID();
  await trx('named').insert({ id, kind, name: body.name, body: JSON.stringify(body) });
  await record(trx, [{ kind: 'named', ref: id }]);
}

export async function findNamed(db: Knex, kind: RegisterKind, name: string): Promise<NamedRow | undefined> {
  const rows = await db('named').where({ kind });
  return rows.find((row) => sameName(row.name, name));
}

async function requireFree(
  trx: Knex.Transaction,
  kind: RegisterKind,
  name: string,
  own?: string,
): Promise<void> {
  const taken = await findNamed(trx, kind, name);
  if (!taken || taken.id === own) return;
  const message = `There is a ${ONE[kind]} ${taken.name} already.`;
  throw new Failure('conflict', message, [{ path: 'name', message }]);
}

interface Seen {
  id: string;
  revision: number;
}

async function rowAsSeen(
  trx: Knex.Transaction,
  kind: RegisterKind,
  { id, revision }: Seen,
): Promise<NamedRow> {
  const row = await trx('named').where({ id, kind }).first();
  if (!row) throw missing(ONE[kind]);
  if (row.revision !== revision)
    throw new Failure('stale', `This ${ONE[kind]} was changed elsewhere meanwhile; look at it again.`);
  return row;
}

/** Rules that name it by its old name get new versions with the new one; tasks that hold it get it too. */
export async function saveNamed(
  store: Store,
  guarded: Guarded,
  { kind, ...seen }: Seen & { kind: RegisterKind },
  body: { name: string },
  clock: Clock,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await rowAsSeen(trx, kind, seen);
    await requireFree(trx, kind, body.name, seen.id);
    await guarded(trx, async () => {
      await trx('named')
        .where({ id: seen.id })
        .update({ name: body.name, body: JSON.stringify(body), revision: row.revision + 1 });
      await renameInRules(trx, { what: WHAT[kind], from: row.name, to: body.name }, clock);
    });
    for (const field of row.name === body.name ? [] : FIELDS[kind]) {
      const renamed = { field, from: row.name, to: body.name };
      await renameInTasks(trx, renamed, clock);
      await renameInActs(trx, renamed);
      await renameInViews(trx, renamed);
    }
    await record(trx, [{ kind: 'named', ref: seen.id }]);
  });
}

/** Refused where rules at work need it. */
export async function deleteNamed(
  store: Store,
  guarded: Guarded,
  { kind, ...seen }: Seen & { kind: RegisterKind },
): Promise<void> {
  await store.write(async (trx) => {
    await rowAsSeen(trx, kind, seen);
    await guarded(trx, async () => {
      await trx('named').where({ id: seen.id }).delete();
    });
    await record(trx, [{ kind: 'named', ref: seen.id }]);
  });
}
