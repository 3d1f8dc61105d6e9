import type { StoredView } from '@hatband/contract';
import { NamedView, sameName, TaskView } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Failure, missing } from '../errors.ts';
import { parseJson, record, type Store, type ViewRow } from '../store/index.ts';

const stored = ({ id, name, view, revision }: ViewRow): StoredView => ({
  id,
  name,
  view: parseJson(TaskView, view),
  revision,
});

export const listViews = async (db: Knex): Promise<StoredView[]> =>
  (await db('views').orderBy('position')).map(stored);

/** A new view behind the others. Throws where the name is taken. */
export const addView = (store: Store, { name, view }: NamedView): Promise<StoredView> =>
  store.write(async (trx) => {
    await requireFree(trx, name);
    const id = randomUUID();
    const last = await trx('views').max({ position: 'position' }).first();
    const row = {
      id,
      name,
      view: JSON.stringify(view),
      position: (last?.position ?? 0) + 1,
      revision: 1,
    };
    await trx('views').insert(row);
    await record(trx, [{ kind: 'view', ref: id }]);
    return stored(row);
  });

interface Seen {
  id: string;
  revision: number;
}

export const saveView = (store: Store, seen: Seen, { name, view }: NamedView): Promise<StoredView> =>
  store.write(async (trx) => {
    const row = await rowAsSeen(trx, seen);
    await requireFree(trx, name, seen.id);
    const saved = { name, view: JSON.stringify(view), revision: row.revision + 1 };
    await trx('views').where({ id: seen.id }).update(saved);
    await record(trx, [{ kind: 'view', ref: seen.id }]);
    return stored({ ...row, ...saved });
  });

export const deleteView = (store: Store, seen: Seen): Promise<void> =>
  store.write(async (trx) => {
    await rowAsSeen(trx, seen);
    await trx('views').where({ id: seen.id }).delete();
    await record(trx, [{ kind: 'view', ref: seen.id }]);
  });

async function rowAsSeen(trx: Knex.Transaction, { id, revision }: Seen): Promise<ViewRow> {
  const row = await trx('views').where({ id }).first();
  if (!row) throw missing('view');
  if (row.revision !== revision)
    throw new Failure('stale', 'This view was changed elsewhere meanwhile; look at it again.');
  return row;
}

async function requireFree(trx: Knex.Transaction, name: string, own?: string): Promise<void> {
  const taken = (await trx('views').select('id', 'name')).find((row) => sameName(row.name, name));
  if (!taken || taken.id === own) return;
  const message = `There is a view ${taken.name} already.`;
  throw new Failure('conflict', message, [{ path: 'name', message }]);
}
