/** Beyond these a message is a store of data: decoding takes time and memory for each part and each unencoded line. */
const MOST_PARTS = 1000;
const MOST_LINES = 60_000;
/** Of a part that comes after so many lines only its head is kept, and this much of its body. */
const FIRST_LINES = 40;

const LF = 10;
const CR = 13;
const DASH = 45;
const LONGEST_HEADER_LINE = 2000;

export interface BoundParts {
  bytes: Uint8Array;
  warnings: string[];
}

interface State {
  boundaries: Set<string>;
  parts: number;
  lines: number;
  /** Of the part that is being looked through. */
  ofPart: number;
  inHead: boolean;
  isEncoded: boolean;
  isMessage: boolean;
}

/**
 * What of a message's bytes can be decoded at a bounded cost (MIME, RFC 2046, section 5.1): unencoded lines and parts
 * beyond a number are left out. The bytes of the message itself stay as they are.
 */
export function boundParts(bytes: Uint8Array): BoundParts {
  const state: State = {
    boundaries: new Set(),
    parts: 0,
    lines: 0,
    ofPart: 0,
    inHead: true,
    isEncoded: false,
    isMessage: false,
  };
  const kept: Uint8Array[] = [];
  let from = 0;
  let isCut = false;
  for (let at = 0; at < bytes.length;) {
    const found = bytes.indexOf(LF, at);
    const end = found === -1 ? bytes.length : found + 1;
    const isKept = takeLine(state, bytes, at, end);
    if (state.parts > MOST_PARTS) {
      bytes = bytes.subarray(0, at);
      isCut = true;
      break;
    }
    if (!isKept) {
      if (from < at) kept.push(bytes.subarray(from, at));
      from = end;
      isCut = true;
    }
    at = end;
  }
  if (!isCut) return { bytes, warnings: [] };
  if (from < bytes.length) kept.push(bytes.subarray(from));
  return {
    bytes: joined(kept),
    warnings: ['The message has very many lines or parts; the rest is kept but was not read.'],
  };
}

/** Counts a line, and answers whether it is kept. */
function takeLine(state: State, bytes: Uint8Array, start: number, end: number): boolean {
  if (bytes[start] === DASH && bytes[start + 1] === DASH && isBoundary(state, bytes, start, end)) {
    Object.assign(state, {
      parts: state.parts + 1,
      ofPart: 0,
      inHead: true,
      isEncoded: false,
      isMessage: false,
    });
    return true;
  }
  if (state.inHead) {
    takeHeadLine(state, bytes, start, end);
    return true;
  }
  if (state.isEncoded) return true;
  state.lines += 1;
  state.ofPart += 1;
  return state.lines <= MOST_LINES || state.ofPart <= FIRST_LINES;
}

function takeHeadLine(state: State, bytes: Uint8Array, start: number, end: number): void {
  const isBlank = end - start <= 2 && (bytes[start] === LF || bytes[start] === CR);
  if (isBlank) {
    // The head of an attached message follows that of its part.
    state.inHead = state.isMessage;
    state.isMessage = false;
    return;
  }
  const line = latin1(bytes.subarray(start, Math.min(end, start + LONGEST_HEADER_LINE)));
  const boundary = /boundary\s*=\s*(?:"([^"]{1,200})"|([^\s;"]{1,200}))/i.exec(line);
  if (boundary) state.boundaries.add(boundary[1] ?? boundary[2] ?? '');
  if (/^content-transfer-encoding:\s*base64/i.test(line)) state.isEncoded = true;
  if (/^content-type:\s*message\/rfc822/i.test(line)) state.isMessage = true;
}

function isBoundary({ boundaries }: State, bytes: Uint8Array, start: number, end: number): boolean {
  const line = latin1(bytes.subarray(start + 2, Math.min(end, start + 210))).trimEnd();
  return boundaries.has(line) || (line.endsWith('--') && boundaries.has(line.slice(0, -2)));
}

function joined(pieces: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(pieces.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return whole;
}

const latin1 = (bytes: Uint8Array) => String.fromCharCode(...bytes);
