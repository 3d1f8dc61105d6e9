import Database from 'better-sqlite3';
import path from 'node:path';
import { codeOf, StartFailure } from '../errors.ts';

/** Holds the data folder for this process: an SQLite lock, which the system frees when the process dies. */
export function lockFolder(folder: string): () => void {
  const lock = new Database(path.join(folder, 'lock'), { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if (codeOf(error)?.startsWith('SQLITE_BUSY')) {
      throw new StartFailure(`The data folder ${folder} is in use by another running Hatband.`);
    }
    throw error;
  }
  return () => {
    lock.close();
  };
}
