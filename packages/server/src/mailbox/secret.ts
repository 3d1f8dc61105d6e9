import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { chmodSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { codeOf, StartFailure } from '../errors.ts';
import { KEY_FILE } from '../store/index.ts';

const KEY_BYTES = 32;
const IV_BYTES = 12;
const TAG_BYTES = 16;

/** Hides passwords in the database: AES-256-GCM (NIST SP 800-38D) under a key in a file of its own, mode 600. */
export interface Secrets {
  seal: (words: string) => Buffer;
  /** Throws where it was sealed by another key. */
  unseal: (sealed: Buffer) => string;
}

export function openSecrets(folder: string): Secrets {
  const key = keyIn(path.join(folder, KEY_FILE));
  return {
    seal: (words) => {
      const iv = randomBytes(IV_BYTES);
      const cipher = createCipheriv('aes-256-gcm', key, iv);
      const body = Buffer.concat([cipher.update(words, 'utf8'), cipher.final()]);
      return Buffer.concat([iv, cipher.getAuthTag(), body]);
    },
    unseal: (sealed) => {
      const decipher = createDecipheriv('aes-256-gcm', key, sealed.subarray(0, IV_BYTES));
      decipher.setAuthTag(sealed.subarray(IV_BYTES, IV_BYTES + TAG_BYTES));
      return (
        decipher.update(sealed.subarray(IV_BYTES + TAG_BYTES), undefined, 'utf8') + decipher.final('utf8')
      );
    },
  };
}

function keyIn(file: string): Buffer {
  try {
    const key = readFileSync(file);
    if (key.length !== KEY_BYTES) throw new StartFailure(`The key file ${file} is damaged.`);
    chmodSync(file, 0o600);
    return key;
  } catch (error) {
    if (codeOf(error) !== 'ENOENT') throw error;
    const key = randomBytes(KEY_BYTES);
    writeFileSync(file, key, { mode: 0o600, flag: 'wx' });
    return key;
  }
}
