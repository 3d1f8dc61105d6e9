import { accessSync, chmodSync, constants, existsSync, mkdirSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { StartFailure } from '../errors.ts';

export const DATABASE_FILE = 'hatband.db';
/** It is made once the first address book is there, so beside no database it tells that one was lost. */
export const KEY_FILE = 'key';

/** Makes the data folder and lets nobody else look into it. Throws StartFailure where it cannot be used. */
export function useFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    accessSync(folder, constants.W_OK);
    chmodSync(folder, 0o700);
    for (const entry of readdirSync(folder, { withFileTypes: true }))
      if (entry.isFile()) chmodSync(path.join(folder, entry.name), 0o600);
  } catch {
    throw new StartFailure(`The data folder ${folder} cannot be written.`);
  }
}

/**
 * A folder with a key had a database. Started as if it were new, it would tell every sender that his address never
 * existed, so nothing is served.
 */
export function refuseLostDatabase(folder: string): void {
  const database = path.join(folder, DATABASE_FILE);
  const isThere = existsSync(database) && statSync(database).size > 0;
  if (!isThere && hasKey(folder)) throw lost(folder);
}

export const hasKey = (folder: string) => existsSync(path.join(folder, KEY_FILE));

export const lost = (folder: string) =>
  new StartFailure(
    `The mail and the addresses in ${folder} are gone: its ${DATABASE_FILE} is missing or empty, while its key is there. Put the file or a backup of it back. To begin with nothing instead, start once with HATBAND_ANEW=yes.`,
  );
