import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fold } from '../languages/index.ts';
import { evaluate } from '../rules/index.ts';
import { read } from './index.ts';

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

async function taskOf(words: string) {
  const head =
    'From: Orla <orla@cape.example>\nTo: ines@quay.example\nSubject: Hatband\nDate: Tue, 10 Mar 2026 10:15:00 +0100\nContent-Type: text/plain; charset=utf-8';
  const options = { me: ['ines@quay.example'], zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;
  const bytes = new TextEncoder().encode(`${head}\n\n${words}\n`);
  const reading = await read(bytes, options, '2026-03-10T09:16:00Z');
  const { due, title } = evaluate({ reading, target: { kind: 'inbox' } }, []).tasks[0]?.fields ?? {};
  return { due: due ?? '-', title: title ?? '' };
}

/** Alternatives between `/`; each of the stems begins a word of the title. */
function names(title: string, stems: string): boolean {
  const words = fold(title).split(/[^\p{L}\p{N}]+/u);
  return stems
    .split(' ')
    .every((stem) => stem.split('/').some((one) => words.some((word) => word.startsWith(fold(one)))));
}

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
        expect(
          names(task.title, action[0] ?? '') && task.title.length <= 80,
          `${words} → ${task.title}`,
        ).toBe(true);
      }),
      { numRuns: 200, seed: 20260310 },
    );
  });

  test('what only tells of a day has none', async () => {
    await fc.assert(
      fc.asyncProperty(block(blocks.told), ends, async (told, both) => {
        expect((await taskOf(around(both, told))).due, told).toBe('-');
      }),
      { numRuns: 60, seed: 20260310 },
    );
  });
});
