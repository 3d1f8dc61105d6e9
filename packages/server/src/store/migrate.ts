import type { Knex } from 'knex';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { StartFailure } from '../errors.ts';
import { MIGRATIONS, type Migration } from './migrations/index.ts';

const source: Knex.MigrationSource<Migration> = {
  getMigrations: () => Promise.resolve([...MIGRATIONS]),
  getMigrationName: (migration) => migration.name,
  getMigration: (migration) => Promise.resolve({ up: migration.up, down: () => Promise.resolve() }),
};

/** Brings the database to this version, with a backup in front of each step. A database of a newer version is refused. */
export async function migrate(db: Knex, folder: string): Promise<void> {
  const done = await completed(db);
  const unknown = done.find((name) => !MIGRATIONS.some((m) => m.name === name));
  if (unknown !== undefined) {
    throw new StartFailure(`The data in ${folder} was written by a newer version of Hatband (${unknown}).`);
  }
  for (const migration of MIGRATIONS.slice(done.length)) {
    if (done.length > 0) await backUp(db, path.join(folder, `before-${migration.name}.db`));
    await db.migrate.up({ migrationSource: source });
  }
}

async function completed(db: Knex): Promise<string[]> {
  if (!(await db.schema.hasTable('knex_migrations'))) return [];
  const rows = await db<{ id: number; name: string }>('knex_migrations').select('name').orderBy('id');
  return rows.map((row) => row.name);
}

/** A backup that an earlier, broken-off attempt left is written anew: nothing had been migrated after it. */
async function backUp(db: Knex, file: string): Promise<void> {
  rmSync(file, { force: true });
  await db.raw('VACUUM INTO ?', [file]);
}
