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
} from '../index.ts';
import { arriving, CONTEXT, LIST, MAIL, outcomeOf, version } from '../testRules.ts';

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
      { do: 'remove' as const, words: ['loan form for'] },
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

  test('a text that cannot be made fails its rule, not the message', async () => {
    const text = '{% for n in (1..1000000) %}{{ title }}{% endfor %}';
    const endless: RuleInput = { name: 'b', read: [{ field: 'notes', from: [{ kind: 'template', text }] }] };
    const outcome = outcomeOf(await arriving(MAIL), [{ name: 'a', then: 'go on' }, endless]);
    expect([outcome.kind, outcome.tasks.length, outcome.held[0]?.name]).toEqual(['held', 1, 'b']);
    expect(outcome.held[0]?.message).toContain('limit');
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
    'Mail that is from cape.example or Lenders and is none that is an automatic reply or was sent by a machine of its own accord becomes a task in Loans in, section Abroad if it is a forward, otherwise in Loans in; its due date is the deadline in the words, otherwise 4 working days after arrival. Then label it in hand.',
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
