import type Database from 'better-sqlite3';

/** Statements that are prepared once a connection, for the hot paths; everything else goes through Knex. */
export function prepared<T>(prepare: (db: Database.Database) => T): (db: Database.Database) => T {
  const known = new WeakMap<Database.Database, { statements: T }>();
  return (db) => {
    const entry = known.get(db) ?? { statements: prepare(db) };
    known.set(db, entry);
    return entry.statements;
  };
}
