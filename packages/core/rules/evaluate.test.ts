import { describe, expect, test } from 'vitest';
import {
  compile,
  compileRule,
  Context,
  evaluate,
  evaluateOne,
  sayRule,
  sayTrace,
  type RuleInput,
} from './index.ts';
import { arriving, outcomeOf, version } from './testRules.ts';

const MAIL = `From: Orla <orla@cape.example>
Subject: Fwd: Loan form for the gauge
Date: Mon, 23 Nov 2026 10:00:00 +0000
Message-ID: <m2@cape.example>

Please return it by 7 December.

Due: soon enough
Opening: 3 December
Priority: High
Lender: Cape Museum
`;
const LIST = `From: Orla <orla@cape.example>
Subject: Actions
Date: Mon, 23 Nov 2026 10:00:00 +0000

The actions, by Friday please:

- Tom: book the hall
- Print the posters (3 December), no rush
`;
const CONTEXT = Context.parse({
  me: ['ines@quay.example'],
  people: [{ name: 'Tomas Quill', addresses: ['tomas@quay.example'] }],
  projects: [{ name: 'Loans in', sections: ['Abroad'], fields: [{ name: 'Lender' }] }, { name: 'Building' }],
  templates: [
    {
      name: 'Loan',
      values: { priority: 'low', Crates: 2 },
      checklist: ['Ask the insurer'],
      tags: ['loan'],
      effort: 'PT2H',
      lead: 2,
      reminders: [{ from: 'due', plus: -1, time: '08:30' }],
    },
  ],
});

describe('reading', () => {
  const due = (
    from: NonNullable<NonNullable<RuleInput['read']>[number]['from']>,
    otherwise: string | null = null,
  ) => ({
    name: 'r',
    read: [{ field: 'due', from, otherwise }],
  });

  test('the first that finds a value wins, and the later ones are not tried', async () => {
    const rule = due([{ kind: 'pair', labels: ['Opening'] }, { kind: 'deadline' }]);
    const { tasks, trace } = outcomeOf(await arriving(MAIL), [rule]);
    expect(tasks[0]?.fields.due).toBe('2026-12-03');
    expect(tasks[0]?.evidence.due).toMatchObject({
      ruleId: 'r',
      version: 1,
      readingId: 'due-1',
      spans: [{ quote: '3 December' }],
    });
    expect(trace[0]?.tasks[0]?.fields.find(({ field }) => field === 'due')?.tried).toHaveLength(1);
  });

  test('a value of another kind is no value, and the trace says so in plain words', async () => {
    const outcome = outcomeOf(await arriving(MAIL), [
      due([{ kind: 'pair', labels: ['Due'] }, { kind: 'deadline' }]),
    ]);
    expect(outcome.tasks[0]?.fields.due).toBe('2026-12-07');
    const said = sayTrace(outcome).map(({ text }) => text);
    expect(said).toContain('due date: the line labelled Due holds “soon enough”, which is no date and time');
  });

  test('otherwise comes last and shows no place in the message', async () => {
    const { tasks } = outcomeOf(await arriving('From: a@b.example\nSubject: x\n\nhello'), [
      due([{ kind: 'deadline' }], '2027-01-04'),
    ]);
    expect(tasks[0]).toMatchObject({
      fields: { due: '2027-01-04' },
      evidence: { due: { readingId: 'otherwise', spans: [] } },
    });
  });

  test('what is tidied is still evidence of its own words', async () => {
    const tidy = [
      { do: 'take off' as const, words: ['loan form for'] },
      { do: 'case' as const, to: 'first capital' as const },
    ];
    const { tasks } = outcomeOf(await arriving(MAIL), [
      { name: 'r', read: [{ field: 'title', from: [{ kind: 'subject', tidy }] }] },
    ]);
    expect(tasks[0]?.fields.title).toBe('The gauge');
    expect(tasks[0]?.evidence.title?.spans[0]?.quote).toBe('Loan form for the gauge');
  });

  test('tags and reminders have several rows, which add up', async () => {
    const { tasks } = outcomeOf(await arriving(MAIL), [
      {
        name: 'r',
        read: [
          { field: 'due', from: [{ kind: 'deadline' }] },
          { field: 'tags', from: [{ kind: 'fixed', value: ['a', 'b'] }] },
          { field: 'tags', from: [{ kind: 'pair', labels: ['Lender'] }] },
          { field: 'reminders', from: [{ kind: 'day', from: 'due', plus: -1, time: '08:30' }] },
          {
            field: 'reminders',
            from: [{ kind: 'day', from: 'due', plus: -1, unit: 'weeks', time: '09:00' }],
          },
        ],
      },
    ]);
    expect(tasks[0]?.fields).toMatchObject({
      tags: ['a', 'b', 'Cape Museum'],
      reminders: ['2026-11-30T09:00', '2026-12-06T08:30'],
    });
  });

  test('a due day counted from the deadline keeps the deadline itself', async () => {
    const { tasks } = outcomeOf(await arriving(MAIL), [
      due([{ kind: 'day', from: 'deadline', plus: -2, unit: 'working days' }]),
    ]);
    expect(tasks[0]?.fields).toMatchObject({ due: '2026-12-03', deadline: '2026-12-07' });
    expect(tasks[0]?.evidence.deadline?.spans[0]?.quote).toBe('by 7 December');
  });

  test('of a choice that is not known the row says what becomes', async () => {
    const rule = (unknown: 'hold' | 'make' | 'otherwise') => ({
      name: 'r',
      read: [
        {
          field: 'Lender',
          kind: 'choice' as const,
          choices: ['Harrow'],
          from: [{ kind: 'pair' as const, labels: ['Lender'] }],
          unknown,
        },
      ],
    });
    const incoming = await arriving(MAIL);
    const held = outcomeOf(incoming, [rule('hold')]);
    expect([held.kind, held.tasks.length, held.held[0]?.message]).toEqual([
      'held',
      0,
      'There is no choice “Cape Museum” for Lender.',
    ]);
    const made = outcomeOf(incoming, [rule('make')]);
    expect(made.tasks[0]?.fields.fields).toEqual({ Lender: 'Cape Museum' });
    expect(made.makes).toEqual([{ what: 'choice', field: 'Lender', name: 'Cape Museum' }]);
    expect(outcomeOf(incoming, [rule('otherwise')]).tasks[0]?.fields.fields).toEqual({});
  });
});

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

