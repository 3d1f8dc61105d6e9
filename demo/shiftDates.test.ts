import { expect, test } from 'vitest';
import { shiftDates } from './shiftDates.ts';

test('all dates move by whole weeks, in the form they have', () => {
  const mail =
    'Date: Mon, 23 Nov 2026 06:52:00 +0000\nby Monday, 7 December, 27.11. or 2026-12-29; SQ-0242, 2 of 9, 14:00';
  expect(shiftDates(mail, 2, 2026)).toBe(
    'Date: Mon, 07 Dec 2026 06:52:00 +0000\nby Monday, 21 December, 11.12. or 2027-01-12; SQ-0242, 2 of 9, 14:00',
  );
});

test('no week leaves the mail as it is', () => {
  expect(shiftDates('Mon, 02 Nov 2026, 1 May', 0, 2026)).toBe('Mon, 02 Nov 2026, 1 May');
});
