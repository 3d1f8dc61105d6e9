import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Context, parseRuleFile, RuleFile, ruleFileSchema, writeRuleFile, type RuleInput } from '../index.ts';
import { arriving, outcomeOf } from '../testRules.ts';

const file = (rules: unknown[], more: object = {}) => JSON.stringify({ version: 1, rules, ...more });
const errorsOf = (json: string) => parseRuleFile(json).errors ?? [];

const FULL = {
  rules: [
    {
      name: 'Loans',
      when: {
        all: [
          { kind: 'sender', is: ['Lenders', 'cape.example'] },
          { any: [{ kind: 'flag' }, { none: [{ kind: 'reply' }] }] },
        ],
      },
      read: [
        { field: 'due', from: [{ kind: 'day', from: 'deadline', plus: -2, unit: 'working days' }] },
        { field: 'Lender', from: [{ kind: 'lookup', table: 'lenders' }], otherwise: 'unknown' },
        { field: 'notes', from: [{ kind: 'template', text: '{{ fields["Lender"] }}' }] },
      ],
      route: [
        {
          if: { all: [{ kind: 'value', field: 'Lender', is: ['Cape'] }] },
          project: 'Loans in',
          section: 'Abroad',
          assignee: 'Tomas Quill',
        },
        { project: 'Loans in', template: 'Loan' },
      ],
    },
  ],
  projects: [{ name: 'Loans in', sections: ['Abroad'] }],
  people: [
    { name: 'Tomas Quill', addresses: ['tomas@quay.example'] },
    { name: 'Orla', groups: ['Lenders'] },
  ],
  tables: [{ name: 'Lenders', by: 'domains', rows: [['cape.example', 'Cape']] }],
  templates: [{ name: 'Loan', lead: 2 }],
};
const FULL_FILE = JSON.stringify({ version: 1, ...FULL });

describe('reading a file', () => {
  test('what has a default may be left out', () => {
    const { file: parsed } = parseRuleFile(file([{ name: 'a' }]));
    expect(parsed?.rules[0]).toMatchObject({
      state: 'live',
      rule: { name: 'a', then: 'stop', makes: { kind: 'task' } },
    });
  });

  test.each([
    ['{', '', 'This is no JSON'],
    ['[]', '', 'What is wanted here is an object.'],
    [
      JSON.stringify({ version: 2, rules: [] }),
      'version',
      'This file is of version 2; this Hatband reads version 1.',
    ],
    [file([{ name: '' }]), 'rules[0].name', 'A rule needs a name.'],
    [file([{ name: 'a', then: 'halt' }]), 'rules[0].then', 'One of these is wanted: stop, go on.'],
    [
      file([{ name: 'a', when: { all: [{ kind: 'sender', is: 'x.example' }] } }]),
      'rules[0].when.all[0].is',
      'What is wanted here is a list.',
    ],
    [file([{ name: 'a', wen: {} }]), 'rules[0]', 'Hatband knows no “wen” here.'],
    [
      file([{ name: 'a', when: { all: [{ kind: 'sender' }] } }]),
      'rules[0].when.all[0].is',
      'This is missing: a list.',
    ],
    [
      file([{ name: 'a', when: { all: [{ any: [{ kind: 'sender', is: [] }] }] } }]),
      'rules[0].when.all[0].any[0].is',
      'Name a sender.',
    ],
    [
      file([{ name: 'a', when: { all: [{ kind: 'sonder' }] } }]),
      'rules[0].when.all[0].kind',
      'Hatband knows no such kind.',
    ],
    [
      file([{ name: 'a', when: { all: [{ kind: 'pattern', pattern: '(a' }] } }]),
      'rules[0].when.all[0].pattern',
      'This pattern cannot be read: missing closing )',
    ],
    [
      file([{ name: 'a', read: [{ field: 'notes', from: [{ kind: 'template', text: '{{ a' }] }] }]),
      'rules[0].read[0].from[0].text',
      'This text cannot be read',
    ],
    [
      file([
        { name: 'a', read: [{ field: 'notes', from: [{ kind: 'template', text: '{{ a | sample }}' }] }] },
      ]),
      'rules[0].read[0].from[0].text',
      'This text cannot be read',
    ],
    [file([{ name: 'a', read: [{ field: 'due' }] }]), 'rules[0].read[0].from', 'Say where due is read from.'],
    [
      file([{ name: 'a', read: [{ field: 'due', otherwise: 'soon' }] }]),
      'rules[0].read[0].otherwise',
      '“soon” is no date and time for due.',
    ],
    [
      file([{ name: 'a', read: [{ field: 'due', kind: 'text', otherwise: 'x' }] }]),
      'rules[0].read[0].kind',
      'due is always of the kind date and time.',
    ],
    [
      file([{ name: 'a', route: [{ project: 'Gone' }] }]),
      'rules[0].route[0].project',
      'There is no project “Gone”.',
    ],
    [
      file([{ name: 'a', route: [{ if: { all: [{ kind: 'flag' }] } }] }]),
      'rules[0].route[0].if',
      'The last line is the otherwise: it has no condition.',
    ],
    [
      file([{ name: 'a', read: [{ field: 'X', from: [{ kind: 'lookup', table: 'T' }] }] }]),
      'rules[0].read[0].from[0]',
      'There is no lookup table “T”.',
    ],
    [file([{ name: 'a' }, { name: 'A' }]), 'rules[1].name', 'There are two rules “A”.'],
    [
      file([
        {
          name: 'a',
          read: [
            { field: 'due', from: [{ kind: 'day', from: 'start' }] },
            { field: 'start', from: [{ kind: 'day', from: 'due' }] },
          ],
        },
      ]),
      'rules[0].read[0]',
      'due and start are made of one another: due never gets a value.',
    ],
    [
      file([
        { name: 'a', read: [{ field: 'notes', from: [{ kind: 'template', text: '{{ fields["X"] }}' }] }] },
      ]),
      'rules[0].read[0].from[0]',
      'This rule reads no X.',
    ],
    [
      file([{ name: 'a', effects: [{ kind: 'send', to: ['asker'], subject: 'x', text: 'By {{ due }}' }] }]),
      'rules[0].effects[0].text',
      'This rule reads no due.',
    ],
    [
      file([{ name: 'a', makes: { kind: 'project', named: 'notes' } }]),
      'rules[0].makes.named',
      'This rule reads no notes.',
    ],
    ['['.repeat(5000) + ']'.repeat(5000), '', 'It is nested too deep.'],
  ])('%s', (json, path, message) => {
    const errors = errorsOf(json);
    expect(errors.map((error) => error.path)).toContain(path);
    expect(errors.find((error) => error.path === path)?.message).toContain(message);
  });

  test('whatever it holds, the answer is rules or a list of errors', () => {
    const answered = (json: string) => {
      const { errors } = parseRuleFile(json);
      return errors === null || (errors.length > 0 && errors.every(({ message }) => message !== ''));
    };
    fc.assert(fc.property(fc.string(), answered));
    fc.assert(fc.property(fc.jsonValue(), (value) => answered(JSON.stringify(value))));
    fc.assert(
      fc.property(fc.jsonValue(), (value) => answered(JSON.stringify({ version: 1, rules: [value] }))),
    );
    // A whole file of which one part is something else.
    const places = placesIn(JSON.parse(FULL_FILE));
    fc.assert(
      fc.property(fc.constantFrom(...places), fc.jsonValue(), (place, value) =>
        answered(JSON.stringify(withAt(JSON.parse(FULL_FILE), place, value))),
      ),
    );
  });
});

