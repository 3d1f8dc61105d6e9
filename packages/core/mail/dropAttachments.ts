/** Types of parts that hold a message's words; what else comes along is an attachment. */
const WORDS = /^(?:text\/(?:plain|html|calendar|enriched)|multipart\/|message\/)/i;

const LF = 10;
const CR = 13;
const DASH = 45;
const LINE_END = Uint8Array.of(CR, LF);

/**
 * The message without the contents of its attachments; the heads of their parts stay and tell what was there. Messages
 * that came attached keep their words. (MIME, RFC 2046, sections 5.1 and 5.2)
 */
export function dropAttachments(bytes: Uint8Array): Uint8Array {
  const pieces = keptOf(bytes);
  const kept = new Uint8Array(pieces.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const piece of pieces) {
    kept.set(piece, at);
    at += piece.length;
  }
  return kept;
}

/** What is kept of a part, its head first. */
function keptOf(part: Uint8Array): Uint8Array[] {
  const bodyStart = bodyStartOf(part);
  if (bodyStart === -1) return [part];
  const head = latin1(part.subarray(0, bodyStart));
  const type = field(head, 'content-type') || 'text/plain';
  const body = part.subarray(bodyStart);
  const withHead = (kept: readonly Uint8Array[]) => [part.subarray(0, bodyStart), ...kept];
  if (/^multipart\//i.test(type)) {
    const boundary = parameter(type, 'boundary');
    return boundary === null ? [part] : withHead(keptOfParts(body, boundary));
  }
  if (/^message\/rfc822/i.test(type)) return withHead(keptOf(body));
  return isAttached(head, type) ? withHead([]) : [part];
}

/** Behind the first blank line; -1 where there is none. */
function bodyStartOf(part: Uint8Array): number {
  for (let at = part.indexOf(LF); at !== -1; at = part.indexOf(LF, at + 1)) {
    if (part[at + 1] === LF) return at + 2;
    if (part[at + 1] === CR && part[at + 2] === LF) return at + 3;
  }
  return -1;
}

function isAttached(head: string, type: string): boolean {
  return !WORDS.test(type) || /^attachment/i.test(field(head, 'content-disposition'));
}

/** Of each part between two boundary lines; what stands before the first and behind the last stays. */
function keptOfParts(body: Uint8Array, boundary: string): Uint8Array[] {
  const kept: Uint8Array[] = [];
  let from = 0;
  let inside = false;
  for (const { start, end, isLast } of boundaryLines(body, `--${boundary}`)) {
    const piece = body.subarray(from, start);
    kept.push(...(inside ? ended(keptOf(piece)) : [piece]), body.subarray(start, end));
    from = end;
    inside = !isLast;
  }
  return [...kept, body.subarray(from)];
}

function* boundaryLines(body: Uint8Array, mark: string) {
  for (let start = body.indexOf(DASH); start !== -1; start = body.indexOf(DASH, start + 1)) {
    if (start > 0 && body[start - 1] !== LF) continue;
    const words = latin1(body.subarray(start, start + mark.length + 80));
    const rest = words.startsWith(mark) ? /^(--)?[ \t]*(?=\r?\n|$)/.exec(words.slice(mark.length)) : null;
    if (rest) yield { start, end: start + mark.length + rest[0].length, isLast: rest[1] !== undefined };
  }
}

/** A boundary stands at the start of a line. */
const ended = (pieces: Uint8Array[]) => (pieces.at(-1)?.at(-1) === LF ? pieces : [...pieces, LINE_END]);

/** The value of a header field, unfolded; the empty string where there is none. */
function field(head: string, name: string): string {
  const found = new RegExp(`^${name}:((?:.*(?:\\r?\\n[ \\t].*)*))`, 'im').exec(head)?.[1] ?? '';
  return found.replace(/\r?\n[ \t]+/g, ' ').trim();
}

function parameter(value: string, name: string): string | null {
  const found = new RegExp(`;\\s*${name}\\s*=\\s*(?:"([^"]*)"|([^;\\s]+))`, 'i').exec(value);
  return found?.[1] ?? found?.[2] ?? null;
}

/** A head of a part is short; a longer one is read that far. */
const LONGEST_HEAD = 64 * 1024;

const latin1 = (bytes: Uint8Array) => String.fromCharCode(...bytes.subarray(0, LONGEST_HEAD));
