import { describe, expect, test } from 'vitest';
import { Project } from '../../tasks/index.ts';
import { checkRule, Context, parseRuleFile, RuleDefinition, type RuleInput } from '../index.ts';
import { arriving, outcomeOf } from '../testRules.ts';

const HEAD =
  'From: Orla <orla@cape.example>\nSubject: Crates for the tide dial\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n';
const plain = (text: string) => arriving(`${HEAD}\n${text}\n`);
const html = (body: string) =>
  arriving(`${HEAD}MIME-Version: 1.0\nContent-Type: text/html; charset=utf-8\n\n${body}\n`);

const rows = (columns: Record<string, string>, makes: object = {}): RuleInput => ({
  name: 'Rows',
  makes: { kind: 'rows', ...makes },
  read: Object.entries(columns).map(([field, name]) => ({
    field,
    from: [{ kind: 'column', names: [name] }],
  })),
});
const cells = { title: 'Object', Room: 'Room', Hours: 'Hours' };
const table = (incoming: Awaited<ReturnType<typeof plain>>, rule = rows(cells)) =>
  outcomeOf(incoming, [rule]).tasks.map(({ fields: { title, fields } }) => [
    title,
    fields.Room ?? null,
    fields.Hours ?? null,
  ]);

describe('tables', () => {
  const wanted = [
    ['Dust the dial', null, '6'],
    ['Oil the gauge', 'North', '2'],
  ];

  test.each([
    ['bars', 'Object|Room|Hours\nDust the dial||6\nOil the gauge|North|2'],
    ['tabs', 'Object\tRoom\tHours\nDust the dial\t\t6\nOil the gauge\tNorth\t2'],
    ['several tabs', 'Object\t\tRoom\tHours\nDust the dial\t-\t6\nOil the gauge\tNorth\t2'],
    [
      'a section and a sum',
      'Object\tRoom\tHours\nWeek 12\nDust the dial\t\t6\nOil the gauge\tNorth\t2\nTotal\t\t8',
    ],
    [
      'a section of its own cell',
      'Object\tRoom\tHours\nWeek 12\t\t\nDust the dial\t\t6\nOil the gauge\tNorth\t2',
    ],
  ])('with %s keep their columns', async (_, text) => {
    expect(table(await plain(text))).toEqual(wanted);
  });

  test.each([
    ['paragraphs', '<td><p>Dust the dial</p></td><td></td><td><p>6</p></td>'],
    ['line breaks', '<td>Dust<br>the dial</td><td><br></td><td>6<br></td>'],
  ])('of HTML with %s in their cells', async (_, row) => {
    const incoming = await html(
      `<table><tr><th>Object</th><th>Room</th><th>Hours</th></tr><tr>${row}</tr><tr><td>Oil the gauge</td><td>North</td><td>2</td></tr></table>`,
    );
    expect(table(incoming)).toEqual(wanted);
  });

  test('without headings are called by their numbers', async () => {
    const incoming = await plain('Dust the dial\tNorth\t6\nOil the gauge\tSouth\t2');
    expect(table(incoming, rows({ title: '1', Room: '2', Hours: '3' }))).toEqual([
      ['Dust the dial', 'North', '6'],
      ['Oil the gauge', 'South', '2'],
    ]);
  });

  test('at the end of a mail are no signature, though dates look like telephone numbers', async () => {
    const incoming = await plain(
      'Dear Ines,\n\nthese are the days.\n\nObject\tRoom\tHours\nDust the dial\t12.02.2026\t6\nOil the gauge\t13.02.2026\t2',
    );
    expect(table(incoming)).toHaveLength(2);
  });

  test('of what is quoted are found in the whole text, and where there is none the trace says so', async () => {
    const quoted = await plain(
      'See below.\n\nOn Mon, 23 Nov 2026, Bo wrote:\n> Object\tRoom\n> Dust the dial\tNorth\n> Oil\tSouth',
    );
    const rule = rows({ title: 'Object' });
    const [said] = outcomeOf(quoted, [rule]).trace;
    expect(said?.remark).toBe('It makes one task: there is no table in your note and the newest words.');
    const [other] = outcomeOf(await plain('Name\tDay\nDial\tFriday'), [
      rows({ title: 'Object' }, { columns: ['Object'] }),
    ]).trace;
    expect(other?.remark).toContain('have the columns Name, Day, but no Object');
  });
});

