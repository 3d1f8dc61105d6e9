import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseRuleFile, writeRuleFile, type RuleInput } from '../index.ts';
import { arriving, outcomeOf } from '../testRules.ts';

const word = fc.stringMatching(/^[a-z]{1,8}$/);
const leaf = fc.oneof(
  fc.record({
    kind: fc.constant('words'),
    words: fc.array(word, { minLength: 1, maxLength: 3 }),
    how: fc.constantFrom('contain', 'equal', 'begin with'),
  }),
  fc.record({
    kind: fc.constant('sender'),
    is: fc.array(
      word.map((name) => `${name}.example`),
      { minLength: 1, maxLength: 3 },
    ),
  }),
  fc.record({ kind: fc.constant('amount'), over: fc.option(fc.integer({ min: 0, max: 1000 })) }),
  fc.record({ kind: fc.constant('flag') }),
);
const { group } = fc.letrec((tie) => ({
  group: fc.oneof(
    { maxDepth: 3 },
    fc.array(leaf, { maxLength: 3 }).map((all) => ({ all })),
    fc.array(fc.oneof(leaf, tie('group')), { maxLength: 3 }).map((any) => ({ any })),
    fc.array(fc.oneof(leaf, tie('group')), { maxLength: 3 }).map((none) => ({ none })),
  ),
}));
const reading = fc.oneof(
  fc.record({ kind: fc.constant('title') }),
  fc.record({
    kind: fc.constant('pair'),
    labels: fc.array(word, { minLength: 1, maxLength: 2 }),
    id: fc.constantFrom('', 'mine'),
  }),
  fc.record({
    kind: fc.constant('day'),
    from: fc.constant('arrival'),
    plus: fc.integer({ min: -9, max: 9 }),
    time: fc.constantFrom(null, '08:30'),
  }),
  fc.record({
    kind: fc.constant('fixed'),
    value: word,
    tidy: fc.constantFrom([], [{ do: 'case', to: 'upper' }]),
  }),
);
const anyRule = fc.record({
  when: group,
  state: fc.constantFrom('live', 'draft', 'paused'),
  then: fc.constantFrom('stop', 'go on'),
  read: fc.uniqueArray(fc.record({ field: word, from: fc.array(reading, { minLength: 1, maxLength: 3 }) }), {
    maxLength: 3,
    selector: ({ field }) => field,
  }),
});

function write(json: string): string {
  const { file, errors } = parseRuleFile(json);
  expect(errors).toBeNull();
  return file ? writeRuleFile(file.rules, file) : '';
}

test('any rules that hold together are, written, read and written again, the same', () => {
  fc.assert(
    fc.property(fc.array(anyRule, { maxLength: 4 }), (rules) => {
      const named = rules.map((rule, i) => ({ ...rule, name: `rule ${String(i)}` }));
      const once = write(JSON.stringify({ version: 1, rules: named }));
      expect(write(once)).toBe(once);
    }),
  );
});

describe('rules in any order', () => {
  const rules = ['alder', 'birch', 'cedar'].map((name): RuleInput => ({
    name,
    when: { all: [{ kind: 'words', in: ['subject'], words: [name] }] },
    read: [{ field: 'tags', from: [{ kind: 'fixed', value: [name] }] }],
  }));
  test('that match disjoint mail do the same; one that is not live changes nothing; the same mail gives the same', async () => {
    const mails = await Promise.all(
      [...rules.map(({ name }) => name), 'other'].map((name) =>
        arriving(`From: a@b.example\nSubject: ${name}\n\nx`),
      ),
    );
    fc.assert(
      fc.property(fc.shuffledSubarray(rules, { minLength: 3 }), fc.constantFrom(...mails), (order, mail) => {
        const [a, b] = [outcomeOf(mail, rules), outcomeOf(mail, order)];
        expect([b.kind, b.tasks, b.rules]).toEqual([a.kind, a.tasks, a.rules]);
        expect(outcomeOf(mail, order)).toEqual(b);
      }),
    );
  });
});
