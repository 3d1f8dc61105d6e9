import { UPPER } from './repair.ts';

/** Families that the Encoding Standard has no name for, so that no TextDecoder reads them, and that mail comes in. */
const BEYOND =
  /^(?:utf-?7(?:-imap)?|utf-?32(?:le|be)?|cp(?:437|7\d\d|8[0-58]\d|86[0-59]|1125)|ibm-?\d{3}|koi8-?(?:t|ru)|armscii-?8|tcvn(?:5712)?|viscii|hp-?roman8|georgian-?\w+|pt154|rk1048|mac(?:croatian|greek|iceland|romania|thai|turkish|centeuro)|cesu-?8)$/i;
const TEXT_PART = /^content-type:\s*text\/[^\r\n]*(?:\r?\n[ \t][^\r\n]*)*/gim;
const LABEL = /charset\s*=\s*"?([\w.:+-]+)/i;

/** The character set of all text in a message where the decoder does not know it, or null. */
export function strangeCharset(bytes: Uint8Array): string | null {
  const head = String.fromCharCode(...bytes.subarray(0, 8000));
  const labels = new Set(
    [...head.matchAll(TEXT_PART)].flatMap(([part]) => LABEL.exec(part)?.[1]?.toLowerCase() ?? []),
  );
  const [label] = labels;
  return labels.size === 1 && label !== undefined && BEYOND.test(label) ? label : null;
}

/** Text that the decoder took for Windows-1252, which maps every byte, in the character set that it is in. */
export async function inCharset(text: string, label: string): Promise<string> {
  const { default: iconv } = await import('iconv-lite');
  return iconv.decode(Uint8Array.from(text, byteOf), label);
}

function byteOf(letter: string): number {
  const upper = UPPER.indexOf(letter);
  return upper === -1 ? letter.charCodeAt(0) & 0xff : 0x80 + upper;
}
