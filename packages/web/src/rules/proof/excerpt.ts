import type { ProvedOutcome } from '@hatband/core/dryrun';
import type { Incoming } from '@hatband/core/rules';

const AROUND = 50;

/** The words around the place that a value was read from: the due date's, else the title's if it stands in the text. */
export function excerptOf(
  { reading }: Incoming,
  outcome: ProvedOutcome,
): { before: string; quote: string; after: string; field: string } | null {
  const { text } = reading.message;
  const evidence = outcome.tasks[0]?.evidence;
  for (const field of ['due', 'priority', 'title'] as const) {
    const span = evidence?.[field]?.spans.find((s) => s.part === 'text');
    if (!span) continue;
    const from = Math.max(0, span.start - AROUND);
    const to = Math.min(text.length, span.end + AROUND / 2);
    const before = text.slice(from, span.start);
    return {
      field,
      before: `${from > 0 ? '… ' : ''}${from > 0 ? before.replace(/^\S*\s/, '') : before}`,
      quote: span.quote,
      after: to < text.length ? `${text.slice(span.end, to).replace(/\s+\S*$/, '')} …` : text.slice(span.end),
    };
  }
  return null;
}
