import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { z } from 'zod';
import { parseJson, type Store } from '../store/index.ts';

const derive = promisify(scrypt) as (words: string, salt: Buffer, length: number) => Promise<Buffer>;

const Verifier = z.object({ salt: z.base64(), hash: z.base64() });
type Verifier = z.infer<typeof Verifier>;

async function verifierOf(passphrase: string): Promise<Verifier> {
  const salt = randomBytes(16);
  const hash = await derive(passphrase, salt, 32);
  return { salt: salt.toString('base64'), hash: hash.toString('base64') };
}

async function fits({ salt, hash }: Verifier, passphrase: string): Promise<boolean> {
  const given = await derive(passphrase, Buffer.from(salt, 'base64'), 32);
  return timingSafeEqual(given, Buffer.from(hash, 'base64'));
}

/**
 * Keeps the passphrase as its scrypt hash (RFC 7914) and answers how another is compared with it. One that is new since
 * the last start ends all sessions.
 */
export async function keepPassphrase(
  store: Store,
  passphrase: string,
): Promise<(given: string) => Promise<boolean>> {
  const row = await store.read('settings').where({ key: 'passphrase' }).first();
  const known = row ? parseJson(Verifier, row.value) : null;
  if (known && (await fits(known, passphrase))) return (given) => fits(known, given);
  const fresh = await verifierOf(passphrase);
  await store.write(async (trx) => {
    await trx('sessions').delete();
    await trx('settings')
      .insert({ key: 'passphrase', value: JSON.stringify(fresh) })
      .onConflict('key')
      .merge();
  });
  return (given) => fits(fresh, given);
}
