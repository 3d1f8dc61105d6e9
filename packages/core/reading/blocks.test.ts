import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { amount } from '../../../scripts/testAmount.ts';
import { missingIn, taskOf } from './testTask.ts';

/**
 * Letters put together of blocks, any with any: what is said ahead, the words that ask, what is to be done to what, the
 * day, what is said behind. A block file has sections: `actions` (stems of the title, then the forms that `{1}`, `{2}` …
 * of a frame stand for), `frames`, `days` (`{D}`; “^” asks for a capital) and days without a word in front (`{B}`,
 * `{B0}`, `{B2}`), `leads`, `tails`, and `told`: sentences with dates that ask for nothing.
 */
type Blocks = Partial<Record<string, string[]>>;

function blocksOf(language: string): Blocks {
  const sections = readFileSync(path.join(import.meta.dirname, 'blocks', `${language}.txt`), 'utf8')
    .trim()
    .split('\n\n')
    .map((section) => section.split('\n'));
  return Object.fromEntries(sections.map(([name = '', ...lines]) => [name.slice(2), lines]));
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const columns = (line: string) => line.split('|').map((column) => column.trim());
const block = (lines: readonly string[] = []) => fc.constantFrom(...lines);
const around = ([lead, tail]: readonly [string, string], words: string) =>
  `${lead === '-' ? '' : lead}${words}${tail === '-' ? '' : tail}`;

/** “{1^} {2} {D}, please.” with what stands for its places; a comma that closes the day gives way to another sign. */
const filled = (frame: string, forms: readonly string[], day: string) =>
  frame
    .replace(/\{(\w\d?)(\^?)\}/g, (_, name: string, big: string) => {
      const words = /^[DB]/.test(name) ? day : (forms[Number(name)] ?? '');
      return big === '' ? words : capital(words);
    })
    .replace(/\s+/g, ' ')
    .replace(/ (?=[.,])/g, '')
    .replace(/,(?=[.?!,;])/g, '');

describe.each(['en', 'de', 'fr', 'es', 'pt', 'nl', 'it', 'sv'])('letters of blocks in %s', (language) => {
  const blocks = blocksOf(language);
  const ends = fc.tuple(block(blocks.leads), block(blocks.tails));

  test('whatever asks, for whatever, by whatever day', async () => {
    const letter = block(blocks.frames).chain((frame) => {
      const days = /\{B(\w?)\^?\}/.exec(frame);
      return fc.record({
        frame: fc.constant(frame),
        action: block(blocks.actions).map(columns),
        day: block(days ? blocks[`bare${days[1] ?? ''}`] : blocks.days).map(columns),
        ends,
      });
    });
    await fc.assert(
      fc.asyncProperty(letter, async ({ frame, action, day: [due = '', day = ''], ends: both }) => {
        const words = around(both, filled(frame, action, day));
        const task = await taskOf(words);
        expect(task.due, words).toBe(due);
        expect(missingIn(task.title, action[0] ?? ''), `${words} → ${task.title}`).toEqual([]);
        expect(task.title.length, task.title).toBeLessThanOrEqual(80);
      }),
      { numRuns: amount(40, 200), seed: 20260310 },
    );
  });

  test('what only tells of a day has none', async () => {
    await fc.assert(
      fc.asyncProperty(block(blocks.told), ends, async (told, both) => {
        expect((await taskOf(around(both, told))).due, told).toBe('-');
      }),
      { numRuns: amount(20, 60), seed: 20260310 },
    );
  });
});
