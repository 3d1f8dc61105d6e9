import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseCsv, writeCsv } from './index.ts';

describe('comma-separated values', () => {
  test.each([
    [
      'a,b\r\nc,d',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    [
      'a;b\nc;d',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    [
      'a\tb\nc\td',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    ['"a, b","c ""d"""\n\n', [['a, b', 'c "d"']]],
    ['\uFEFFa,b', [['a', 'b']]],
    ['', []],
  ])('%j', (text, rows) => {
    expect(parseCsv(text)).toEqual(rows);
  });

  test('what was written is read as it was', () => {
    const cell = fc.stringMatching(/^[a-z"][a-z",;\n]{0,8}[a-z"]$/);
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1 }), (rows) => {
        expect(parseCsv(writeCsv(rows))).toEqual(rows);
      }),
    );
  });
});

test('a cell that a spreadsheet would run is written as words, and read back as it was', () => {
  const rows = [['=HYPERLINK("http://evil.example")', '+1', '-5 days', '@SUM(A1)', 'plain', "o'clock"]];
  const written = writeCsv(rows);
  expect(written).not.toMatch(/(?:^|,)"[=+\-@]/);
  expect(parseCsv(written)).toEqual(rows);
});
