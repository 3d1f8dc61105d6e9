import type { DateOrder } from '../dates/index.ts';
import { header, type Mailbox, type Message } from '../mail/index.ts';
import { findHeadings, type Heading } from './headings.ts';
import { isBlank, quotedLinesOf, type QuotedLine } from './slices.ts';

/** One message within the text, the outermost first: its lines, who wrote it and when. */
export interface Segment {
  /** How it came in: null for the outer message itself. */
  heading: Heading['kind'] | 'attached' | 'quote' | null;
  from: Mailbox | null;
  sentAt: string | null;
  subject: string | null;
  lines: QuotedLine[];
}

/** A line of the text with what it belongs to: a segment, or the heading of one. */
interface PlacedLine {
  line: QuotedLine;
  segment: number;
  heading: boolean;
}

export interface Segments {
  segments: Segment[];
  placed: PlacedLine[];
  /** Several posts that a list sent as one message. */
  digest: boolean;
}

/**
 * The messages that a text holds, by the headings above them and the depth of quoting. A line belongs to the newest
 * message of its depth; deeper lines without a heading are a message of an unknown writer.
 */
export function segmentsOf(message: Message, order: DateOrder): Segments {
  const lines = quotedLinesOf(message.text);
  const headings = new Map(findHeadings(lines, order).map((heading) => [heading.start, heading]));
  const attached = new Map(message.attached.map((inner) => [inner.start, inner]));
  const outer: Segment = {
    heading: null,
    from: message.from,
    sentAt: message.sentAt,
    subject: message.subject,
    lines: [],
  };
  const segments = [outer];
  const placed: PlacedLine[] = [];
  let open = [{ segment: 0, depth: 0 }];
  const begin = (segment: Segment, depth: number) => {
    segments.push(segment);
    open = [...open.filter((o) => o.depth !== depth), { segment: segments.length - 1, depth }];
  };
  for (let i = 0; i < lines.length; i += 1) {
    const line = lines[i];
    if (!line) continue;
    const inner = attached.get(line.start);
    if (inner) begin({ ...inner, heading: 'attached', lines: [] }, 0);
    const heading = headings.get(i);
    if (heading) {
      const depth = depthBelow(lines, heading, line.depth);
      begin({ ...heading, heading: heading.kind, lines: [] }, depth);
      for (; i < heading.end; i += 1) {
        const part = lines[i];
        if (part) placed.push({ line: part, segment: segments.length - 1, heading: true });
      }
      i -= 1;
      continue;
    }
    if (!isBlank(line) && !open.some((o) => o.depth === line.depth))
      begin({ heading: 'quote', from: null, sentAt: null, subject: null, lines: [] }, line.depth);
    const own = isBlank(line)
      ? (placed.at(-1)?.segment ?? 0)
      : (open.find((o) => o.depth === line.depth)?.segment ?? 0);
    segments[own]?.lines.push(line);
    placed.push({ line, segment: own, heading: false });
  }
  return { segments, placed, digest: isDigest(message, lines) };
}

/** Thirty hyphens between posts (RFC 1153, section 3), or several messages in one part (RFC 2046, section 5.1.5). */
function isDigest(message: Message, lines: readonly QuotedLine[]): boolean {
  if (/multipart\/digest/i.test(header(message, 'content-type') ?? '')) return message.attached.length > 1;
  const rules = lines.filter(({ words }, i) => {
    if (!/^\s*-{28,32}\s*$/.test(words)) return false;
    const below = lines.slice(i + 1, i + 3).find((next) => !isBlank(next));
    return /^(?:Date|From|Subject|Message):/i.test(below?.words ?? '');
  });
  return rules.length > 1;
}

/** “On … wrote:” stands above words that are quoted one deeper, or not at all. */
function depthBelow(lines: readonly QuotedLine[], heading: Heading, depth: number): number {
  const below = lines.slice(heading.end).find((line) => !isBlank(line));
  return below && below.depth > depth ? below.depth : depth;
}
