import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { Attachment } from './message.ts';

const FILE = /^begin [0-7]{3,4} ([^\n]{1,200})\n((?:[ -`]{1,62}\n)*?)end$/gm;

/** Takes uuencoded files (POSIX.1-2017, uuencode) out of a text. */
export function takeFiles(text: string): { text: string; files: Attachment[] } {
  if (!text.includes('\nbegin ') && !text.startsWith('begin ')) return { text, files: [] };
  const files: Attachment[] = [];
  const rest = text.replace(FILE, (_, name: string, body: string) => {
    const size = body
      .split('\n')
      .reduce((sum, line) => sum + (line === '' ? 0 : (line.charCodeAt(0) - 32) & 63), 0);
    files.push({
      name,
      type: 'application/octet-stream',
      size,
      digest: bytesToHex(sha256(utf8ToBytes(body))),
    });
    return '';
  });
  return { text: rest, files };
}
