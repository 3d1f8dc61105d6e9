import fc from 'fast-check';
import { expect, test } from 'vitest';
import { task } from '../../test/made.ts';
import { marksOf, segmentsOf, unwrap, type Mark } from './marks.ts';

const mark = (start: number, end: number, field: string): Mark => ({
  taskId: 1,
  field,
  part: 'text',
  start,
  end,
});

test('a text is cut at its marks; of two that overlap the shorter is shown', () => {
  const marks = [mark(2, 12, 'title'), mark(5, 8, 'due')];
  expect(segmentsOf(0, 20, marks).map(({ start, end, mark: m }) => [start, end, m?.field ?? null])).toEqual([
    [0, 2, null],
    [2, 5, 'title'],
    [5, 8, 'due'],
    [8, 12, 'title'],
    [12, 20, null],
  ]);
});

test('whatever the marks, the segments are the whole text once, in order', () => {
  const place = fc.tuple(fc.nat(60), fc.nat(60)).map(([a, b]) => mark(Math.min(a, b), Math.max(a, b), 'due'));
  fc.assert(
    fc.property(fc.array(place), (marks) => {
      const segments = segmentsOf(10, 50, marks);
      expect(segments[0]?.start).toBe(10);
      expect(segments.at(-1)?.end).toBe(50);
      for (const [i, { start }] of segments.entries()) if (i > 0) expect(segments[i - 1]?.end).toBe(start);
    }),
  );
});

test('hard wraps become blanks, line ends that say something stay; no letter moves', () => {
  const text =
    'Please return the signed loan form for the tide gauge as soon\nas you can.\nDue: Friday\n- one\n';
  expect(unwrap(text)).toBe(
    'Please return the signed loan form for the tide gauge as soon as you can.\nDue: Friday\n- one\n',
  );
  expect(unwrap(text)).toHaveLength(text.length);
});

test('each place that a rule read is marked; of what the user wrote nothing is', () => {
  const span = { part: 'text' as const, start: 4, end: 9, quote: 'by 3 ' };
  const made = {
    ruleId: 'r1',
    version: 1,
    readingId: null,
    readingKind: 'deadline',
    ruleName: 'Loans',
    reading: '',
  };
  const evidence = {
    due: { by: 'rule' as const, ...made, spans: [span, { ...span, start: 20, end: 25 }] },
    title: { by: 'user' as const, at: '2026-11-24T14:10:00Z', was: 'Loan form' },
  };
  expect(marksOf([task({ id: 7, evidence })])).toEqual([
    { taskId: 7, field: 'due', part: 'text', start: 4, end: 9 },
    { taskId: 7, field: 'due', part: 'text', start: 20, end: 25 },
  ]);
});
