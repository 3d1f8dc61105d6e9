import { expect } from 'vitest';
import type { Reading } from './index.ts';

/** For tests: all evidence of a reading quotes what stands at its place. */
export function expectTrueQuotes({ facts, message }: Reading): void {
  const spans = [
    ...facts.subject.spans,
    ...facts.title.spans,
    ...(facts.priority?.spans ?? []),
    ...facts.items.flatMap((item) => Object.values(item.spans).flat()),
    ...[facts.dates, facts.pairs, facts.values].flatMap((found) => found.flatMap((fact) => fact.spans)),
  ];
  for (const { part, start, end, quote } of spans) {
    if (part === 'header') continue;
    expect((part === 'text' ? message.text : message.subject).slice(start, end)).toBe(quote);
    expect(quote.trim()).not.toBe('');
  }
}