describe('several rules', () => {
  const subject = (...words: string[]) => ({
    all: [{ kind: 'words' as const, in: ['subject' as const], words }],
  });

  test('the first that takes the message is the last one asked', async () => {
    const outcome = outcomeOf(await arriving(MAIL), [
      { name: 'a', when: subject('nothing like it') },
      { name: 'b', when: subject('gauge') },
      { name: 'c' },
    ]);
    expect(outcome.rules.map(({ name }) => name)).toEqual(['b']);
    expect(outcome.trace.map(({ name, taken }) => [name, taken])).toEqual([['b', true]]);
    expect(outcome.ruledOut).toEqual([{ ruleId: 'a', version: 1, name: 'a', terms: ['word nothing'] }]);
    expect(sayTrace(outcome).map(({ text }) => text)).toContain(
      'a was not asked: the message has no word nothing.',
    );
  });

  test('after “go on” later rules fill what is empty, and make tasks only where there are none', async () => {
    const outcome = outcomeOf(await arriving(MAIL), [
      { name: 'a', then: 'go on', read: [{ field: 'priority', from: [{ kind: 'fixed', value: 'low' }] }] },
      {
        name: 'b',
        read: [
          { field: 'title', from: [{ kind: 'fixed', value: 'Another' }] },
          { field: 'due', from: [{ kind: 'deadline' }] },
          { field: 'priority', from: [{ kind: 'fixed', value: 'high' }] },
        ],
      },
      { name: 'c' },
    ]);
    expect(outcome.rules.map(({ name }) => name)).toEqual(['a', 'b']);
    expect(outcome.tasks).toHaveLength(1);
    expect(outcome.tasks[0]).toMatchObject({
      fields: { title: 'Return Loan form for the gauge', due: '2026-12-07', priority: 'low' },
      evidence: { due: { ruleId: 'b' }, priority: { ruleId: 'a' } },
    });
    const dropped = outcomeOf(await arriving(MAIL), [
      { name: 'a', then: 'go on', makes: { kind: 'nothing' } },
      { name: 'b' },
    ]);
    expect(dropped.kind).toBe('tasks');
  });

  test('one that fails holds the message for it; the tasks of others stand, and release runs only it', async () => {
    const broken = { name: 'b', route: [{ project: 'Gone' }] };
    const incoming = await arriving(MAIL);
    const outcome = outcomeOf(incoming, [{ name: 'a', then: 'go on' }, broken], CONTEXT);
    expect([outcome.kind, outcome.tasks.length]).toEqual(['held', 1]);
    expect(outcome.held).toEqual([
      { ruleId: 'b', version: 1, name: 'b', why: 'failed', message: 'There is no project “Gone”.' },
    ]);
    expect(outcome.trace.at(-1)?.problem).toBe('There is no project “Gone”.');
    const mended = Context.parse({ ...CONTEXT, projects: [...CONTEXT.projects, { name: 'Gone' }] });
    const released = evaluateOne(compileRule(version(broken), mended), incoming, mended);
    expect(released).toMatchObject({
      kind: 'tasks',
      rules: [{ name: 'b' }],
      tasks: [{ fields: { project: 'Gone' } }],
    });
  });

  test('a rule may hold, file without a task, and say what happens outside', async () => {
    const held = outcomeOf(await arriving(MAIL), [{ name: 'a', makes: { kind: 'hold', why: 'Ask Tomas.' } }]);
    expect(held.held[0]).toMatchObject({ why: 'hold', message: 'Ask Tomas.' });
    const filed = outcomeOf(await arriving(MAIL), [
      {
        name: 'a',
        makes: { kind: 'nothing' },
        effects: [
          { kind: 'label', add: ['filed'] },
          { kind: 'send', to: ['asker'], subject: 'Re: {{ mail.subject }}', text: 'We have it: {{ title }}' },
        ],
      },
    ]);
    expect(filed.effects.map(({ effect }) => effect)).toEqual([
      { kind: 'label', add: ['filed'], remove: [] },
      {
        kind: 'send',
        to: ['orla@cape.example'],
        subject: 'Re: Fwd: Loan form for the gauge',
        text: 'We have it: Return Loan form for the gauge',
      },
    ]);
  });

  test('a rule starts by what it says: arrival, a label, a flag', async () => {
    const rules: RuleInput[] = [
      { name: 'by hand', start: { kind: 'hand' } },
      { name: 'labelled', start: { kind: 'label', is: ['To do'] } },
      { name: 'flagged', start: { kind: 'flag' } },
      { name: 'arrived' },
    ];
    const names = async (delivery: Parameters<typeof arriving>[1]) =>
      outcomeOf(await arriving(MAIL, delivery), rules).rules.map(({ name }) => name);
    expect(await names({})).toEqual(['arrived']);
    expect(await names({ occasion: 'label', labels: ['to do'] })).toEqual(['labelled']);
    expect(await names({ occasion: 'label', labels: ['other'] })).toEqual([]);
    expect(await names({ occasion: 'flag' })).toEqual(['flagged']);
  });
});

