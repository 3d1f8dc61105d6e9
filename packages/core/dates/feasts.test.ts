import fc from 'fast-check';
import { expect, test } from 'vitest';
import { isoOf, parseDay, weekdayOf } from './day.ts';
import { easterOf, feastOf } from './feasts.ts';

test.each([
  [1961, '1961-04-02'],
  [2000, '2000-04-23'],
  [2019, '2019-04-21'],
  [2026, '2026-04-05'],
  [2038, '2038-04-25'],
])('Easter of %i', (year, day) => {
  expect(isoOf(easterOf(year))).toBe(day);
});

test('Easter is a Sunday between 22 March and 25 April', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1900, max: 2199 }), (year) => {
      const day = isoOf(easterOf(year)).slice(5);
      expect(weekdayOf(easterOf(year))).toBe(6);
      expect(day >= '03-22' && day <= '04-25').toBe(true);
    }),
  );
});

test('a feast is the next one, or that of its year', () => {
  const today = parseDay('2026-04-10');
  expect(isoOf(feastOf(1, null, 2026, today) ?? 0)).toBe('2027-03-26');
  expect(isoOf(feastOf(8, null, 2026, today) ?? 0)).toBe('2026-12-25');
  expect(isoOf(feastOf(1, 2026, 2026, today) ?? 0)).toBe('2026-04-03');
  expect(feastOf(99, null, 2026, today)).toBeNull();
});
