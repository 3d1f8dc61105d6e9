import { Transform, type TransformCallback } from 'node:stream';

const LF = 10;
const LINE_END = Buffer.of(LF);
const BEGIN = Buffer.from('From ');

/** Lines beyond this many bytes are broken: no message has them, and the reader of mboxes takes too long for them. */
const LONGEST_LINE = 256 * 1024;

/**
 * In front of the reader of mboxes (RFC 4155), which holds a message whole: breaks endless lines, and leaves out what a
 * message has beyond `most` bytes.
 */
export class MboxGuard extends Transform {
  private line = 0;
  private message = 0;
  /** The first bytes of a line, until it is known whether a message begins with them; null once it is. */
  private head: Buffer | null = Buffer.alloc(0);
  private out: Buffer[] = [];

  constructor(private readonly most: number) {
    super();
  }

  override _transform(chunk: Buffer, _: BufferEncoding, done: TransformCallback) {
    for (let from = 0; from < chunk.length;) {
      const end = chunk.indexOf(LF, from);
      this.takePiece(chunk.subarray(from, end === -1 ? chunk.length : end));
      if (end === -1) break;
      this.endLine();
      from = end + 1;
    }
    done(null, this.handOver());
  }

  override _flush(done: TransformCallback) {
    this.endHead();
    done(null, this.handOver());
  }

  private handOver(): Buffer {
    const made = Buffer.concat(this.out);
    this.out = [];
    return made;
  }

  private takePiece(bytes: Buffer) {
    if (this.head === null) {
      this.pass(bytes);
      return;
    }
    const missing = BEGIN.length - this.head.length;
    this.head = Buffer.concat([this.head, bytes.subarray(0, missing)]);
    if (this.head.length < BEGIN.length) return;
    this.endHead();
    this.pass(bytes.subarray(missing));
  }

  private endHead() {
    const { head } = this;
    if (head === null) return;
    if (head.equals(BEGIN)) {
      // What was left out before it ended with a line.
      if (this.message > this.most) this.out.push(LINE_END);
      this.message = 0;
    }
    this.head = null;
    this.pass(head);
  }

  private endLine() {
    this.endHead();
    this.keep(LINE_END);
    this.message += 1;
    this.line = 0;
    this.head = Buffer.alloc(0);
  }

  private pass(bytes: Buffer) {
    for (let rest = bytes; rest.length > 0;) {
      if (this.line === LONGEST_LINE) {
        this.keep(LINE_END);
        this.line = 0;
      }
      const piece = rest.subarray(0, LONGEST_LINE - this.line);
      this.keep(piece);
      this.message += piece.length;
      this.line += piece.length;
      rest = rest.subarray(piece.length);
    }
  }

  private keep(bytes: Buffer) {
    if (this.message <= this.most) this.out.push(bytes);
  }
}
