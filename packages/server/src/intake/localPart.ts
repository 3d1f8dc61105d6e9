import { randomBytes } from 'node:crypto';

const ALPHABET = 'abcdefghijklmnopqrstuvwxyz234567';

/** A readable prefix and 80 random bits in base32 (RFC 4648, section 6, in lower case). */
export function newLocalPart(name: string): string {
  const prefix = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 20);
  const bits = BigInt(`0x${randomBytes(10).toString('hex')}`);
  const secret = Array.from({ length: 16 }, (_, i) => ALPHABET.charAt(Number((bits >> BigInt(5 * i)) & 31n)));
  return `${prefix || 'project'}-${secret.join('')}`;
}
