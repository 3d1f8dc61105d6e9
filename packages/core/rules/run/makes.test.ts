import { describe, expect, test } from 'vitest';
import type { RuleInput } from '../index.ts';
import { arriving, CONTEXT, LIST, MAIL, outcomeOf } from '../testRules.ts';

describe('how many', () => {
  test('one an item, with what the item says itself; each has a key of its own words', async () => {
    const rule: RuleInput = {
      name: 'r',
      makes: { kind: 'items' },
      read: [
        { field: 'due', from: [{ kind: 'deadline' }] },
        { field: 'Owner', from: [{ kind: 'owner' }] },
      ],
    };
    const { tasks } = outcomeOf(await arriving(LIST), [rule]);
    expect(tasks.map(({ fields }) => [fields.title, fields.due, fields.fields.Owner])).toEqual([
      ['Book the hall', '2026-11-27', 'Tom'],
      ['Print the posters', '2026-12-03', undefined],
    ]);
    const turned = LIST.replace(/(- Tom.*\n)(- Print.*\n)/, '$2$1');
    const again = outcomeOf(await arriving(turned), [rule]).tasks;
    expect(again.map(({ itemKey }) => itemKey).toReversed()).toEqual(tasks.map(({ itemKey }) => itemKey));
    expect(outcomeOf(await arriving(MAIL), [rule]).tasks).toHaveLength(1);
  });

  test('equal items are told apart', async () => {
    const { tasks } = outcomeOf(
      await arriving(LIST.replace('Print the posters (3 December), no rush', 'Tom: book the hall')),
      [{ name: 'r', makes: { kind: 'matches', in: ['newest'], pattern: 'book' } }],
    );
    expect(new Set(tasks.map(({ itemKey }) => itemKey)).size).toBe(2);
  });

  test('a comment on the task of its thread; without one a task, or what the rule says', async () => {
    const rule = (otherwise: 'task' | 'nothing' | 'hold'): RuleInput => ({
      name: 'r',
      makes: { kind: 'comment', otherwise },
    });
    const thread = [
      { key: '1', title: 'Old', open: false },
      { key: '2', title: 'Gauge', open: true },
    ];
    const found = outcomeOf(await arriving(MAIL, {}, { thread }), [rule('task')]);
    expect(found.kind).toBe('comment');
    expect(found.comments[0]).toMatchObject({ on: { key: '2' }, evidence: { ruleId: 'r' } });
    expect(found.comments[0]?.text).toContain('Please return it');
    const incoming = await arriving(MAIL);
    expect(outcomeOf(incoming, [rule('task')]).kind).toBe('tasks');
    expect(outcomeOf(incoming, [rule('nothing')])).toMatchObject({
      kind: 'nothing',
      reason: 'a rule says so',
    });
    expect(outcomeOf(incoming, [rule('hold')]).held[0]?.why).toBe('hold');
    const byReference = { 'SQ-1': [{ key: '3', title: 'x', open: true }] };
    expect(outcomeOf(await arriving(MAIL, {}, { byReference }), [rule('task')]).comments[0]?.on.key).toBe(
      '3',
    );
  });

  test('a new project with the items as its tasks and the message as its description', async () => {
    const { kind, makes, tasks } = outcomeOf(await arriving(LIST), [
      {
        name: 'r',
        makes: { kind: 'project', named: 'title' },
        read: [{ field: 'title', from: [{ kind: 'subject' }, { kind: 'title' }] }],
      },
    ]);
    expect(kind).toBe('tasks');
    expect(makes[0]).toMatchObject({ what: 'project', name: 'Actions' });
    expect(makes[0]?.what === 'project' && makes[0].description).toContain('The actions, by Friday please');
    expect(tasks.map(({ fields }) => fields.project)).toEqual(['Actions', 'Actions']);
  });
});

describe('the route', () => {
  const routed = async (route: RuleInput['route'], read: RuleInput['read'] = []) =>
    outcomeOf(
      await arriving(MAIL, { target: { kind: 'project', name: 'Building' } }),
      [{ name: 'r', read, route }],
      CONTEXT,
    );
  const lender = { field: 'Lender', from: [{ kind: 'pair' as const, labels: ['Lender'] }] };

  test('the first line whose condition holds is taken, the last is the otherwise', async () => {
    const route: RuleInput['route'] = [
      {
        if: { all: [{ kind: 'value', field: 'Lender', contain: ['museum'] }] },
        project: 'loans IN',
        section: 'Abroad',
        place: 'top',
        assignee: 'Tomas Quill',
        tags: ['abroad'],
      },
      { project: null },
    ];
    const { tasks, trace } = await routed(route, [lender]);
    expect(tasks[0]).toMatchObject({
      place: 'top',
      fields: { project: 'Loans in', section: 'Abroad', assignee: 'Tomas Quill', tags: ['abroad'] },
      evidence: { project: { readingKind: 'route', readingId: null } },
    });
    expect(trace[0]?.tasks[0]?.route).toMatchObject([{ line: 0, taken: true }]);
    expect(
      (await routed(route, [{ ...lender, from: [{ kind: 'pair', labels: ['None'] }] }])).tasks[0]?.fields
        .project,
    ).toBe(null);
  });

  test('without a route a task goes into the project of its address', async () => {
    expect((await routed(undefined)).tasks[0]?.fields.project).toBe('Building');
  });

  test('a project that was read routes, and of one that is not there the line says what becomes', async () => {
    const line = (unknown: 'hold' | 'make' | 'otherwise'): RuleInput['route'] => [
      { project: { value: 'Lender' }, unknown },
      { project: 'Building' },
    ];
    expect((await routed(line('otherwise'), [lender])).tasks[0]?.fields.project).toBe('Building');
    expect((await routed(line('make'), [lender])).makes).toEqual([
      { what: 'project', name: 'Cape Museum', description: '' },
    ]);
    expect((await routed(line('hold'), [lender])).held[0]).toMatchObject({
      why: 'hold',
      message: 'There is no project “Cape Museum”.',
    });
    const known = { ...lender, from: [{ kind: 'fixed' as const, value: 'loans in' }] };
    expect((await routed(line('otherwise'), [known])).tasks[0]?.fields.project).toBe('Loans in');
  });

  test('a template fills what is empty, adds its tags, and moves the due day in front of the deadline', async () => {
    const { tasks } = await routed(
      [{ project: 'Loans in', template: 'Loan', tags: ['x'] }],
      [
        { field: 'due', from: [{ kind: 'deadline' }] },
        { field: 'priority', from: [{ kind: 'pair', labels: ['Priority'] }] },
      ],
    );
    expect(tasks[0]).toMatchObject({
      checklist: ['Ask the insurer'],
      effort: 'PT2H',
      fields: {
        due: '2026-12-03',
        deadline: '2026-12-07',
        priority: 'high',
        tags: ['x', 'loan'],
        reminders: ['2026-12-02T08:30'],
        fields: { Crates: 2 },
      },
    });
  });
});
