import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { missingIn, taskOf } from '../reading/testTask.ts';

/**
 * A mail of a sentence or two: `stems of the title | day | words`. Of alternatives between `/` one begins a word of the
 * title; “-” is no day, or any title.
 */
const linesOf = (language: string) =>
  readFileSync(path.join(import.meta.dirname, 'phrasings', `${language}.txt`), 'utf8')
    .trim()
    .split('\n')
    .map((line) => line.split(' | '));

describe.each(['en', 'de', 'fr', 'es', 'pt', 'nl', 'it', 'sv'])('phrasings in %s', (language) => {
  test.each(linesOf(language))('%s | %s | %s', async (stems, day, words) => {
    const { due, title } = await taskOf(words);
    expect(due).toBe(day);
    if (stems !== '-') expect(missingIn(title, stems), title).toEqual([]);
  });
});
