import { z } from 'zod';
import type { EvidenceSpan } from '../../reading/index.ts';
import { conditionKind, orList } from './kind.ts';

const schema = z.object({
  kind: z.literal('subjectContains'),
  anyOf: z.array(z.string().trim().min(1)).min(1, 'Name some words.'),
});

/** Compared by code unit, so that places in the lower-cased subject are places in the subject. */
function find(subject: string, words: string): EvidenceSpan[] {
  const lower = Array.from({ length: subject.length }, (_, i) => lowerUnit(subject.charAt(i))).join('');
  const start = lower.indexOf(words.toLowerCase());
  if (start === -1) return [];
  const end = start + words.length;
  return [{ part: 'subject', start, end, quote: subject.slice(start, end) }];
}

const lowerUnit = (unit: string) => (unit.toLowerCase().length === 1 ? unit.toLowerCase() : unit);

export const subjectContains = conditionKind(schema, {
  label: 'subject contains',
  doc: 'The subject contains one of these words or phrases, in any case.',
  test: ({ anyOf }, { reading }) => {
    const { subject } = reading.message;
    const spans = anyOf.flatMap((words) => find(subject, words));
    return { holds: spans.length > 0, saw: subject === '' ? 'no subject' : `“${subject}”`, spans };
  },
  say: ({ anyOf }) => `has ${orList(anyOf.map((words) => `“${words}”`))} in its subject`,
});
