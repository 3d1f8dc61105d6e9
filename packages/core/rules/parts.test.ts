import { describe, expect, test } from 'vitest';
import {
  Context,
  differenceOf,
  namesIn,
  parseRuleFile,
  renameInRule,
  sayStep,
  type RuleInput,
  type TidyStep,
} from './index.ts';
import { senderLookup, wordLookup, LookupTable } from './message/lookupTable.ts';
import { compilePattern } from './message/pattern.ts';
import { version } from './testRules.ts';
import { applyTidy } from './kinds/tidy.ts';
import { findWords } from '../languages/index.ts';

describe('tidying', () => {
  test.each<[string, TidyStep[], string, string]>([
    ['Fwd: Loan', [{ do: 'remove', words: ['FWD:'], from: 'start' }], 'Loan', 'without “FWD:” at its start'],
    [
      'Loan (copy)',
      [{ do: 'remove', words: ['(copy)'], from: 'end' }],
      'Loan',
      'without “(copy)” at its end',
    ],
    ['Mrs Quill', [{ do: 'remove', words: ['Mr'], from: 'start' }], 'Mrs Quill', 'without “Mr” at its start'],
    ['Mr Quill', [{ do: 'remove', words: ['Mr'], from: 'start' }], 'Quill', 'without “Mr” at its start'],
    ['a – b – c', [{ do: 'remove', words: ['–'], from: 'anywhere' }], 'a b c', 'without “–”'],
    [
      'Café one, café two',
      [{ do: 'replace', find: 'cafe', with: 'bar' }],
      'bar one, bar two',
      'with “bar” for “cafe”',
    ],
    ['tide gauge', [{ do: 'case', to: 'each capital' }], 'Tide Gauge', 'in each capitals'],
    ['tide gauge', [{ do: 'case', to: 'upper' }], 'TIDE GAUGE', 'in upper case'],
    ['One. Two.', [{ do: 'first sentence' }], 'One.', 'the first sentence of it'],
    ['no stop here\nbut a line', [{ do: 'first sentence' }], 'no stop here', 'the first sentence of it'],
    ['one\ntwo', [{ do: 'first line' }], 'one', 'the first line of it'],
    ['abcdef', [{ do: 'at most', characters: 4 }], 'abc…', 'at most 4 characters'],
  ])('%j %j', (value, steps, expected, words) => {
    expect(applyTidy(value, steps)).toBe(expected);
    expect(steps.map(sayStep).join()).toBe(words);
  });

  test('steps follow one another', () => {
    const steps: TidyStep[] = [
      { do: 'remove', words: ['re:'], from: 'start' },
      { do: 'case', to: 'first capital' },
    ];
    expect(applyTidy(' Re: loan form ', steps)).toBe('Loan form');
  });
});

describe('words', () => {
  const places = (words: string, text: string, fit?: 'contain' | 'equal' | 'begin with') =>
    findWords(words, fit)(text).map(({ start, end }) => text.slice(start, end));
  test.each([
    ['loan form', 'the loan  form and loan\nform', ['loan  form', 'loan\nform']],
    ['loan', 'loans, reloan, loan-form', ['loan']],
    ['loan*', 'loans, reloan', ['loans']],
    ['a.b', 'axb a.b', ['a.b']],
    [',', '5a, 24 pupils', [',']],
    ['wanted:', 'is wanted: x', ['wanted:']],
    ['', 'x', []],
  ])('%j in %j', (words, text, expected) => {
    expect(places(words, text)).toEqual(expected);
  });

  test('equal to, or at the beginning', () => {
    expect(places('yes', ' yes \n', 'equal')).toEqual(['yes']);
    expect(places('yes', 'yes please', 'equal')).toEqual([]);
    expect(places('yes', '  yes please, yes', 'begin with')).toEqual(['yes']);
    expect(places('please', 'yes please', 'begin with')).toEqual([]);
  });
});

test('a pattern takes linear time, and its groups have names and numbers', () => {
  const evil = compilePattern('(a+)+$');
  expect(evil.test(`${'a'.repeat(50_000)}b`)).toBe(false);
  const [match] = compilePattern('(?P<kind>\\w+)-(\\d+)').matches('see SQ-12');
  expect([...(match?.groups.keys() ?? [])].toSorted()).toEqual(['1', '2', 'kind']);
});

