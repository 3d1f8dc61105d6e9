import { expect, test } from 'vitest';
import { problemOfRow, WrittenTable } from '../index.ts';

test('a row that can never give a value is refused where it stands', () => {
  expect(problemOfRow(['oak', 'Loans'], 'words')).toBe(null);
  expect(problemOfRow([' ', ''], 'words')).toBe(null);
  expect(problemOfRow(['oak', ' '], 'words')).toBe('It has no value.');
  const refused = WrittenTable.safeParse({
    name: 'Woods',
    by: 'domains',
    rows: [
      ['a.example', 'A'],
      ['', 'B'],
    ],
  });
  expect(refused.error?.issues).toMatchObject([
    { path: ['rows', 1], message: 'Row 2: It has no domain to look it up by.' },
  ]);
});
