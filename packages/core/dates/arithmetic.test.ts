import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { beyondKnown, Calendar, countDay, DayCount, sayCount } from './index.ts';

const calendar = Calendar.parse({ closed: ['2026-12-25', '2026-12-28'] });
const count = (from: string, part: Partial<DayCount>, used = calendar) =>
  countDay(from, DayCount.parse({ from: 'arrival', ...part }), used);

describe('a day counted from another', () => {
  test.each<[string, Partial<DayCount>, string]>([
    ['2026-11-24', { plus: 4, unit: 'working days' }, '2026-11-30'],
    ['2026-11-28', { plus: 1, unit: 'working days' }, '2026-11-30'],
    ['2026-12-24', { plus: 1, unit: 'working days' }, '2026-12-29'],
    ['2026-12-29', { plus: -1, unit: 'working days' }, '2026-12-24'],
    ['2026-12-07T17:00', { plus: -2, unit: 'working days' }, '2026-12-03'],
    ['2026-12-07T17:00', {}, '2026-12-07T17:00'],
    ['2026-12-07T17:00', { time: '08:30' }, '2026-12-07T08:30'],
    ['2026-12-07', { plus: -1, time: '08:30' }, '2026-12-06T08:30'],
    ['2026-01-31', { plus: 1, unit: 'months' }, '2026-02-28'],
    ['2026-11-24', { plus: -2, unit: 'weeks' }, '2026-11-10'],
    ['2026-11-24', { to: 'tuesday' }, '2026-11-24'],
    ['2026-11-24', { plus: 1, to: 'tuesday' }, '2026-12-01'],
    ['2026-11-24', { to: 'end of the month' }, '2026-11-30'],
    ['2026-10-05', { to: 'last working day of the month' }, '2026-10-30'],
    ['2026-12-26', { offDays: 'move earlier' }, '2026-12-24'],
    ['2026-12-26', { offDays: 'move later' }, '2026-12-29'],
    ['2026-12-26', {}, '2026-12-26'],
  ])('%s %j: %s', (from, part, expected) => {
    expect(count(from, part)).toBe(expected);
  });

  test('a week may have other workdays', () => {
    const sundays = Calendar.parse({ workdays: [7] });
    expect(count('2026-11-24', { plus: 2, unit: 'working days' }, sundays)).toBe('2026-12-06');
  });

  test('so many working days on and back again are where they began', () => {
    const day = fc
      .integer({ min: 0, max: 300 })
      .map((n) => new Date(Date.UTC(2026, 5, 1 + n)).toISOString().slice(0, 10));
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 60 }), (start, n) => {
        const worked = count(start, { offDays: 'move later' });
        const on = count(worked, { plus: n, unit: 'working days' });
        expect(count(on, { plus: -n, unit: 'working days' })).toBe(worked);
        expect(on > worked).toBe(true);
      }),
    );
  });
});

test('a count says itself', () => {
  const say = (part: Partial<DayCount>) => sayCount(DayCount.parse({ from: 'arrival', ...part }));
  expect(say({ plus: 4, unit: 'working days' })).toBe('4 working days after arrival');
  expect(say({ from: 'due', plus: -1, time: '08:30' })).toBe('1 day before due, at 08:30');
  expect(say({ from: 'deadline', to: 'monday', offDays: 'move later' })).toBe(
    'the deadline, on to the next Monday, the next working day if it is none',
  );
});

test.each([
  ['2025-12-31', true],
  ['2026-01-01', false],
  ['2029-12-31T17:00', false],
  ['2030-01-01', true],
])('a day counted to %s is beyond the known holidays: %s', (day, beyond) => {
  const known = { from: '2026-01-01', to: '2029-12-31' };
  expect(beyondKnown(day, Calendar.parse({ known })) !== null).toBe(beyond);
  expect(beyondKnown(day, Calendar.parse({}))).toBeNull();
});
