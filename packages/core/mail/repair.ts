/** Windows-1252 where it differs from Latin 1, from 0x80 on (Encoding Standard, index windows-1252). */
export const UPPER = '€\x81‚ƒ„…†‡ˆ‰Š‹Œ\x8dŽ\x8f\x90‘’“”•–—˜™š›œ\x9džŸ';
const CR = 13;
const LF = 10;

/** Bytes that the decoder can take: line ends of old systems, and text that names no charset and is no UTF-8. */
export function repair(bytes: Uint8Array): Uint8Array {
  const lined = !bytes.includes(LF) && bytes.includes(CR) ? bytes.map((b) => (b === CR ? LF : b)) : bytes;
  if (isUtf8(lined)) return lined;
  const ascii = Array.from(lined.subarray(0, 50_000), (b) => String.fromCharCode(b)).join('');
  return /charset\s*=/i.test(ascii) ? lined : fromWindows1252(lined);
}

/** Well-formed UTF-8 (RFC 3629, section 4), as far as the lengths of its sequences go. */
function isUtf8(bytes: Uint8Array): boolean {
  for (let i = 0; i < bytes.length;) {
    const lead = bytes[i] ?? 0;
    const more =
      lead < 0x80
        ? 0
        : lead >= 0xc2 && lead < 0xe0
          ? 1
          : lead >= 0xe0 && lead < 0xf0
            ? 2
            : lead >= 0xf0 && lead < 0xf5
              ? 3
              : -1;
    if (more === -1) return false;
    for (let n = 1; n <= more; n += 1) if (((bytes[i + n] ?? 0x80) & 0xc0) !== 0x80) return false;
    i += more + 1;
  }
  return true;
}

function fromWindows1252(bytes: Uint8Array): Uint8Array {
  const out = new Uint8Array(bytes.length * 3);
  let at = 0;
  for (const byte of bytes) {
    const code = byte >= 0x80 && byte < 0xa0 ? UPPER.charCodeAt(byte - 0x80) : byte;
    if (code < 0x80) out[at++] = code;
    else {
      if (code < 0x800) out[at++] = 0xc0 | (code >> 6);
      else {
        out[at++] = 0xe0 | (code >> 12);
        out[at++] = 0x80 | ((code >> 6) & 0x3f);
      }
      out[at++] = 0x80 | (code & 0x3f);
    }
  }
  return out.subarray(0, at);
}
