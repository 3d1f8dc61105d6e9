import { describe, expect, test } from 'vitest';
import { READING_KINDS, type RuleReading } from '../../index.ts';
import { Project } from '../../../tasks/index.ts';
import { arriving, outcomeOf } from '../../testRules.ts';
import { CASES, CONTEXT, DELIVERY } from './testCases.ts';
import { MAIL } from './testMails.ts';

describe.each(Object.keys(READING_KINDS) as (keyof typeof READING_KINDS)[])('%s', (kind) => {
  test.each(
    CASES[kind].map((each) => [`${JSON.stringify(each.reading)} as ${each.kind ?? 'text'}`, each] as const),
  )('%s', async (_, each) => {
    const reading = { ...each.reading, kind } as RuleReading;
    const nothing = { field: 'Nothing', from: [{ kind: 'header' as const, name: 'X-None' }] };
    const read = [{ field: 'Value', kind: each.kind ?? 'text', from: [reading] }, nothing];
    const incoming = await arriving(each.mail ?? MAIL, DELIVERY);
    const { tasks, trace, held } = outcomeOf(
      incoming,
      [{ name: 'r', read, makes: each.makes ?? { kind: 'task' } }],
      CONTEXT,
    );
    expect(held).toEqual([]);
    expect(tasks[0]?.fields.fields.Value ?? null).toEqual(each.value);
    const tried = trace[0]?.tasks[0]?.fields.find(({ field }) => field === 'Value')?.tried[0];
    expect(tried?.missed?.why).toBe(each.missed);
    if (each.value !== null)
      expect(tasks[0]?.evidence.Value).toMatchObject({ readingKind: kind, readingId: 'Value-1' });
    if (each.quote !== undefined) expect(tasks[0]?.evidence.Value?.spans[0]?.quote).toBe(each.quote);
    for (const { part, start, end, quote } of tasks[0]?.evidence.Value?.spans ?? []) {
      const { message } = incoming.reading;
      if (part !== 'header') expect(message[part].slice(start, end)).toBe(quote);
    }
  });

  test('has words for the editor and the documentation', () => {
    const { label, doc } = READING_KINDS[kind];
    expect(label.length).toBeGreaterThan(2);
    expect(doc).toMatch(/^[A-Z].*\.$/s);
  });
});

describe('shorthand', () => {
  const read = [
    { field: 'due', from: [{ kind: 'shorthand' as const, words: ['due'] }, { kind: 'deadline' as const }] },
    { field: 'project', from: [{ kind: 'shorthand' as const, words: ['area'] }] },
    { field: 'tags', from: [{ kind: 'shorthand' as const, sign: '%' }] },
    { field: 'title', from: [{ kind: 'subject' as const }] },
    { field: 'notes', from: [{ kind: 'note' as const }] },
  ];
  test('fills its fields and is left out of title and notes', async () => {
    const { tasks } = outcomeOf(await arriving(MAIL), [{ name: 'r', read }], CONTEXT);
    expect(tasks[0]?.fields).toMatchObject({
      title: 'Loan form for the gauge',
      due: '2026-11-27',
      project: 'Loans',
      tags: ['urgent', 'two words'],
      notes: 'see below',
    });
  });

  test('each of the clauses on a line of its own fills its field', async () => {
    const mail =
      'From: o@keel.example\nSubject: Crates\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nHello\n\ndue: 30.11.; area Loans\n';
    const { tasks } = outcomeOf(await arriving(mail), [{ name: 'r', read }], CONTEXT);
    expect(tasks[0]?.fields).toMatchObject({ due: '2026-11-30', project: 'Loans' });
  });

  test('a line of its own in the newest words counts, a sentence that only begins so does not', async () => {
    const mail = (text: string) =>
      `From: o@keel.example\nSubject: Crates\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\n${text}`;
    const due = async (text: string) =>
      outcomeOf(
        await arriving(mail(text)),
        [{ name: 'r', read: [{ field: 'due', from: [{ kind: 'shorthand', words: ['due'] }] }] }],
        CONTEXT,
      ).tasks[0]?.fields.due;
    expect(await due('Hello\n\ndue: 30.11.; area Loans\n')).toBe('2026-11-30');
    expect(await due('Due to the rain on Friday we are late.\n')).toBe(null);
  });

  const NOTE = (text: string) =>
    `From: ines@quay.example\nSubject: Crates\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\n${text}`;
  const signs = [
    { field: 'priority', from: [{ kind: 'shorthand' as const, sign: '!' }] },
    { field: 'project', from: [{ kind: 'shorthand' as const, sign: '/' }] },
  ];

  test('a sign on the line of an item, or below it, goes to that item; one beside all items to each', async () => {
    const note = NOTE(
      '/Loans\n\n- frame the print !high\n- call the lender\n- book the van\n  !low\n- order crates !medium\n',
    );
    const { tasks } = outcomeOf(
      await arriving(note),
      [{ name: 'r', makes: { kind: 'items' }, read: signs }],
      CONTEXT,
    );
    expect(tasks.map(({ fields: { title, priority, project } }) => [title, priority, project])).toEqual([
      ['Frame the print', 'high', 'Loans'],
      ['Call the lender', null, 'Loans'],
      ['Book the van', 'low', 'Loans'],
      ['Order crates', 'medium', 'Loans'],
    ]);
  });

  test('what was not understood is told once', async () => {
    const note = NOTE('/Nowhere !hot\n\n- frame the print\n- call the lender\n');
    const { remarks } = outcomeOf(
      await arriving(note),
      [{ name: 'r', makes: { kind: 'items' }, read: signs }],
      CONTEXT,
    );
    expect(remarks).toEqual([
      '“hot” was not understood: there is no such priority.',
      '“Nowhere” was not understood: there is no such project.',
    ]);
  });
});

test('mail to a project’s address that a rule takes elsewhere says so', async () => {
  const incoming = await arriving(MAIL, { target: { kind: 'project', name: 'Loans' } });
  const remarksOf = (project: string | null) =>
    outcomeOf(incoming, [{ name: 'Invoices', route: [{ project }] }], {
      ...CONTEXT,
      projects: ['Loans', 'Money'].map((name) => Project.parse({ name })),
    }).remarks;
  expect(remarksOf('Loans')).toEqual([]);
  expect(remarksOf('Money')).toEqual([
    'It came by the address of Loans, but the rule Invoices put its task in Money.',
  ]);
  expect(remarksOf(null)).toEqual([
    'It came by the address of Loans, but the rule Invoices put its task in no project.',
  ]);
});
