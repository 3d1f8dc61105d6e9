import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Calendar } from './arithmetic.ts';
import { typedDay } from './typedDay.ts';

const calendar = Calendar.parse({ closed: ['2026-12-07'] });
const setting = {
  reference: '2026-11-24T14:10',
  zone: 'Europe/London',
  dateOrder: 'DMY' as const,
  calendar,
  named: (field: string) =>
    ({ deadline: '2026-12-08', start: '2026-12-01T09:30' })[field.toLowerCase()] ?? null,
};

describe('a day that is typed', () => {
  test.each([
    ['fri', '2026-11-27'],
    ['Friday', '2026-11-27'],
    ['today', '2026-11-24'],
    ['tomorrow', '2026-11-25'],
    ['in 2 weeks', '2026-12-08'],
    ['next monday', '2026-11-30'],
    ['3 dec', '2026-12-03'],
    ['3 Dec 17:00', '2026-12-03T17:00'],
    ['24.12.', '2026-12-24'],
    ['24/12/2026', '2026-12-24'],
    ['2026-12-24', '2026-12-24'],
    ['end of next week', '2026-12-04'],
  ])('%s', (words, day) => {
    expect(typedDay(words, setting)).toBe(day);
  });

  test.each([
    ['2 wd before deadline', '2026-12-03'],
    ['2 working days before the deadline', '2026-12-03'],
    ['1 week after deadline', '2026-12-15'],
    ['3d after Start', '2026-12-04'],
    ['1 month after deadline', '2027-01-08'],
  ])('is counted from another field: %s', (words, day) => {
    expect(typedDay(words, setting)).toBe(day);
  });

  test.each(['', 'sextant', '2 wd before lunch', '99', '2 wd before', '31 February'])(
    '%s is none',
    (words) => {
      expect(typedDay(words, setting)).toBe(null);
    },
  );

  test('whatever is typed is a real day or none', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (words) => {
        const day = typedDay(words, setting);
        expect(day === null || !Number.isNaN(Date.parse(day))).toBe(true);
      }),
    );
  });
});