function placesIn(value: unknown, head: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [head];
  return [head, ...Object.entries(value).flatMap(([key, each]) => placesIn(each, [...head, key]))];
}

function withAt(value: unknown, [key, ...rest]: string[], by: unknown): unknown {
  if (key === undefined) return by;
  if (Array.isArray(value))
    return value.map((each: unknown, i) => (String(i) === key ? withAt(each, rest, by) : each));
  const record = value as Record<string, unknown>;
  return { ...record, [key]: withAt(record[key], rest, by) };
}

describe('writing a file', () => {
  const write = (json: string) => {
    const { file: parsed, errors } = parseRuleFile(json);
    expect(errors).toBeNull();
    return parsed ? writeRuleFile(parsed.rules, parsed) : '';
  };

  test('it is short: what has a default is left out', () => {
    expect(
      JSON.parse(
        write(file([{ name: 'a', description: '', then: 'stop', when: { all: [{ kind: 'flag' }] } }])),
      ),
    ).toEqual({
      version: 1,
      rules: [{ name: 'a', when: { all: [{ kind: 'flag' }] } }],
    });
  });

  test('what its rules name travels with them, and nothing else', () => {
    const more = {
      ...FULL,
      projects: [...FULL.projects, { name: 'Building' }],
      people: [...FULL.people, { name: 'Nobody' }],
    };
    const written = JSON.parse(write(JSON.stringify({ version: 1, ...more }))) as RuleFile;
    expect(written.projects.map(({ name }) => name)).toEqual(['Loans in']);
    expect(written.people.map(({ name }) => name)).toEqual(['Tomas Quill', 'Orla']);
    expect([written.tables.length, written.templates.length]).toEqual([1, 1]);
  });

  test('written, read and written again it is the same, byte for byte, and does the same', async () => {
    const once = write(FULL_FILE);
    expect(write(once)).toBe(once);
    const mail = await arriving(
      'From: o@cape.example\nSubject: x\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nPlease pay by 7 December.',
    );
    const become = (json: string) => {
      const parsed = parseRuleFile(json).file;
      const rules = (parsed?.rules ?? []).map(({ rule }) => rule as RuleInput);
      return outcomeOf(mail, rules, Context.parse(parsed ?? {}));
    };
    expect(become(once)).toEqual(become(FULL_FILE));
    expect(become(once).tasks[0]?.fields).toMatchObject({
      due: '2026-12-03',
      deadline: '2026-12-07',
      notes: 'Cape',
      section: 'Abroad',
    });
  });
});

test('the published schema is made of the same schemas', () => {
  const schema = ruleFileSchema();
  expect(schema.required).toEqual(['version', 'rules']);
  expect(JSON.stringify(schema)).toContain('"words"');
});

test('older files name the tidy step “remove” as it was called then', () => {
  const rule = (step: string) => ({
    name: 'r',
    read: [{ field: 'title', from: [{ kind: 'subject', tidy: [{ do: step, words: ['take off'] }] }] }],
  });
  expect(parseRuleFile(file([rule('take off')]))).toEqual(parseRuleFile(file([rule('remove')])));
});
