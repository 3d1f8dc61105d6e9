import { z } from 'zod';
import { findWords, fold } from '../../../languages/index.ts';
import { compilePattern, hasGroup, Pattern } from '../../message/pattern.ts';
import { sayScopes, Scopes } from '../../message/scope.ts';
import { textIn, type Found } from '../../message/unit.ts';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

export const between = readingKind(
  z
    .strictObject({
      ...readingBase,
      kind: z.literal('between'),
      in: Scopes,
      after: z.string().default(''),
      before: z.string().default(''),
    })
    .refine(
      ({ after, before }) => after.trim() !== '' || before.trim() !== '',
      'Say after or before which words.',
    ),
  {
    label: 'text between words',
    doc: 'What stands behind some words (`after`) and in front of others (`before`), on their line or, where both are given, on the lines between them.',
    compile: ({ in: scopes, after, before }) => {
      const [findAfter, findBefore] = [after, before].map((words) =>
        words.trim() === '' ? null : findWords(words),
      );
      return (input) => {
        const found = scopes.flatMap((scope): Found[] => {
          const text = textIn(scope, input);
          const folded = fold(text.value);
          const from = findAfter ? findAfter(folded)[0]?.end : undefined;
          if (findAfter && from === undefined) return [];
          const behind = findBefore?.(folded).find(({ start }) => start >= (from ?? 0))?.start;
          if (findBefore && behind === undefined) return [];
          const lineStart = text.value.lastIndexOf('\n', behind ?? 0) + 1;
          const lineEnd = text.value.indexOf('\n', from ?? 0);
          const start = from ?? lineStart;
          const end = behind ?? (lineEnd === -1 ? text.value.length : lineEnd);
          const value = text.value.slice(start, end).replace(/^[\s:–—-]+|[\s,;:–—-]+$/g, '');
          const at = text.value.indexOf(value, start);
          return value === '' ? [] : [{ value, spans: text.spans(at, at + value.length) }];
        });
        return { found, absent: `text ${sayBetween(after, before)}` };
      };
    },
    say: (reading) => `the text ${sayBetween(reading.after, reading.before)}${sayScopes(reading.in)}`,
  },
);

const sayBetween = (after: string, before: string) =>
  [...(after === '' ? [] : [`after “${after}”`]), ...(before === '' ? [] : [`before “${before}”`])].join(
    ' and ',
  );

export const pattern = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('pattern'),
    in: Scopes,
    pattern: Pattern,
    group: z.string().trim().nullable().default(null),
  }),
  {
    label: 'a pattern',
    doc: 'What matches a pattern (the syntax of RE2), or one of its groups, by name or number: `"pattern": "SQ-(?P<no>\\d{4})", "group": "no"`. Without a group: the whole match, or the first group where there is one.',
    compile: ({ in: scopes, pattern: words, group }) => {
      const compiled = compilePattern(words);
      const wanted = group ?? (compiled.groupCount > 0 ? '1' : '0');
      return (input) => {
        const found = scopes.flatMap((scope) => {
          const text = textIn(scope, input);
          return compiled.matches(text.value).flatMap((match): Found[] => {
            // A group that took no part is no match; the next is tried.
            const place = wanted === '0' ? match : match.groups.get(wanted);
            if (!place || place.start === place.end) return [];
            return [
              { value: text.value.slice(place.start, place.end), spans: text.spans(place.start, place.end) },
            ];
          });
        });
        return { found, absent: `a match of ${words}` };
      };
    },
    say: (reading) =>
      `${reading.group === null ? 'what' : `the group ${reading.group} of what`} matches ${reading.pattern}${sayScopes(reading.in)}`,
    problems: ({ pattern: words, group }) => {
      return group === null || hasGroup(compilePattern(words), group)
        ? []
        : [{ message: `The pattern has no group “${group}”.` }];
    },
  },
);

export const matchGroup = readingKind(
  z.strictObject({ ...readingBase, kind: z.literal('matchGroup'), group: z.string().trim().default('0') }),
  {
    label: 'a group of the match',
    doc: 'Where each match of a pattern makes a task: the whole match (`0`), or one of its groups, by name or number.',
    compile:
      ({ group }) =>
      ({ unit }) =>
        oneOrNone(
          unit.kind === 'match' ? (unit.groups.get(group) ?? null) : null,
          `a group ${group} of a match`,
        ),
    say: ({ group }) => (group === '0' ? 'the match' : `the group ${group} of the match`),
  },
);
