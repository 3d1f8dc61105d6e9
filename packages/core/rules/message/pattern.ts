import { RE2JS } from 're2js';
import { z } from 'zod';
import type { Place } from '../../languages/index.ts';

/** A pattern in the syntax of RE2: runs in linear time, knows named groups, no lookaround and no back references. */
export const Pattern = z
  .string()
  .min(1, 'Write a pattern.')
  .max(1000, 'A pattern has at most 1,000 characters.')
  .superRefine((pattern, context) => {
    const problem = problemOf(pattern);
    if (problem !== null) context.addIssue({ code: 'custom', message: problem });
  });

/** More matches than these are data. */
const MOST_MATCHES = 500;

/** A match with its groups: by their number from 1 on, and by name. */
interface PatternMatch extends Place {
  groups: ReadonlyMap<string, Place>;
}

export interface CompiledPattern {
  /** Quick: whether it matches at all. */
  test: (text: string) => boolean;
  matches: (text: string) => PatternMatch[];
  groupNames: string[];
  groupCount: number;
}

/** Upper and lower case are the same; `^` and `$` are a line's. Throws on a pattern that does not parse. */
export function compilePattern(pattern: string): CompiledPattern {
  const compiled = RE2JS.compile(pattern, RE2JS.CASE_INSENSITIVE | RE2JS.MULTILINE);
  const named = Object.entries(compiled.namedGroups());
  const matches = (text: string): PatternMatch[] => {
    const found: PatternMatch[] = [];
    const matcher = compiled.matcher(plainBlanks(text));
    while (found.length < MOST_MATCHES && matcher.find()) {
      const groups = new Map<string, Place>();
      for (let n = 1; n <= matcher.groupCount(); n += 1)
        if (matcher.start(n) >= 0) groups.set(String(n), { start: matcher.start(n), end: matcher.end(n) });
      for (const [name, n] of named) {
        const place = groups.get(String(n));
        if (place) groups.set(name, place);
      }
      if (matcher.end() > matcher.start()) found.push({ start: matcher.start(), end: matcher.end(), groups });
    }
    return found;
  };
  // A search without groups is ten times quicker than one with them.
  const test = (text: string) => compiled.test(plainBlanks(text));
  return {
    test,
    matches: (text) => (test(text) ? matches(text) : []),
    groupNames: named.map(([name]) => name),
    groupCount: compiled.groupCount(),
  };
}

/** Whether it has a group of that name or number; 0 is the whole match. */
export const hasGroup = ({ groupNames, groupCount }: CompiledPattern, group: string): boolean =>
  groupNames.includes(group) || (/^\d{1,3}$/.test(group) && Number(group) <= groupCount);

/** RE2's `\\s` knows only the blanks of ASCII; mail is full of others. Each stays one letter long. */
const plainBlanks = (text: string) => text.replace(/[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]/g, ' ');

/** What is wrong with a pattern, in words, or null. */
function problemOf(pattern: string): string | null {
  try {
    RE2JS.compile(pattern);
    return null;
  } catch (error) {
    const why =
      error instanceof Error ? error.message.replace(/^error parsing regexp: /, '') : 'it does not parse';
    return `This pattern cannot be read: ${why}.`;
  }
}
