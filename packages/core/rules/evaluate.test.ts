import { describe, expect, test } from 'vitest';
import { read } from '../reading/index.ts';
import {
  evaluate,
  RuleDefinition,
  sayRule,
  sayTrace,
  type Incoming,
  type RuleVersion,
  type Target,
} from './index.ts';

const names = { project: (id: string) => (id === 'p1' ? 'Loans in' : 'Building') };

async function incoming(mail: string, target: Target = { kind: 'inbox' }): Promise<Incoming> {
  const options = { me: ['ines@quay.example'], zone: 'UTC', dateOrder: 'DMY' } as const;
  return { reading: await read(new TextEncoder().encode(mail), options, '2026-11-24T14:00:00Z'), target };
}

const MAIL = `From: Orla <orla@loans.cape.example>
Subject: Fwd: Loan form for the gauge
Date: Mon, 23 Nov 2026 10:00:00 +0000

Please return it by 7 December.

Due: soon enough
Answer by: 3 December
Priority: High
`;

function rule(id: string, part: Partial<RuleDefinition> = {}): RuleVersion {
  const definition = RuleDefinition.parse({
    name: `Rule ${id}`,
    description: '',
    band: { hue: 'tide', pattern: 'plain' },
    when: { all: [] },
    read: [{ field: 'title', readings: [{ kind: 'cleanedSubject', id: 't' }], otherwise: null }],
    route: { project: { kind: 'none' } },
    ...part,
  });
  return { ruleId: id, version: 3, definition };
}

describe('conditions', () => {
  test.each([
    [{ kind: 'senderIs', anyOf: ['orla@loans.cape.example'] }, true],
    [{ kind: 'senderIs', anyOf: ['x@y.example', 'Cape.example'] }, true],
    [{ kind: 'senderIs', anyOf: ['scape.example'] }, false],
    [{ kind: 'senderIs', anyOf: ['@loans.cape.example'] }, true],
    [{ kind: 'subjectContains', anyOf: ['LOAN FORM'] }, true],
    [{ kind: 'subjectContains', anyOf: ['invoice'] }, false],
    [{ kind: 'arrivedAt', targets: [{ kind: 'project', id: 'p1' }] }, true],
    [{ kind: 'arrivedAt', targets: [{ kind: 'inbox' }, { kind: 'project', id: 'p2' }] }, false],
  ] as const)('%j: %s', async (condition, taken) => {
    const when = RuleDefinition.shape.when.parse({ all: [condition] });
    const outcome = evaluate(await incoming(MAIL, { kind: 'project', id: 'p1' }), [rule('a', { when })]);
    expect(outcome.kind).toBe(taken ? 'tasks' : 'unclaimed');
    expect(outcome.trace[0]?.conditions[0]?.holds).toBe(taken);
  });

  test('all have to hold, and a forwarded message counts by its own sender', async () => {
    const mail = `From: Ines <ines@quay.example>\nSubject: Fwd: x\n\n---------- Forwarded message ---------\nFrom: B <b@keel.example>\nSubject: x\n\nhello`;
    const all = [
      { kind: 'senderIs' as const, anyOf: ['keel.example'] },
      { kind: 'subjectContains' as const, anyOf: ['y'] },
    ];
    expect(evaluate(await incoming(mail), [rule('a', { when: { all: all.slice(0, 1) } })]).kind).toBe(
      'tasks',
    );
    expect(evaluate(await incoming(mail), [rule('a', { when: { all } })]).kind).toBe('unclaimed');
  });
});

describe('readings', () => {
  const due = (readings: RuleDefinition['read'][number]['readings'], otherwise: string | null = null) =>
    rule('a', {
      read: [
        {
          field: 'due',
          readings,
          otherwise: otherwise === null ? null : { kind: 'fixedValue', id: 'o', value: otherwise },
        },
      ],
    });

  test('the first that finds a value wins, with its evidence', async () => {
    const outcome = evaluate(await incoming(MAIL), [
      due([
        { kind: 'labelledLine', id: 'l', labels: ['Answer by'] },
        { kind: 'deadlinePhrase', id: 'd' },
      ]),
    ]);
    expect(outcome.tasks[0]?.fields.due).toBe('2026-12-03');
    expect(outcome.tasks[0]?.evidence.due).toMatchObject({
      ruleId: 'a',
      version: 3,
      readingId: 'l',
      spans: [{ quote: '3 December' }],
    });
    expect(outcome.trace[0]?.fields[0]?.tried).toHaveLength(1);
  });

  test('a value of another kind is no value, and the trace says so', async () => {
    const outcome = evaluate(await incoming(MAIL), [
      due([
        { kind: 'labelledLine', id: 'l', labels: ['Due'] },
        { kind: 'deadlinePhrase', id: 'd' },
      ]),
    ]);
    expect(outcome.tasks[0]?.fields.due).toBe('2026-12-03');
    expect(outcome.trace[0]?.fields[0]?.tried[0]?.missed).toEqual({ why: 'notOfKind', saw: 'soon enough' });
    const said = sayTrace(outcome, names)
      .map((line) => line.text)
      .join('\n');
    expect(said).toContain('the line labelled Due holds “soon enough”, which is no value for this field');
  });

  test('otherwise comes last and shows no place in the message', async () => {
    const outcome = evaluate(await incoming('From: a@b.example\nSubject: x\n\nhello'), [
      due([{ kind: 'deadlinePhrase', id: 'd' }], '2027-01-04'),
    ]);
    expect(outcome.tasks[0]).toMatchObject({
      fields: { due: '2027-01-04' },
      evidence: { due: { readingId: 'o', spans: [] } },
    });
  });

  test('a priority is read in any case, a task without a title says so', async () => {
    const read = [
      {
        field: 'priority' as const,
        readings: [{ kind: 'labelledLine' as const, id: 'l', labels: ['priority'] }],
        otherwise: null,
      },
    ];
    const { tasks } = evaluate(await incoming(MAIL), [rule('a', { read })]);
    expect(tasks[0]?.fields).toEqual({ title: '(no subject)', due: null, priority: 'high', project: null });
  });

  test('a reading that cannot fill a field, or a fixed value of another kind, is refused', () => {
    const { definition } = rule('a');
    const bad = [
      { field: 'due', readings: [{ kind: 'cleanedSubject', id: 'x' }], otherwise: null },
      { field: 'priority', readings: [], otherwise: { kind: 'fixedValue', id: 'x', value: 'soon' } },
    ];
    for (const row of bad)
      expect(RuleDefinition.safeParse({ ...definition, read: [row] }).success).toBe(false);
  });
});

