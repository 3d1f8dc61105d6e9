import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { read, READER_VERSION, writerOf, type Reading } from './index.ts';

const options = { me: ['ines.tavare@saltmarsh.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const arrivedAt = '2026-11-24T14:02:05Z';
const mails = new URL('../../../demo/mail/', import.meta.url).pathname;
const readText = (mail: string) => read(new TextEncoder().encode(mail), options, arrivedAt);

test('only the languages of the user’s mail are read, the first for words that are in none', async () => {
  const mail = (words: string) =>
    new TextEncoder().encode(`Date: Mon, 23 Nov 2026 10:00:00 +0000\nSubject: x\n\n${words}\n`);
  const dayOf = async (words: string, languages: ('de' | 'en')[]) => {
    const { facts } = await read(mail(words), { ...options, languages }, arrivedAt);
    return facts.dates[facts.deadline ?? -1]?.date ?? null;
  };
  expect(await dayOf('Bitte bis Freitag unterschreiben.', ['en', 'de'])).toBe('2026-11-27');
  expect(await dayOf('Bitte bis Freitag unterschreiben.', ['en'])).toBeNull();
  expect(await dayOf('Please sign it by Friday.', ['de'])).toBeNull();
  expect(await dayOf('Please sign it by Friday.', [])).toBe('2026-11-27');
});

test('what stands above a forward is its sender’s, the words below are their writer’s', async () => {
  const reading = await readText(
    'From: ines.tavare@saltmarsh.example\nSubject: Fwd: x\n\nBy 30 November.\n\n---------- Forwarded message ---------\nFrom: O <o@cape.example>\nDate: Mon, 23 Nov 2026 at 10:00\nSubject: x\n\nReturn it by Wednesday.',
  );
  const writers = reading.facts.dates.map(({ spans }) => writerOf(reading, spans)?.address);
  expect(writers).toEqual(['ines.tavare@saltmarsh.example', 'o@cape.example']);
  expect(writerOf(reading, [])?.address).toBe('o@cape.example');
});

test('a number in the brackets of a subject is read, though no title begins with them', async () => {
  const { facts } = await readText('Subject: Re: [BLD-0421] Case 7: hygrometer\n\nIt reads 50 % now.');
  expect(facts.values).toMatchObject([
    {
      kind: 'reference',
      value: 'BLD-0421',
      region: 'subject',
      spans: [{ part: 'subject', start: 5, end: 13 }],
    },
    { kind: 'percent' },
  ]);
  expect(facts.title.value).toBe('Case 7: hygrometer');
});

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
      `${file} | ${anatomy.who?.address ?? ''} | ${facts.title.value}${facts.items.length > 0 ? ` (${facts.items.length})` : ''} | ${dates} | ${facts.automatic ?? ''}`,
    );
  }
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./readings.v${READER_VERSION}.txt`);
});
