import { Transform } from 'node:stream';

const LF = 10;
const BEGIN = Buffer.from('From ');

/** Lines beyond this many bytes are broken: no message has them, and the reader of mboxes takes too long for them. */
const LONGEST_LINE = 256 * 1024;

/**
 * In front of the reader of mboxes (RFC 4155), which holds a message whole: breaks endless lines, and leaves out what a
 * message has beyond `most` bytes.
 */
export function mboxGuard(most: number): Transform {
  let line = 0;
  let message = 0;
  /** The first bytes of a line, until it is known whether a message begins with them. */
  let head = Buffer.alloc(0);
  let isHead = true;
  const pass = (out: Buffer[], bytes: Buffer) => {
    for (let rest = bytes; rest.length > 0;) {
      if (line === LONGEST_LINE) {
        if (message <= most) out.push(Buffer.of(LF));
        line = 0;
      }
      const piece = rest.subarray(0, LONGEST_LINE - line);
      if (message <= most) out.push(piece);
      message += piece.length;
      line += piece.length;
      rest = rest.subarray(piece.length);
    }
  };
  const endHead = (out: Buffer[]) => {
    if (head.equals(BEGIN)) {
      // What was left out before it ended with a line.
      if (message > most) out.push(Buffer.of(LF));
      message = 0;
    }
    pass(out, head);
    head = Buffer.alloc(0);
    isHead = false;
  };
  const take = (out: Buffer[], bytes: Buffer) => {
    let rest = bytes;
    if (isHead) {
      const wanted = BEGIN.length - head.length;
      head = Buffer.concat([head, rest.subarray(0, wanted)]);
      rest = rest.subarray(wanted);
      if (head.length < BEGIN.length) return;
      endHead(out);
    }
    pass(out, rest);
  };
  return new Transform({
    transform(chunk: Buffer, _, done) {
      const out: Buffer[] = [];
      for (let from = 0; from < chunk.length;) {
        const end = chunk.indexOf(LF, from);
        take(out, chunk.subarray(from, end === -1 ? chunk.length : end));
        if (end === -1) break;
        if (isHead) endHead(out);
        if (message <= most) out.push(Buffer.of(LF));
        message += 1;
        [line, isHead] = [0, true];
        from = end + 1;
      }
      done(null, Buffer.concat(out));
    },
    flush(done) {
      const out: Buffer[] = [];
      if (isHead) endHead(out);
      done(null, Buffer.concat(out));
    },
  });
}
