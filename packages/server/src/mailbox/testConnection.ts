import type { ImapSettings } from '@hatband/contract';
import { AccountProblem } from './account.ts';
import { connectImap } from './imapAccount.ts';

export interface ConnectionTest {
  problems: string[];
  /** The folders that are there. */
  folders: string[];
}

/** What is wrong with a connection and with what is to be watched over it, in words; no problem: all is well. */
export async function testConnection(settings: ImapSettings, password: string): Promise<ConnectionTest> {
  try {
    const account = await connectImap(settings, password);
    try {
      const folders = await account.folders();
      const problems = settings.folders
        .filter(({ folder }) => !folders.includes(folder) && folder !== 'INBOX')
        .map(({ folder }) => `There is no folder ${folder} in this mailbox.`);
      return { problems, folders };
    } finally {
      await account.close();
    }
  } catch (error) {
    if (error instanceof AccountProblem) return { problems: [error.message], folders: [] };
    throw error;
  }
}
