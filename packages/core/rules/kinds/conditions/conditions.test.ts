import { describe, expect, test } from 'vitest';
import { CONDITION_KINDS, type LeafCondition } from '../../index.ts';
import { arriving, outcomeOf } from '../../testRules.ts';
import { CASES, LABELLED, MAIL, PEOPLE, THREAD } from './testCases.ts';

describe.each(Object.keys(CONDITION_KINDS) as (keyof typeof CONDITION_KINDS)[])('%s', (kind) => {
  test.each(CASES[kind].map((each) => [JSON.stringify(each.condition), each] as const))(
    '%s',
    async (_, each) => {
      const incoming = await arriving(each.mail ?? MAIL, LABELLED, THREAD);
      const condition = { ...each.condition, kind } as LeafCondition;
      const context = {
        people: PEOPLE,
        projects: [{ name: 'Loans in', description: '', sections: [], fields: [], requirements: [] }],
      };
      const full = outcomeOf(incoming, [{ name: 'r', when: { all: [condition] } }], context, {
        lastRule: false,
        askAll: true,
      });
      const tested = full.trace[0]?.when;
      const leaf = tested && 'of' in tested ? tested.of[0] : undefined;
      expect(leaf).toMatchObject({ holds: each.holds });
      if (each.quote !== undefined) expect(leaf).toMatchObject({ spans: [{ quote: each.quote }] });
      // By way of the index the answer is the same.
      const { rules } = outcomeOf(incoming, [{ name: 'r', when: { all: [condition] } }], context);
      expect(rules.length === 1).toBe(each.holds);
    },
  );

  test('has words for the editor and the documentation', () => {
    const { label, doc } = CONDITION_KINDS[kind];
    expect(label.length).toBeGreaterThan(2);
    expect(doc).toMatch(/^[A-Z].*\.$/s);
  });
});

describe('value read', () => {
  const rule = (value: object) => ({
    name: 'r',
    read: [
      { field: 'Object', from: [{ kind: 'pair' as const, labels: ['Object'] }] },
      { field: 'Fee', kind: 'money' as const, from: [{ kind: 'detail' as const, of: 'money' as const }] },
    ],
    route: [
      { if: { all: [{ kind: 'value' as const, field: 'Object', ...value }] }, project: null, tags: ['yes'] },
      { project: null },
    ],
  });
  test.each([
    [{}, true],
    [{ is: ['tide gauge no. 4'] }, true],
    [{ contain: ['gauge'] }, true],
    [{ contain: ['sextant'] }, false],
    [{ field: 'Fee', over: 400 }, true],
    [{ field: 'Fee', under: 400 }, false],
    [{ over: 1 }, false],
  ])('%j: %s', async (value, holds) => {
    const { tasks } = outcomeOf(await arriving(MAIL), [rule(value)]);
    expect(tasks[0]?.fields.tags).toEqual(holds ? ['yes'] : []);
  });

  test('is no condition of When', async () => {
    const when = { all: [{ kind: 'value' as const, field: 'Object' }] };
    const { kind, held, rules } = outcomeOf(await arriving(MAIL), [{ name: 'r', when: { none: [when] } }]);
    expect([kind, held[0]?.message, rules.length]).toEqual([
      'held',
      'A value read can be asked only in Route.',
      1,
    ]);
  });
});

test('a flag and a task of the thread hold only where they are there', async () => {
  const incoming = await arriving(MAIL);
  for (const kind of ['flag', 'openTask'] as const) {
    const when = { all: [{ kind }] };
    expect(outcomeOf(incoming, [{ name: 'r', when }]).rules).toEqual([]);
    const full = outcomeOf(incoming, [{ name: 'r', when }], {}, { lastRule: false, askAll: true });
    expect(full.trace[0]).toMatchObject({ taken: false, when: { of: [{ holds: false }] } });
  }
});

test('groups nest: all, any and none', async () => {
  const yes = { kind: 'forward' as const };
  const no = { kind: 'language' as const, is: ['de' as const] };
  const incoming = await arriving(MAIL);
  const holds = (when: Parameters<typeof outcomeOf>[1][number]['when']) =>
    outcomeOf(incoming, [{ name: 'r', when }]).rules.length === 1;
  expect(holds({ all: [yes, no] })).toBe(false);
  expect(holds({ any: [yes, no] })).toBe(true);
  expect(holds({ none: [no] })).toBe(true);
  expect(holds({ all: [{ any: [no, { all: [yes] }] }, { none: [no, { all: [yes, no] }] }] })).toBe(true);
  expect(holds({ none: [yes, no] })).toBe(false);
  expect(holds({ all: [] })).toBe(true);
  expect(holds({ any: [] })).toBe(false);
});

test('a sender who is nobody is told, and the mail is not lost', async () => {
  const rule = {
    name: 'r',
    when: { any: [{ kind: 'sender' as const, is: ['Nobody'] }, { kind: 'forward' as const }] },
  };
  const { kind, held } = outcomeOf(await arriving(MAIL), [rule]);
  expect([kind, held[0]?.message]).toEqual(['held', 'There is no person or group “Nobody”.']);
});
