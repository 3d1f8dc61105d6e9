import { z } from 'zod';
import { sameName } from '../../tasks/index.ts';
import { joinSlices, type JoinedWords } from '../../anatomy/index.ts';
import type { EvidenceSpan, Reading } from '../../reading/index.ts';

const Header = z.strictObject({ header: z.string().trim().min(1, 'Name a header.') });

/** A stretch of a message that conditions look at. */
export const MessageScope = z.union([z.enum(['subject', 'note', 'newest', 'whole']), Header]);
export type MessageScope = z.infer<typeof MessageScope>;

/** Where a reading looks. `item`: the words of the one item, table row or match that a task is made of. */
export const Scope = z.union([z.enum(['item', 'subject', 'note', 'newest', 'whole']), Header]);
export type Scope = z.infer<typeof Scope>;

const SOME = 'Choose where to look.';
export const MessageScopes = z.array(MessageScope).min(1, SOME).default(['subject', 'note', 'newest']);
/** In the order in which they are searched. */
export const Scopes = z.array(Scope).min(1, SOME).default(['item', 'note', 'newest', 'subject']);

/** A stretch of the message to look in, with the way back to evidence. */
export interface ScopeText {
  value: string;
  spans: (start: number, end: number) => EvidenceSpan[];
}

/** The words of a scope, but for those of an item; empty where the message has none. */
export function scopeText({ message, anatomy }: Reading, scope: MessageScope): ScopeText {
  if (typeof scope === 'object') {
    const found = message.headers.find(({ name }) => sameName(name, scope.header));
    const value = found?.value ?? '';
    return { value, spans: spansIn('header', value, joinSlices(value, [all(value)]), found?.name) };
  }
  if (scope === 'subject') return whole('subject', message.subject);
  if (scope === 'whole') return whole('text', message.text);
  const kind = scope === 'note' ? 'note' : 'latest';
  const words = joinSlices(
    message.text,
    anatomy.parts.filter((part) => part.kind === kind),
  );
  return { value: words.value, spans: spansIn('text', message.text, words) };
}

const all = (value: string) => ({ start: 0, end: value.length });

function whole(part: 'subject' | 'text', value: string): ScopeText {
  return { value, spans: spansIn(part, value, joinSlices(value, [all(value)])) };
}

function spansIn(part: EvidenceSpan['part'], text: string, words: JoinedWords, header?: string) {
  return (start: number, end: number): EvidenceSpan[] => {
    const value = words.value.slice(start, end);
    const from = start + value.length - value.trimStart().length;
    return words.slicesOf(from, Math.max(from, start + value.trimEnd().length)).map((slice) => ({
      part,
      ...(header === undefined ? {} : { header }),
      start: slice.start,
      end: slice.end,
      quote: text.slice(slice.start, slice.end),
    }));
  };
}

/** The words that given spans stand on, one line a span. */
export function textOfSpans(spans: readonly EvidenceSpan[]): ScopeText {
  const quotes = spans.map((span) => span.quote);
  return {
    value: quotes.join('\n'),
    spans: (start, end) => {
      let passed = 0;
      return spans.flatMap((span) => {
        const from = Math.max(0, start - passed);
        const to = Math.min(span.quote.length, end - passed);
        passed += span.quote.length + 1;
        return from < to
          ? { ...span, start: span.start + from, end: span.start + to, quote: span.quote.slice(from, to) }
          : [];
      });
    },
  };
}

/** A scope in words, “the newest words”. */
export function sayScope(scope: Scope): string {
  if (typeof scope === 'object') return `the header ${scope.header}`;
  return {
    item: 'the item’s own text',
    subject: 'the subject',
    note: 'your note',
    newest: 'the newest words',
    whole: 'the whole text',
  }[scope];
}

/** Where a reading looks, “ in the subject”; nothing where it looks as readings do. */
export const sayScopes = (scopes: readonly Scope[]) =>
  JSON.stringify(scopes) === JSON.stringify(Scopes.parse(undefined))
    ? ''
    : ` in ${scopes.map(sayScope).join(', ')}`;
