import { z } from 'zod';
import type { EvidenceSpan, PairFact } from '../../reading/index.ts';
import { valueOfKind } from '../../tasks/index.ts';
import { orList } from '../conditions/kind.ts';
import type { Incoming } from '../incoming.ts';
import { readingBase, readingKind, type Find } from './kind.ts';

const schema = z.object({
  ...readingBase,
  kind: z.literal('labelledLine'),
  labels: z.array(z.string().trim().min(1)).min(1, 'Name a label.'),
});

export const labelledLine = readingKind(schema, {
  label: 'a labelled line',
  doc: 'What stands behind a label and a colon on a line of the note or the newest words, as in `Due: 3 December`.',
  fields: ['title', 'due', 'priority'],
  find: ({ labels }, incoming, field) => {
    const wanted = labels.map((label) => label.toLowerCase());
    const pairs = incoming.reading.facts.pairs.filter((pair) => wanted.includes(pair.label.toLowerCase()));
    const found = pairs.map((pair) => valueOf(pair, incoming, field)).find((find) => find !== null);
    if (found) return found;
    const [first] = pairs;
    if (first) return { missed: { why: 'notOfKind', saw: first.value } };
    return { missed: { why: 'absent', what: `a line labelled ${orList(labels)}` } };
  },
  say: ({ labels }) => `the line labelled ${orList(labels)}`,
});

function valueOf(pair: PairFact, incoming: Incoming, field: 'title' | 'due' | 'priority'): Find | null {
  if (field === 'due') {
    const date = incoming.reading.facts.dates.find((fact) =>
      fact.spans.some((s) => pair.spans.some((p) => overlap(s, p))),
    );
    return date ? { value: date.date, spans: pair.spans } : null;
  }
  const value = valueOfKind(field, pair.value);
  return value === null ? null : { value, spans: pair.spans };
}

const overlap = (a: EvidenceSpan, b: EvidenceSpan) => a.part === b.part && a.start < b.end && b.start < a.end;
