import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { finderOf } from './finder.ts';
import { alternatives, pattern, WORD_END } from './words.ts';

const found = (words: string, text: string) =>
  [...finderOf({ classes: [words], after: WORD_END })(text)].map(({ 0: what, index }) => [index, what]);

/** The same by one pattern over the text, from each place where a word may begin. */
function foundByPattern(words: string, text: string): (string | number)[][] {
  const here = pattern(`(?<![\\p{L}\\p{N}])${alternatives(words)}${WORD_END}`, 'g');
  return [...text.matchAll(here)].map(({ 0: what, index }) => [index, what]);
}

describe('words of a class', () => {
  test.each([
    ['could you|could you please', 'well, could you please send it', [[6, 'could you please']]],
    ['could you|could you please send me', 'could you please send it', [[0, 'could you']]],
    ['could you', 'could young people', []],
    ['could you', 'could\n you', [[0, 'could\n you']]],
    ["merci d'", "merci d'envoyer", [[0, "merci d'"]]],
    ['es ware schon, wenn', 'es ware schon, wenn du', [[0, 'es ware schon, wenn']]],
    ['es ware schon, wenn', 'es ware schon , wenn du', []],
    [
      'it would be … if you',
      'it would be a great help if you came',
      [[0, 'it would be a great help if you']],
    ],
    ['it would be … if you', 'it would be good. see if you can', []],
    ['we ask … to', 'we ask all the tenants of this old house to leave', []],
  ])('%s in “%s”', (words, text, places) => {
    expect(found(words, text)).toEqual(places);
  });

  test('are found where a pattern of all of them finds them', () => {
    const word = fc.constantFrom('a', 'b', 'ab', "c'", 'd,', 'e.');
    const line = (most: number) => fc.array(word, { minLength: 1, maxLength: most }).map((w) => w.join(' '));
    const phrase = line(3).filter((words) => /^[a-z]/.test(words) && !/[.,]$/.test(words));
    fc.assert(
      fc.property(fc.array(phrase, { minLength: 1, maxLength: 6 }), line(12), (phrases, text) => {
        expect(found(phrases.join('|'), text)).toEqual(foundByPattern(phrases.join('|'), text));
      }),
    );
  });

  test('with up to six words between them, too', () => {
    const line = fc.array(fc.constantFrom('a', 'b', 'x', 'y,'), { maxLength: 14 }).map((w) => w.join(' '));
    fc.assert(
      fc.property(line, (text) => {
        expect(found('a … b', text)).toEqual(foundByPattern('a … b', text));
      }),
    );
  });
});