describe('mail that no rule takes', () => {
  const last = { lastRule: true };
  test('becomes tasks by the built-in reading, in the project of its address; without the last rule nothing', async () => {
    const incoming = await arriving(LIST, { target: { kind: 'project', name: 'Building' } });
    const { kind, tasks, rules } = outcomeOf(incoming, [], {}, last);
    expect([kind, rules]).toEqual(['unclaimed', []]);
    expect(tasks.map(({ fields }) => [fields.title, fields.due, fields.priority, fields.project])).toEqual([
      ['Book the hall', '2026-11-27', null, 'Building'],
      ['Print the posters', '2026-12-03', 'low', 'Building'],
    ]);
    expect(outcomeOf(incoming, [])).toMatchObject({ kind: 'unclaimed', tasks: [] });
  });

  test('what answers itself reaches only rules that name it; a machine’s notice reaches all, but becomes nothing by itself', async () => {
    const answers = await arriving(`Auto-Submitted: auto-replied\n${MAIL}`);
    const notice = await arriving(`Auto-Submitted: auto-generated\n${MAIL}`);
    expect(outcomeOf(answers, [{ name: 'a' }], {}, last)).toMatchObject({
      kind: 'nothing',
      reason: 'answers itself',
    });
    const naming: RuleInput = { name: 'a', when: { all: [{ kind: 'automatic', is: ['reply'] }] } };
    expect(outcomeOf(answers, [naming], {}, last).kind).toBe('tasks');
    expect(outcomeOf(notice, [], {}, last)).toMatchObject({ kind: 'nothing', reason: 'made by a machine' });
    expect(outcomeOf(notice, [{ name: 'a' }], {}, last).kind).toBe('tasks');
  });

  test('mail of a watched mailbox makes none', async () => {
    const incoming = await arriving(MAIL, { target: { kind: 'mailbox', name: 'Work' } });
    expect(outcomeOf(incoming, [], {}, last)).toMatchObject({ kind: 'nothing', reason: 'no rule took it' });
  });
});

test('a rule says itself in plain sentences', () => {
  const { definition } = version({
    name: 'Loans',
    when: { all: [{ kind: 'sender', is: ['cape.example', 'Lenders'] }, { none: [{ kind: 'automatic' }] }] },
    read: [
      {
        field: 'due',
        from: [{ kind: 'deadline' }, { kind: 'day', from: 'arrival', plus: 4, unit: 'working days' }],
      },
    ],
    route: [
      { if: { all: [{ kind: 'forward' }] }, project: 'Loans in', section: 'Abroad' },
      { project: 'Loans in' },
    ],
    effects: [{ kind: 'label', add: ['in hand'] }],
  });
  expect(sayRule(definition)).toBe(
    'Mail that is from cape.example or Lenders and is none that answers itself or was sent by a machine of its own accord becomes a task in Loans in, section Abroad if it is a forward, otherwise in Loans in; its due date is the deadline in the words, otherwise 4 working days after arrival. Then label it in hand.',
  );
});

test('a thousand rules give what ten give', async () => {
  const rules = Array.from({ length: 1000 }, (_, i) =>
    version({ name: `r${String(i)}`, when: { all: [{ kind: 'sender', is: [`firm${String(i)}.example`] }] } }),
  );
  const own = version({ name: 'own', when: { all: [{ kind: 'sender', is: ['cape.example'] }] } });
  const incoming = await arriving(MAIL);
  const outcome = evaluate(compile([...rules, own], CONTEXT), incoming, { lastRule: true });
  expect(outcome.rules.map(({ name }) => name)).toEqual(['own']);
  expect([outcome.trace.length, outcome.ruledOut.length]).toEqual([1, 1000]);
});
