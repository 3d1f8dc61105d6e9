import { createHash, randomBytes } from 'node:crypto';
import type { Clock } from '../clock.ts';
import type { Store } from '../store/index.ts';
import { keepPassphrase } from './passphrase.ts';

const DAYS = 30;

/** Who may use the page: on this machine alone anybody, else whoever has signed in with the passphrase. */
export interface Access {
  needsPassphrase: boolean;
  isSignedIn: (token: string | null) => Promise<boolean>;
  /** The token of a new session, or null for a wrong passphrase. */
  signIn: (passphrase: string) => Promise<string | null>;
  signOut: (token: string | null, everywhere: boolean) => Promise<void>;
  /** Calls once the session is ended by the user; the answer takes the call back. */
  onEnd: (token: string | null, call: () => void) => () => void;
  /** How long a session lasts. */
  seconds: number;
}

const hashOf = (token: string) => createHash('sha256').update(token).digest();

export async function openAccess(store: Store, passphrase: string | null, clock: Clock): Promise<Access> {
  const isRight = passphrase === null ? null : await keepPassphrase(store, passphrase);
  const seconds = DAYS * 24 * 60 * 60;
  const waiting = new Set<{ token: string | null; call: () => void }>();
  return {
    needsPassphrase: isRight !== null,
    seconds,
    isSignedIn: async (token) => {
      if (isRight === null) return true;
      if (token === null) return false;
      const row = await store
        .read('sessions')
        .where({ token_hash: hashOf(token) })
        .first('ends_at');
      return row !== undefined && row.ends_at > clock().toISOString();
    },
    signIn: async (given) => {
      if (isRight === null || !(await isRight(given))) return null;
      const token = randomBytes(32).toString('base64url');
      const now = clock();
      await store.write(async (trx) => {
        await trx('sessions').where('ends_at', '<=', now.toISOString()).delete();
        await trx('sessions').insert({
          token_hash: hashOf(token),
          begun_at: now.toISOString(),
          ends_at: new Date(now.getTime() + seconds * 1000).toISOString(),
        });
      });
      return token;
    },
    signOut: async (token, everywhere) => {
      await store.write(async (trx) => {
        if (everywhere) await trx('sessions').delete();
        else if (token !== null)
          await trx('sessions')
            .where({ token_hash: hashOf(token) })
            .delete();
      });
      for (const each of [...waiting]) if (everywhere || each.token === token) each.call();
    },
    onEnd: (token, call) => {
      const each = { token, call };
      waiting.add(each);
      return () => waiting.delete(each);
    },
  };
}