describe('values that were wrong in silence', () => {
  const value = async (row: object, text: string) => {
    const read = [{ field: 'Value', ...row }] as RuleInput['read'];
    return outcomeOf(await plain(text), [{ name: 'r', read }]).tasks[0]?.fields.fields.Value ?? null;
  };
  const pair = (label: string) => ({ from: [{ kind: 'pair', labels: [label] }] });

  test.each([
    ['Client  no.: 17', 'Client no'],
    ['Client\u00a0no: 17', 'Client no.'],
    ['Client no : 17', 'client no'],
    ['Fee (net): 17', 'Fee (net)'],
  ])('blanks and a last dot in the label of “%s” do not matter', async (line, label) => {
    expect(await value(pair(label), line)).toBe('17');
  });

  test('a no-break space is a blank to a pattern', async () => {
    const from = [{ kind: 'pattern', pattern: 'no\\s(\\d+)' }];
    expect(await value({ from }, 'Client no\u00a017 and\u202fmore')).toBe('17');
  });

  test('a group that takes no part is no match, and the next is tried', async () => {
    const from = [{ kind: 'pattern', pattern: 'room (?:none|(\\d+))' }];
    expect(await value({ from }, 'room none, room 12')).toBe('12');
  });

  test.each([
    [[{ kind: 'pattern', pattern: 'a(b)', group: '2' }], {}],
    [[{ kind: 'matchGroup', group: 'no' }], { makes: { kind: 'matches', pattern: 'a(b)' } }],
  ])('a group that does not exist is refused: %j', (from, more) => {
    const file = { version: 1, rules: [{ name: 'r', read: [{ field: 'Value', from }], ...more }] };
    expect(parseRuleFile(JSON.stringify(file)).errors).toEqual([
      expect.objectContaining({ message: expect.stringContaining('The pattern has no group') as string }),
    ]);
  });

  test.each(['-', 'n/a', '—'])('“%s” means nothing', async (sign) => {
    expect(await value(pair('Lender'), `Lender: ${sign}`)).toBeNull();
  });

  test('what means nothing can be said', async () => {
    expect(await value({ ...pair('Lender'), nothing: ['none'] }, 'Lender: none')).toBeNull();
    expect(await value({ ...pair('Lender'), nothing: [] }, 'Lender: -')).toBe('-');
  });

  test('the decimal mark can be said', async () => {
    expect(await value({ ...pair('Weight'), kind: 'number', decimal: '.' }, 'Weight: 1.250')).toBe(1.25);
  });

  test('“Assignee” is the assignee', async () => {
    const people = [
      { name: 'Tomas Quill', addresses: ['tomas@quay.example'], organisation: null, groups: [] },
    ];
    const read: RuleInput['read'] = [{ field: 'Assignee', from: [{ kind: 'fixed', value: 'Tomas Quill' }] }];
    const { tasks } = outcomeOf(await plain('x'), [{ name: 'r', read }], { people });
    expect(tasks[0]?.fields).toMatchObject({ assignee: 'Tomas Quill', fields: {} });
  });

  test('a title that no reading finds is the subject', async () => {
    const read: RuleInput['read'] = [{ field: 'title', from: [{ kind: 'pair', labels: ['Matter'] }] }];
    const { tasks } = outcomeOf(await plain('hello'), [{ name: 'r', read }]);
    expect(tasks[0]?.fields.title).toBe('Crates for the tide dial');
    expect(tasks[0]?.evidence.title).toMatchObject({ readingKind: 'subject' });
  });
});

test('the decimal mark is said by the row, else by the project’s field, else by the settings', async () => {
  const incoming = await plain('Weight: 1.250');
  const weight = (row: ',' | '.' | null, field: ',' | '.' | null, settings: ',' | '.' | null) =>
    outcomeOf(
      incoming,
      [
        {
          name: 'r',
          read: [{ field: 'Weight', decimal: row, from: [{ kind: 'pair', labels: ['Weight'] }] }],
        },
      ],
      {
        decimal: settings,
        projects: [
          Project.parse({ name: 'Loans', fields: [{ name: 'Weight', kind: 'number', decimal: field }] }),
        ],
      },
    ).tasks[0]?.fields.fields.Weight;
  expect(weight(null, null, null)).toBe(1250);
  expect(weight(null, null, '.')).toBe(1.25);
  expect(weight(null, ',', '.')).toBe(1250);
  expect(weight('.', ',', null)).toBe(1.25);
});

test('what a rule names and is not there can be made from where it stands', () => {
  const rule = RuleDefinition.parse({
    name: 'r',
    when: { all: [{ kind: 'address', is: ['Loans'] }] },
    read: [{ field: 'assignee', from: [{ kind: 'fixed', value: 'Tom' }] }],
    route: [{ project: 'Building' }],
  });
  expect(checkRule(rule, Context.parse({})).map(({ path, lacks }) => [path.join('.'), lacks])).toEqual([
    ['when.all.0', { what: 'project', name: 'Loans' }],
    ['read.0.from.0.value', { what: 'person', name: 'Tom' }],
    ['route.0.project', { what: 'project', name: 'Building' }],
  ]);
});
