import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { read, READER_VERSION, type Reading } from './index.ts';

const options = { me: ['ines.tavare@saltmarsh.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const arrivedAt = '2026-11-24T14:02:05Z';
const mails = new URL('../../../demo/mail/', import.meta.url).pathname;
const readText = (mail: string) => read(new TextEncoder().encode(mail), options, arrivedAt);

const spansOf = ({ facts }: Reading) => [
  ...facts.subject.spans,
  ...facts.dates.flatMap((d) => d.spans),
  ...facts.pairs.flatMap((p) => p.spans),
];

describe('deadline', () => {
  const deadline = ({ facts }: Reading) =>
    facts.deadline === null ? null : facts.dates[facts.deadline]?.date;

  test('the earliest of the newest words is taken', async () => {
    const reading = await readText(
      'From: o@cape.example\nSubject: x\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nPlease sign by 9 December. Return it by 3 December.',
    );
    expect(deadline(reading)).toBe('2026-12-03');
  });

  test('what the note says wins over the message below', async () => {
    const reading = await readText(
      'From: ines.tavare@saltmarsh.example\nSubject: Fwd: x\nDate: Tue, 24 Nov 2026 10:00:00 +0000\n\nPlease finish it by 30 November.\n\n---------- Forwarded message ---------\nFrom: O <o@cape.example>\nDate: Mon, 23 Nov 2026 at 10:00\nSubject: x\n\nPlease return it by Wednesday.',
    );
    expect(deadline(reading)).toBe('2026-11-30');
    expect(reading.facts.dates.find((d) => d.region === 'latest')?.date).toBe('2026-11-25');
  });

  test('a note’s orders count, not what it tells', async () => {
    const note = (words: string) =>
      readText(
        `From: ines.tavare@saltmarsh.example\nSubject: Fwd: x\nDate: Tue, 24 Nov 2026 10:00:00 +0000\n\n${words}\n\n---------- Forwarded message ---------\nFrom: O <o@cape.example>\nDate: Mon, 23 Nov 2026 at 10:00\nSubject: x\n\nHello.`,
      );
    expect(deadline(await note('Tomas and I look at it on Wednesday. Answer by 27 November.'))).toBe(
      '2026-11-27',
    );
    expect(deadline(await note('collect on Friday'))).toBe('2026-11-27');
    expect(deadline(await note('Tomas is here on Friday.'))).toBeNull();
  });

  test('a message without a date is read from its arrival', async () => {
    expect(deadline(await readText('From: o@cape.example\nSubject: x\n\nPlease answer by Friday.'))).toBe(
      '2026-11-27',
    );
  });

  test('quoted history gives none', async () => {
    const reading = await readText(
      'From: o@cape.example\nSubject: x\n\nThank you.\n\nOn Mon, 23 Nov 2026 at 10:00, A <a@b.example> wrote:\n> please send it by Friday',
    );
    expect(deadline(reading)).toBeNull();
  });
});

describe('properties', () => {
  test('every piece of evidence quotes the words at its place, and reading twice gives the same', async () => {
    const line = fc.constantFrom(
      'please send it by Friday',
      'Due: 3 Dec 17:00',
      '> by 4 December',
      'On 3 May 2026, A <a@b.example> wrote:',
      '',
      'Priority: high',
      '---------- Forwarded message ---------',
      'From: B <b@c.example>',
      'Date: Mon, 23 Nov 2026 at 16:48',
    );
    const sender = fc.constantFrom('ines.tavare@saltmarsh.example', 'b@c.example');
    await fc.assert(
      fc.asyncProperty(
        sender,
        fc.string(),
        fc.array(line, { maxLength: 16 }),
        async (from, subject, lines) => {
          const mail = `From: ${from}\nSubject: ${subject.replace(/[\r\n]/g, ' ')}\n\n${lines.join('\n')}`;
          const reading = await readText(mail);
          for (const { part, start, end, quote } of spansOf(reading)) {
            expect((part === 'text' ? reading.message.text : reading.message.subject).slice(start, end)).toBe(
              quote,
            );
          }
          expect(await readText(mail)).toEqual(reading);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('any bytes are read without a throw', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 300 }), async (bytes) => {
        expect((await read(bytes, options, arrivedAt)).facts.subject).toBeDefined();
      }),
    );
  });
});

test('the demo mails are read as this READER_VERSION read them: raise it when this changes', async () => {
  const files = readdirSync(mails, { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('.eml'))
    .toSorted();
  const lines: string[] = [];
  for (const file of files) {
    const { facts, anatomy } = await read(readFileSync(mails + file), options, arrivedAt);
    const dates = facts.dates
      .map((d, i) => `${i === facts.deadline ? '!' : ''}${d.date} ${d.verdict}`)
      .join('; ');
    lines.push(
      `${file} | ${anatomy.who?.address ?? ''} | ${facts.subject.value} | ${dates} | ${facts.automatic ?? ''}`,
    );
  }
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./readings.v${READER_VERSION}.txt`);
});