describe('lookup tables', () => {
  test('the rows that fit, in their order; empty rows are none', () => {
    const words = wordLookup(
      LookupTable.parse({
        name: 't',
        rows: [
          ['gauge', 'A'],
          ['', 'B'],
          ['tide gauge', 'C'],
          ['rope', ''],
        ],
      }),
    );
    expect(words('the tide gauge').map(({ value }) => value)).toEqual(['A', 'C']);
    const domains = senderLookup(
      LookupTable.parse({
        name: 't',
        by: 'domains',
        rows: [
          ['@cape.example', 'A'],
          ['pe.example', 'B'],
        ],
      }),
    );
    expect(domains('o@loans.cape.example').map(({ value }) => value)).toEqual(['A']);
    const senders = senderLookup(
      LookupTable.parse({ name: 't', by: 'senders', rows: [['O@Cape.example', 'A']] }),
    );
    expect(senders('o@cape.example').map(({ value }) => value)).toEqual(['A']);
  });
});

describe('names in rules', () => {
  const { definition } = version({
    name: 'r',
    when: {
      all: [
        {
          any: [
            { kind: 'sender', is: ['Lenders'] },
            { kind: 'address', is: ['Loans in'] },
          ],
        },
      ],
    },
    read: [{ field: 'X', from: [{ kind: 'lookup', table: 'Rooms' }] }],
    route: [
      { if: { all: [{ kind: 'recipient', is: ['Lenders'] }] }, project: 'Loans in', assignee: 'Tomas' },
      { project: 'Building', template: 'Loan', assignee: { value: 'X' } },
    ],
  });

  test('are found wherever they stand', () => {
    expect(namesIn(definition).map(({ what, name }) => `${what} ${name}`)).toEqual([
      'who Lenders',
      'project Loans in',
      'mailbox Loans in',
      'table Rooms',
      'who Tomas',
      'project Building',
      'template Loan',
    ]);
  });

  test('are changed wherever they stand, and nothing else is', () => {
    const renamed = renameInRule(definition, (what, name) =>
      what === 'who' && name === 'Lenders' ? 'Friends' : name,
    );
    expect(JSON.stringify(renamed)).toBe(JSON.stringify(definition).replaceAll('Lenders', 'Friends'));
  });
});

const IN_A = { if: { all: [{ kind: 'flag' as const }] }, project: 'A' };
const IN_B = { if: { all: [{ kind: 'reply' as const }] }, project: 'B' };
const row = (more: object) => ({
  field: 'Size',
  from: [{ kind: 'pair' as const, labels: ['Size'] }],
  ...more,
});

test('the difference between two versions, line by line', () => {
  const one = version({
    name: 'r',
    when: { all: [{ kind: 'flag' }] },
    read: [{ field: 'due', from: [{ kind: 'deadline' }] }],
  });
  const other = version({
    name: 'r',
    when: { all: [{ kind: 'flag' }] },
    read: [{ field: 'due', from: [{ kind: 'event' }] }],
    then: 'go on',
  });
  expect(differenceOf(one.definition, one.definition)).toEqual([]);
  expect(differenceOf(one.definition, other.definition)).toEqual([
    { part: 'read', text: 'due date: the deadline in the words', change: 'taken off' },
    { part: 'read', text: 'due date: the start of the event', change: 'added' },
    { part: 'then', text: 'stop', change: 'taken off' },
    { part: 'then', text: 'go on', change: 'added' },
  ]);
});

test.each<[string, Partial<RuleInput>, Partial<RuleInput>]>([
  ['a band', {}, { band: { hue: 'moss', pattern: 'plain' } }],
  ['a start', { start: { kind: 'label', is: ['a'] } }, { start: { kind: 'label', is: ['b'] } }],
  ['a look', { start: { kind: 'hand' } }, { start: { kind: 'hand', look: true } }],
  ['the order of the route', { route: [IN_A, IN_B, {}] }, { route: [IN_B, IN_A, {}] }],
  ['what becomes of an unknown project', { route: [{}] }, { route: [{ unknown: 'hold' }] }],
  ['a kind', { read: [row({})] }, { read: [row({ kind: 'number' })] }],
  ['choices', { read: [row({})] }, { read: [row({ choices: ['a'] })] }],
  ['an unknown value', { read: [row({})] }, { read: [row({ unknown: 'make' })] }],
])('a difference is shown in words: %s', (_, one, other) => {
  const [was, is] = [one, other].map((part) => version({ name: 'r', ...part }).definition);
  const changes = was && is ? differenceOf(was, is) : [];
  expect(changes.map(({ change }) => change)).toContain('added');
  expect(new Set(changes.map(({ part, text }) => `${part} ${text}`)).size).toBe(changes.length);
});

test('what a file may leave out is as the context has it', () => {
  const { file } = parseRuleFile('{"version":1,"rules":[]}');
  expect(Context.parse(file ?? {})).toEqual(Context.parse({}));
});
