import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, test } from 'vitest';
import { z } from 'zod';

/** The terminal's contract, as docs/READING.md lays it down. */
const Line = z.object({
  file: z.string(),
  subject: z.string(),
  originalSubject: z.string(),
  who: z.object({ address: z.string().nullable(), name: z.string().nullable() }),
  sentAt: z.string().nullable(),
  note: z.string(),
  latest: z.string(),
  attachments: z.array(z.object({ name: z.string(), type: z.string(), size: z.number() })),
  tasks: z.array(
    z.object({
      title: z.string().max(80),
      due: z.string().nullable(),
      priority: z.enum(['high', 'medium', 'low']).nullable(),
      owner: z.string().nullable(),
      notes: z.string(),
      evidence: z.record(
        z.string(),
        z.array(z.object({ part: z.string(), start: z.number(), end: z.number(), quote: z.string() })),
      ),
    }),
  ),
  warnings: z.array(z.string()),
  text: z.string().optional(),
});
const Failed = z.object({ file: z.string(), error: z.string() });

const folder = mkdtempSync(path.join(tmpdir(), 'hatband-cli-'));
afterAll(() => {
  rmSync(folder, { recursive: true });
});
const ME = 'ines@quay.example';
const FORWARD = `From: Ines <${ME}>
Subject: Fwd: Loan
Date: Wed, 11 Mar 2026 09:00:00 +0100

---------- Forwarded message ---------
From: Orla Penhale <Orla@cape.example>
Date: Tue, 10 Mar 2026 at 10:15
Subject: Loan

Please return the form by Friday 5pm.
`;
const LIST =
  'From: o@cape.example\nSubject: Actions\n\nActions:\n- Tom: book the hall\n  the large one\n- print the posters\n';

function write(name: string, content: string): string {
  const file = path.join(folder, name);
  writeFileSync(file, content);
  return file;
}

interface Run {
  status: number;
  lines: unknown[];
  complaint: string;
}

function hatband(args: string[], input = ''): Promise<Run> {
  return new Promise((resolve) => {
    const main = path.join(import.meta.dirname, '../../../dist/cli/main.js');
    const child = execFile(process.execPath, [main, ...args], (error, out, complaint) => {
      const lines = out.split('\n').filter((line) => line !== '');
      resolve({
        status: Number(error?.code ?? 0),
        lines: lines.map((line) => JSON.parse(line) as unknown),
        complaint,
      });
    });
    child.stdin?.end(input);
  });
}

describe('hatband read', () => {
  test('one line a message, as the contract wants it', async () => {
    const file = write('forward.eml', FORWARD);
    const { status, lines } = await hatband(['read', '--me', ME, '--zone', 'Europe/Lisbon', '--text', file]);
    expect([status, lines.length]).toEqual([0, 1]);
    const line = Line.parse(lines[0]);
    expect(line).toMatchObject({
      file: 'forward.eml',
      originalSubject: 'Loan',
      who: { address: 'orla@cape.example', name: 'Orla Penhale' },
      sentAt: '2026-03-10T10:15:00',
      note: '',
      latest: 'Please return the form by Friday 5pm.',
      tasks: [
        { title: 'Return the form', due: '2026-03-13T17:00', notes: 'Please return the form by Friday 5pm.' },
      ],
    });
    const [due] = line.tasks[0]?.evidence.due ?? [];
    expect(line.text?.slice(due?.start, due?.end)).toBe('by Friday 5pm');
  });

  test('items have owners and notes of their own', async () => {
    const { lines } = await hatband(['read', write('list.eml', LIST)]);
    expect(Line.parse(lines[0]).tasks).toMatchObject([
      { title: 'Book the hall', owner: 'Tom', notes: 'the large one' },
      { title: 'Print the posters', owner: null, notes: '' },
    ]);
  });

  test('standard input, an mbox and a file that cannot be read; the others are read all the same', async () => {
    expect(Line.parse((await hatband(['read', '-'], FORWARD)).lines[0]).file).toBe('-');
    const mbox = write(
      'two.mbox',
      `From a@b.example Tue Mar 10 10:15:00 2026\n${LIST}\nFrom a@b.example Tue Mar 10 10:15:00 2026\n${LIST}`,
    );
    const { status, lines } = await hatband(['read', path.join(folder, 'missing.eml'), mbox]);
    expect(status).toBe(1);
    expect(Failed.parse(lines[0]).file).toContain('missing.eml');
    expect(lines.slice(1).map((line) => Line.parse(line).file)).toEqual(['two.mbox#1', 'two.mbox#2']);
  });

  test('the order of day and month, and what is wrong with a call in words', async () => {
    const file = write(
      'order.eml',
      'From: o@cape.example\nSubject: x\nDate: Tue, 10 Mar 2026 10:15:00 +0000\n\nPlease pay by 3/4/2026.',
    );
    const due = async (order: string) =>
      Line.parse((await hatband(['read', '--date-order', order, file])).lines[0]).tasks[0]?.due;
    expect([await due('DMY'), await due('MDY')]).toEqual(['2026-04-03', '2026-03-04']);
    const wrong = await hatband(['read', '--zone', 'Nowhere/Land', file]);
    expect([wrong.status, wrong.lines]).toEqual([2, []]);
    expect(wrong.complaint).toContain('usage: hatband read');
  });
});
