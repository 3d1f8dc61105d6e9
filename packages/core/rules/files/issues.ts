import type { z } from 'zod';
import type { Fault } from '../message/missing.ts';

/** Something that does not fit a schema, at its place. */
export interface Misfit {
  path: PropertyKey[];
  message: string;
  lacks?: Fault['lacks'];
}

/** What does not fit, in words; of a union what its most likely branch misses: the one that fits the farthest. */
export const issuesOf = (error: z.ZodError): Misfit[] => error.issues.flatMap((issue) => misfits(issue, []));

function misfits(issue: z.core.$ZodIssue, head: readonly PropertyKey[]): Misfit[] {
  const path = [...head, ...issue.path];
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [{ path, message: wordsOf(issue) }];
  const branches = issue.errors.map((issues) => issues.flatMap((each) => misfits(each, path)));
  const [best] = branches.toSorted((a, b) => reach(b) - reach(a) || a.length - b.length);
  return best ?? [];
}

const reach = (branch: readonly Misfit[]) => Math.max(0, ...branch.map(({ path }) => path.length));

const EXPECTED: Readonly<Record<string, string>> = {
  array: 'a list',
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  object: 'an object',
  tuple: 'a pair',
  record: 'an object',
};

function wordsOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'unrecognized_keys':
      return `Hatband knows no ${issue.keys.map((key) => `“${key}”`).join(', ')} here.`;
    case 'invalid_union':
      return 'Hatband knows no such kind.';
    case 'invalid_value':
      return `One of these is wanted: ${issue.values.map(String).join(', ')}.`;
    case 'invalid_type': {
      const wanted = EXPECTED[issue.expected] ?? issue.expected;
      return issue.message.endsWith('received undefined')
        ? `This is missing: ${wanted}.`
        : `What is wanted here is ${wanted}.`;
    }
    default:
      return issue.message;
  }
}
