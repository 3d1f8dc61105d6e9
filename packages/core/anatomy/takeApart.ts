import { spokenIn, wants, type DateOrder } from '../dates/index.ts';
import { detectLanguage, fold, listOf } from '../languages/index.ts';
import type { Mailbox, Message } from '../mail/index.ts';
import type { Anatomy, Part, PartKind } from './anatomy.ts';
import { FORWARD_PREFIXES, REPLY_PREFIXES } from './layouts/prefixes.ts';
import { segmentsOf, type Segment, type Segments } from './segments.ts';
import { trim, type LineKind } from './trim.ts';

export interface AnatomyOptions {
  /** The user's own addresses. */
  me: readonly string[];
  dateOrder: DateOrder;
}

/** Message → its parts: whose words are the note, the newest words, the history. See docs/READING.md. */
export function takeApart(message: Message, options: AnatomyOptions): Anatomy {
  const found = segmentsOf(message, options.dateOrder);
  const kinds = found.segments.map((segment) => trim(segment.lines));
  const roles = found.digest ? newestPost(found.segments) : chooseRoles(found.segments, kinds, options);
  const writer = found.segments[roles.latest ?? roles.note ?? 0];
  const forwarded = found.segments.some((_, i) => i > 0 && isForward(found.segments, i));
  return {
    parts: partsOf(found, kinds, roles, message.text.length),
    who: writer?.from ?? null,
    sentAt: writer?.sentAt ?? null,
    forwarded,
    originalSubject: innermostSubject(found.segments, roles),
  };
}

/** Which segment is the user's note, and which holds the newest words. */
interface Roles {
  note: number | null;
  latest: number | null;
}

/** Of the posts of a digest the newest counts, or the first where they have no dates. */
function newestPost(segments: readonly Segment[]): Roles {
  const posts = segments.map(({ sentAt }, i) => ({ sentAt: sentAt ?? '', i })).slice(1);
  const [newest] = posts.toSorted((a, b) => b.sentAt.localeCompare(a.sentAt) || a.i - b.i);
  return { note: null, latest: newest?.i ?? 0 };
}

function chooseRoles(
  segments: readonly Segment[],
  kinds: readonly LineKind[][],
  { me }: Pick<AnatomyOptions, 'me'>,
): Roles {
  const mine = (from: Mailbox | null) =>
    from !== null && me.some((a) => a.toLowerCase() === from.address.toLowerCase());
  const own = (i: number) => ownWords(segments[i], kinds[i] ?? []);
  const inner = segments.findIndex((_, i) => i > 0);
  const forwardedByMe = me.length === 0 && inner !== -1 && isForward(segments, inner);
  if (mine(segments[0]?.from ?? null) || forwardedByMe) {
    const latest = newestOutside(segments, 1, own, mine);
    return { note: 0, latest };
  }
  const passes = inner !== -1 && isForward(segments, inner) && !asksFor(own(0));
  const latest = passes ? newestOutside(segments, 1, own, mine) : null;
  return { note: null, latest: latest ?? 0 };
}

/** The first message from there that is not the user's own and says something of its own; a bare forward is passed by. */
function newestOutside(
  segments: readonly Segment[],
  from: number,
  own: (i: number) => string,
  mine: (from: Mailbox | null) => boolean,
): number | null {
  for (let i = from; i < segments.length; i += 1) {
    const segment = segments[i];
    const words = own(i);
    if (!segment || mine(segment.from) || words.trim() === '') continue;
    if (segment.heading === 'quote' && i > from) continue;
    const next = i + 1 < segments.length && isForward(segments, i + 1) && !asksFor(words);
    if (next) return newestOutside(segments, i + 1, own, mine) ?? i;
    return i;
  }
  return null;
}

const REPLIES = new Set(listOf(REPLY_PREFIXES));
const FORWARDS = new Set(listOf(FORWARD_PREFIXES));

/** Whether the segment before passed this one on, rather than answered it. */
function isForward(segments: readonly Segment[], at: number): boolean {
  const segment = segments[at];
  if (segment?.heading === 'marker' || segment?.heading === 'attached') return true;
  if (segment?.heading !== 'headers') return false;
  const prefix = fold(
    /^\s*(\p{L}{1,10})\.?\s?(?:\[\d+\])?:/u.exec(segments[at - 1]?.subject ?? '')?.[1] ?? '',
  );
  return FORWARDS.has(prefix) || (!REPLIES.has(prefix) && at === 1);
}

function ownWords(segment: Segment | undefined, kinds: readonly LineKind[]): string {
  if (!segment) return '';
  return segment.lines
    .filter((_, i) => kinds[i] === 'words')
    .map((line) => line.words)
    .join('\n');
}

/** Whether words ask for something themselves, rather than hand on what others asked. */
function asksFor(words: string): boolean {
  if (words.trim() === '') return false;
  return (
    words.includes('?') ||
    spokenIn(words, detectLanguage(words, 'en') ?? 'en').some(({ folded, language }) =>
      wants(folded, language),
    )
  );
}

function innermostSubject(segments: readonly Segment[], { latest }: Roles): string | null {
  const own = latest === null || latest === 0 ? null : (segments[latest]?.subject ?? null);
  return (
    own ??
    segments.slice(1).find((segment) => segment.subject !== null && segment.heading !== 'headers')?.subject ??
    null
  );
}

function partsOf(found: Segments, kinds: readonly LineKind[][], roles: Roles, length: number): Part[] {
  const counters = found.segments.map(() => 0);
  const parts: Part[] = [];
  const add = (kind: PartKind, start: number, end: number) => {
    if (start >= end) return;
    const last = parts.at(-1);
    if (last?.kind === kind && last.end === start) parts[parts.length - 1] = { ...last, end };
    else parts.push({ kind, start, end });
  };
  for (const { line, segment, heading } of found.placed) {
    const role = segment === roles.note ? 'note' : segment === roles.latest ? 'latest' : 'history';
    if (heading) {
      add(role === 'history' ? 'history' : 'heading', line.start, line.next);
      continue;
    }
    const kind = kinds[segment]?.[counters[segment] ?? 0] ?? 'words';
    counters[segment] = (counters[segment] ?? 0) + 1;
    if (role === 'history') add('history', line.start, line.next);
    else if (kind !== 'words') add(kind, line.start, line.next);
    else {
      add('quoting', line.start, line.start + line.mark);
      add(role, line.start + line.mark, line.next);
    }
  }
  const last = parts.at(-1);
  if (last && last.end < length) add(last.kind, last.end, length);
  return parts;
}