describe('outcomes', () => {
  test('the first rule that takes it makes the task, in its project', async () => {
    const first = rule('a', { when: { all: [{ kind: 'subjectContains', anyOf: ['nothing like it'] }] } });
    const second = rule('b', { route: { project: { kind: 'named', id: 'p2' } } });
    const outcome = evaluate(await incoming(MAIL), [first, second, rule('c')]);
    expect(outcome).toMatchObject({
      kind: 'tasks',
      ruleId: 'b',
      tasks: [{ fields: { title: 'Loan form for the gauge', project: 'p2' } }],
    });
    expect(outcome.trace.map((t) => [t.ruleId, t.taken])).toEqual([
      ['a', false],
      ['b', true],
    ]);
  });

  test('mail that no rule takes becomes an unclaimed task in the project of its address', async () => {
    const outcome = evaluate(await incoming(MAIL, { kind: 'project', id: 'p1' }), []);
    expect(outcome).toMatchObject({
      kind: 'unclaimed',
      ruleId: null,
      tasks: [{ fields: { due: '2026-12-03', project: 'p1' } }],
    });
  });

  test('mail that answers itself reaches no rule; a machine’s notice reaches the rules but is no task by itself', async () => {
    const answers = await incoming(`Auto-Submitted: auto-replied\n${MAIL}`);
    const notice = await incoming(`Auto-Submitted: auto-generated\n${MAIL}`);
    expect(evaluate(answers, [rule('a')])).toMatchObject({
      kind: 'nothing',
      reason: 'answers itself',
      tasks: [],
    });
    expect(evaluate(notice, [])).toMatchObject({ kind: 'nothing', reason: 'made by a machine' });
    expect(evaluate(notice, [rule('a')]).kind).toBe('tasks');
  });
});

test('a rule says itself in a plain sentence', () => {
  const { definition } = rule('a', {
    when: {
      all: [
        { kind: 'senderIs', anyOf: ['cape.example', 'keel.example'] },
        { kind: 'subjectContains', anyOf: ['loan'] },
      ],
    },
    route: { project: { kind: 'named', id: 'p1' } },
  });
  expect(sayRule(definition, names)).toBe(
    'Mail that is from cape.example or keel.example and has “loan” in its subject becomes a task in Loans in; its title is the subject.',
  );
});

describe('the built-in reading', () => {
  const LIST = `From: Orla <orla@cape.example>
Subject: Actions
Date: Mon, 23 Nov 2026 10:00:00 +0000

The actions, by Friday please:

- Tom: book the hall
- Print the posters (3 December), no rush
`;

  test('makes a task of each item; the message’s deadline holds where an item has none of its own', async () => {
    const { kind, tasks } = evaluate(await incoming(LIST), []);
    expect(kind).toBe('unclaimed');
    expect(tasks.map(({ itemKey, fields }) => [itemKey, fields.title, fields.due])).toEqual([
      ['item 1', 'Book the hall', '2026-11-27'],
      ['item 2', 'Print the posters', '2026-12-03'],
    ]);
  });

  test('what one item says of its urgency does not hold for another', async () => {
    const priorities = async (mail: string) =>
      evaluate(await incoming(mail), []).tasks.map((task) => [
        task.fields.priority,
        task.evidence.priority?.spans[0]?.quote,
      ]);
    expect(await priorities(LIST)).toEqual([
      [null, undefined],
      ['low', 'Print the posters (3 December), no rush'],
    ]);
    const urgent = LIST.replace('Subject: Actions', 'Subject: urgent: Actions').replace(', no rush', '');
    expect(await priorities(urgent)).toEqual([
      ['high', 'urgent'],
      ['high', 'urgent'],
    ]);
  });

  test('takes title, deadline and priority of the whole where there is one task', async () => {
    const [task] = evaluate(
      await incoming(
        'From: o@cape.example\nSubject: x\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nCould you urgently return the form by Friday?',
      ),
      [],
    ).tasks;
    expect(task?.fields).toMatchObject({ title: 'Return the form', due: '2026-11-27', priority: 'high' });
    expect(Object.keys(task?.evidence ?? {}).toSorted()).toEqual(['due', 'priority', 'title']);
  });

  test('makes nothing of what answers itself', async () => {
    const { kind, reason } = evaluate(
      await incoming('From: o@cape.example\nSubject: Automatic reply: x\n\nI am away until Friday.'),
      [],
    );
    expect([kind, reason]).toEqual(['nothing', 'answers itself']);
  });
});
