import type { Mailbox, Message } from '../mail/index.ts';
import { readStatedTime } from '../dates/index.ts';
import type { DateOrder } from '../dates/index.ts';
import type { Anatomy, Part, PartKind } from './anatomy.ts';
import { findForward, parseMailbox, type Forward } from './forward.ts';
import { LAYOUTS } from './layouts/index.ts';
import { linesOf, type Line, type Slice } from './slices.ts';

export interface AnatomyOptions {
  /** The user's own addresses. */
  me: readonly string[];
  dateOrder: DateOrder;
}

/** Message → its parts: whose words are the note, the newest words, the history. See docs/READING.md. */
export function takeApart(message: Message, options: AnatomyOptions): Anatomy {
  const { text, from } = message;
  const mine = options.me.some((address) => address.toLowerCase() === from?.address.toLowerCase());
  const forward = findForward(linesOf(text, { start: 0, end: text.length }));
  if (forward) return takeForwardApart(message, forward, mine || options.me.length === 0, options);
  const body = splitBody(text, { start: 0, end: text.length });
  const outer = { who: from, sentAt: message.sentAt, forwarded: false, originalSubject: null };
  if (!mine) return { ...outer, parts: [...label(body.own, 'latest'), ...body.rest] };
  const quoted = body.intro && quotedWords(text, body, options.dateOrder);
  if (!quoted) return { ...outer, parts: [...label(body.own, 'note'), ...body.rest] };
  return { ...outer, ...quoted, parts: [...label(body.own, 'note'), ...quoted.parts] };
}

function takeForwardApart(
  message: Message,
  forward: Forward,
  mine: boolean,
  options: AnatomyOptions,
): Anatomy {
  const { text } = message;
  const above = splitBody(text, { start: 0, end: forward.heading.start });
  const inner = splitBody(text, { start: forward.heading.end, end: text.length });
  const outsiderAdds = !mine && text.slice(above.own.start, above.own.end).trim() !== '';
  return {
    parts: [
      ...label(above.own, outsiderAdds ? 'latest' : 'note'),
      ...above.rest,
      ...label(forward.heading, 'heading'),
      ...label(inner.own, outsiderAdds ? 'history' : 'latest'),
      ...inner.rest,
    ],
    who: outsiderAdds ? message.from : forward.from,
    sentAt: outsiderAdds
      ? message.sentAt
      : (forward.sent && readStatedTime(forward.sent, options.dateOrder)?.iso) || null,
    forwarded: true,
    originalSubject: forward.subject,
  };
}

interface Body {
  own: Slice;
  /** Signature and history below the own words, in their order. */
  rest: Part[];
  /** The line (or lines) above a quoted message. */
  intro: Slice | null;
}

function splitBody(text: string, range: Slice): Body {
  const lines = linesOf(text, range);
  const intro = findIntro(lines);
  const historyAt = intro?.start ?? trailingQuoteStart(lines) ?? range.end;
  const mark = lines.find((line) => line.start < historyAt && /^--\s?$/.test(line.text));
  const ownEnd = mark?.start ?? historyAt;
  return {
    own: { start: range.start, end: ownEnd },
    rest: [
      ...label({ start: ownEnd, end: historyAt }, 'signature'),
      ...label({ start: historyAt, end: range.end }, 'history'),
    ],
    intro,
  };
}

/** `On … wrote:` on one line or broken over two or three, with quoted or indented words or nothing more below it. */
function findIntro(lines: readonly Line[]): Slice | null {
  for (const { historyIntro } of LAYOUTS) {
    for (let i = 0; i < lines.length; i += 1) {
      const first = lines[i];
      if (!first || !historyIntro.begins.test(first.text.slice(0, 300))) continue;
      const last = lines
        .slice(i, i + 3)
        .find((line) => historyIntro.ends.test(line.text.slice(-300).trimEnd()));
      if (last) return { start: first.start, end: last.next };
    }
  }
  return null;
}

/** Quoted lines at the very end, with nothing unquoted after them. */
function trailingQuoteStart(lines: readonly Line[]): number | null {
  let start: number | null = null;
  for (const line of lines.toReversed()) {
    if (line.text.startsWith('>')) start = line.start;
    else if (line.text.trim() !== '') break;
  }
  return start;
}

/** The message under the user's own answer: its first quote level is the newest words, deeper ones are history. */
function quotedWords(text: string, body: Body, dateOrder: DateOrder) {
  const { intro } = body;
  if (!intro) return null;
  const parts: Part[] = [...body.rest.filter((p) => p.kind === 'signature'), ...label(intro, 'heading')];
  for (const line of linesOf(text, { start: intro.end, end: text.length })) {
    const mark = /^> ?/.exec(line.text)?.[0] ?? '';
    const deeper = mark === '' ? line.text.trim() !== '' : line.text.startsWith('>', mark.length);
    if (deeper) parts.push(...label({ start: line.start, end: line.next }, 'history'));
    else {
      parts.push(...label({ start: line.start, end: line.start + mark.length }, 'quoting'));
      parts.push(...label({ start: line.start + mark.length, end: line.next }, 'latest'));
    }
  }
  if (!parts.some((p) => p.kind === 'latest' && text.slice(p.start, p.end).trim() !== '')) return null;
  return { parts: merge(parts), ...readIntro(text.slice(intro.start, intro.end), dateOrder) };
}

/** `On Mon, 23 Nov 2026 at 16:48, Orla Penhale <orla@…> wrote:` → who and when. */
function readIntro(intro: string, dateOrder: DateOrder): { who: Mailbox | null; sentAt: string | null } {
  const line = intro.replace(/\s+/g, ' ').trim();
  const time = readStatedTime(line, dateOrder);
  const afterDate = time ? line.slice(time.end) : line;
  return {
    who: parseMailbox(afterDate.replace(/^[\s,]+/, '').replace(/\s*\w+:$/, '')),
    sentAt: time?.iso ?? null,
  };
}

function label(slice: Slice, kind: PartKind): Part[] {
  return slice.start < slice.end ? [{ kind, start: slice.start, end: slice.end }] : [];
}

function merge(parts: readonly Part[]): Part[] {
  const merged: Part[] = [];
  for (const part of parts) {
    const last = merged.at(-1);
    if (last?.kind === part.kind) merged[merged.length - 1] = { ...last, end: part.end };
    else merged.push(part);
  }
  return merged;
}
