import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, test, vi } from 'vitest';
import { tryCommand } from '../src/tryCommand.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'hatband-rules-'));
afterAll(() => {
  rmSync(folder, { recursive: true });
});

/** What the command prints, line by line, and its exit status. */
async function tried(args: string[]): Promise<{ status: number; lines: unknown[]; complaint: string }> {
  const out: string[] = [];
  const complaint: string[] = [];
  const write = vi.spyOn(process.stdout, 'write').mockImplementation((words) => out.push(String(words)) > 0);
  const error = vi
    .spyOn(console, 'error')
    .mockImplementation((words: unknown) => complaint.push(String(words)));
  try {
    const status = await tryCommand(args, 'usage: hatband try');
    const lines = out
      .join('')
      .split('\n')
      .filter((line) => line !== '');
    return {
      status,
      lines: lines.map((line) => JSON.parse(line) as unknown),
      complaint: complaint.join('\n'),
    };
  } finally {
    write.mockRestore();
    error.mockRestore();
  }
}

function save(name: string, content: string): string {
  const file = path.join(folder, name);
  writeFileSync(file, content);
  return file;
}

const FLAGS = ['--me', 'ines@quay.example', '--zone', 'Europe/London'];

/** The worked examples of docs/rules.md: each a mail, rules, and what the line holds. */
const page = readFileSync(path.join(import.meta.dirname, '../../../docs/rules.md'), 'utf8');
const EXAMPLES = page
  .split(/^### /m)
  .slice(1)
  .map((section) => {
    const [mail = '', rules = '', line = ''] = [
      ...section.matchAll(/^```(?:eml|json)\n([\s\S]*?)^```/gm),
    ].map((m) => m[1] ?? '');
    return { name: section.split('\n')[0] ?? '', mail, rules, line };
  });

describe('the worked examples', () => {
  test('are ten', () => {
    expect(EXAMPLES).toHaveLength(10);
  });

  test.each(EXAMPLES)('$name', async ({ name, mail, rules, line }) => {
    const number = name.split('.')[0] ?? '';
    const file = save(`${number}.eml`, mail);
    const { status, lines, complaint } = await tried([
      '--rules',
      save(`${number}.json`, rules),
      ...FLAGS,
      file,
    ]);
    expect([status, complaint]).toEqual([0, '']);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject(JSON.parse(line) as object);
  });
});

describe('hatband try', () => {
  const MAIL = (id: string, more: string, subject: string) =>
    `From: o@cape.example\nMessage-ID: <${id}@cape.example>\n${more}Subject: ${subject}\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nPlease measure the gauge.\n`;
  const RULES = save(
    'replies.json',
    JSON.stringify({
      version: 1,
      rules: [
        { name: 'Replies', when: { all: [{ kind: 'openTask' }] }, makes: { kind: 'comment' } },
        { name: 'Gauges', when: { all: [{ kind: 'words', in: ['subject'], words: ['gauge'] }] } },
        { name: 'Not yet', state: 'draft' },
      ],
    }),
  );

  test('a reply finds the task of what it answers, whatever the order of the files; what no rule takes is unclaimed', async () => {
    const mails = [
      save(
        'a-reply.eml',
        MAIL('b', 'In-Reply-To: <a@cape.example>\n', 'Re: Gauge').replace('10:00:00', '11:00:00'),
      ),
      save('b-first.eml', MAIL('a', '', 'Gauge')),
      save('c-other.eml', MAIL('c', '', 'Ropes')),
    ];
    const { status, lines } = await tried(['--rules', RULES, ...FLAGS, ...mails]);
    expect(status).toBe(0);
    expect(lines).toMatchObject([
      {
        file: 'a-reply.eml',
        outcome: 'comment',
        rules: ['Replies'],
        tasks: [],
        comments: [{ on: 'Gauge' }],
      },
      { file: 'b-first.eml', outcome: 'tasks', rules: ['Gauges'] },
      { file: 'c-other.eml', outcome: 'unclaimed', rules: [], tasks: [] },
    ]);
  });

  test('a file tells the address, its plus-word and its labels', async () => {
    const rules = save(
      'delivery.json',
      JSON.stringify({
        version: 1,
        rules: [
          { kind: 'plusWord', is: ['Urgent'] },
          { kind: 'label', is: ['To do'] },
          { kind: 'address', is: ['loans@quay.example'] },
        ].map((condition) => ({ name: condition.kind, then: 'go on', when: { all: [condition] } })),
      }),
    );
    const more = 'To: Loans <loans+urgent@quay.example>\nKeywords: Later, to do\n';
    const { lines } = await tried(['--rules', rules, ...FLAGS, save('f.eml', MAIL('f', more, 'x'))]);
    expect(lines[0]).toMatchObject({ rules: ['plusWord', 'label', 'address'] });
  });

  test('with --trace every rule is asked and says why, as data and in words', async () => {
    const { lines } = await tried([
      '--rules',
      RULES,
      ...FLAGS,
      '--trace',
      save('d.eml', MAIL('d', '', 'Gauge')),
    ]);
    expect(lines[0]).toMatchObject({
      trace: {
        rules: [
          { name: 'Replies', taken: false },
          { name: 'Gauges', taken: true },
        ],
      },
    });
    const { said } = (lines[0] as { trace: { said: string[] } }).trace;
    expect(said).toContain('✓ Has “gauge” in the subject · saw Gauge');
  });

  test('what is wrong with a call, with rules or with a file is told in words', async () => {
    const mail = save('e.eml', MAIL('e', '', 'x'));
    expect((await tried([mail])).complaint).toContain('Name a file of rules: --rules FILE.');
    expect((await tried(['--rules', RULES])).complaint).toContain('Name some mail.');
    const bad = save(
      'bad.json',
      '{"version": 1, "rules": [{"name": "a", "when": {"all": [{"kind": "sender", "is": []}]}}]}',
    );
    const { status, complaint } = await tried(['--rules', bad, mail]);
    expect([status, complaint.includes('rules[0].when.all[0].is: Name a sender.')]).toEqual([2, true]);
    expect((await tried(['--rules', RULES, path.join(folder, 'none.eml')])).status).toBe(1);
  });
});
