/** Types of parts that hold a message's words; what else comes along is an attachment. */
const WORDS = /^(?:text\/(?:plain|html|calendar|enriched)|multipart\/|message\/)/i;

/**
 * The message without the contents of its attachments; the heads of their parts stay and tell what was there. Messages
 * that came attached keep their words. (MIME, RFC 2046, sections 5.1 and 5.2)
 */
export function dropAttachments(bytes: Uint8Array): Uint8Array {
  const kept = cutPart(binary(bytes));
  return Uint8Array.from(kept, (unit) => unit.charCodeAt(0));
}

function cutPart(part: string): string {
  const split = /\r?\n\r?\n/.exec(part);
  if (!split) return part;
  const head = part.slice(0, split.index);
  const bodyStart = split.index + split[0].length;
  const type = field(head, 'content-type') || 'text/plain';
  if (/^multipart\//i.test(type)) {
    const boundary = parameter(type, 'boundary');
    return boundary === null ? part : part.slice(0, bodyStart) + cutParts(part.slice(bodyStart), boundary);
  }
  if (/^message\/rfc822/i.test(type)) return part.slice(0, bodyStart) + cutPart(part.slice(bodyStart));
  return isAttached(head, type) ? `${part.slice(0, bodyStart)}` : part;
}

function isAttached(head: string, type: string): boolean {
  const disposition = field(head, 'content-disposition');
  return !WORDS.test(type) || /^attachment/i.test(disposition);
}

/** Each part between two boundary lines; what stands before the first and behind the last stays. */
function cutParts(body: string, boundary: string): string {
  const line = new RegExp(`^--${boundary.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(--)?[ \\t]*\\r?$`, 'gm');
  let kept = '';
  let from = 0;
  let inside = false;
  for (const { index, 0: text, 1: last } of body.matchAll(line)) {
    const piece = body.slice(from, index);
    kept += inside ? ended(cutPart(piece)) : piece;
    kept += text;
    from = index + text.length;
    inside = last === undefined;
  }
  return kept + body.slice(from);
}

/** A boundary stands at the start of a line. */
const ended = (part: string) => (part.endsWith('\n') ? part : `${part}\r\n`);

/** The value of a header field, unfolded; the empty string where there is none. */
function field(head: string, name: string): string {
  const found = new RegExp(`^${name}:((?:.*(?:\\r?\\n[ \\t].*)*))`, 'im').exec(head)?.[1] ?? '';
  return found.replace(/\r?\n[ \t]+/g, ' ').trim();
}

function parameter(value: string, name: string): string | null {
  const found = new RegExp(`;\\s*${name}\\s*=\\s*(?:"([^"]*)"|([^;\\s]+))`, 'i').exec(value);
  return found?.[1] ?? found?.[2] ?? null;
}

/** A character a byte. */
function binary(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += 8192)
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + 8192)));
  return pieces.join('');
}
