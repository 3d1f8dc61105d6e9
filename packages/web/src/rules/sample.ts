import type { listSamples } from '@hatband/contract';
import { wordsOfValue } from '@hatband/core/tasks';
import type { z } from 'zod';
import type { Editing } from './editing.ts';
import type { SampleProof } from './useProof.ts';

export type Samples = z.infer<(typeof listSamples)['answer']>;

/** The newest message that the rule takes, with what each of its readings found there, or why they found nothing. */
export function sampleOf(
  ruleId: string,
  proofs: SampleProof[] | null,
  data: Samples | undefined,
): Editing['sample'] {
  const proof = proofs?.find(({ taken }) => taken);
  const incoming = data?.items.find(({ id }) => id === proof?.id)?.incoming;
  const trace = proof?.after.trace.find((each) => each.ruleId === ruleId);
  if (!incoming || !trace) return null;
  const tried = (trace.tasks[0]?.fields ?? []).flatMap((field) => field.tried);
  return {
    subject: incoming.reading.message.subject || '(no subject)',
    found: new Map(
      tried.map(({ reading, value, missed }) => [
        reading.id,
        value !== null
          ? wordsOfValue(value)
          : missed?.why === 'absent'
            ? `there is no ${missed.what.replace(/^an? /, '')}`
            : `“${missed?.saw ?? ''}” is none`,
      ]),
    ),
  };
}
