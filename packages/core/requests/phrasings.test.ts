import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { fold } from '../languages/index.ts';
import { read } from '../reading/index.ts';
import { evaluate } from '../rules/index.ts';

/**
 * A mail of a sentence or two: `stems of the title | day | words`. Of alternatives between `/` one begins a word of the
 * title; “-” is no day, or any title.
 */
const linesOf = (language: string) =>
  readFileSync(path.join(import.meta.dirname, 'phrasings', `${language}.txt`), 'utf8')
    .trim()
    .split('\n')
    .map((line) => line.split(' | '));

async function taskOf(words: string) {
  const head =
    'From: Orla <orla@cape.example>\nTo: ines@quay.example\nSubject: Hatband\nDate: Tue, 10 Mar 2026 10:15:00 +0100\nContent-Type: text/plain; charset=utf-8';
  const options = { me: ['ines@quay.example'], zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;
  const reading = await read(
    new TextEncoder().encode(`${head}\n\n${words}\n`),
    options,
    '2026-03-10T09:16:00Z',
  );
  return evaluate({ reading, target: { kind: 'inbox' } }, []).tasks[0]?.fields;
}

describe.each(['en', 'de', 'fr', 'es', 'pt', 'nl', 'it', 'sv'])('phrasings in %s', (language) => {
  test.each(linesOf(language))('%s | %s | %s', async (stems, day, words) => {
    const { due, title } = (await taskOf(words)) ?? {};
    expect(due ?? '-').toBe(day);
    const begins = fold(title ?? '').split(/[^\p{L}\p{N}]+/u);
    for (const stem of stems === '-' ? [] : stems.split(' '))
      expect(
        stem.split('/').some((one) => begins.some((word) => word.startsWith(fold(one)))),
        `“${title ?? ''}” has no ${stem}`,
      ).toBe(true);
  });
});
