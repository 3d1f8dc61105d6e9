import {
  compileRule,
  evaluateOne,
  sayAttempt,
  type Context,
  type Incoming,
  RuleDefinition,
} from '@hatband/core/rules';
import { wordsOfValue } from '@hatband/core/tasks';
import type { Samples } from '../queries.ts';
import type { SampleProof } from './useProof.ts';

/** The newest message that the rule takes. */
export function sampleOf(proofs: SampleProof[] | null, data: Samples | undefined): Incoming | null {
  const proof = proofs?.find(({ taken }) => taken);
  return data?.items.find(({ id }) => id === proof?.id)?.incoming ?? null;
}

/** What one reading finds on a message, in words, as if it were the only one of its row; or why it finds nothing. */
export function findOn(
  incoming: Incoming,
  definition: RuleDefinition,
  readingId: string,
  context: Context,
): string | null {
  const read = definition.read.map((row) => {
    const own = row.from.filter(({ id }) => id === readingId);
    return own.length > 0 ? { ...row, from: own } : row;
  });
  const alone = { ...definition, read, when: { all: [] }, effects: [] };
  // What is half written finds nothing yet; its place says why.
  const checked = RuleDefinition.safeParse(alone);
  if (!checked.success) return null;
  const rule = compileRule({ ruleId: 'sample', version: 0, definition: checked.data }, context);
  const { trace } = evaluateOne(rule, incoming, context);
  const tried = trace[0]?.tasks[0]?.fields.flatMap((field) => field.tried) ?? [];
  const attempt = tried.find(({ reading }) => reading.id === readingId);
  if (!attempt) return null;
  return attempt.value === null ? sayAttempt(attempt) : wordsOfValue(attempt.value);
}
