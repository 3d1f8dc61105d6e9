import { describe, expect, test } from 'vitest';
import { dayIn } from './index.ts';

const options = { reference: '2026-01-15T10:00', zone: 'Europe/London', dateOrder: 'DMY' } as const;

describe('a few words', () => {
  test.each([
    ['12.02.2026, 08:00-09:30', '2026-02-12T08:00'],
    ['Friday 9:00-11:00', '2026-01-16T09:00'],
    ['3 March 09:00–11:30', '2026-03-03T09:00'],
    ['2026-03-03 09:00-11:00', '2026-03-03T09:00'],
    ['Fri 6 Feb 2-4 pm', '2026-02-06T14:00'],
    ['9-11 am 3 March', '2026-03-03T09:00'],
    ['11-1 pm 3 March', '2026-03-03T11:00'],
    ['6 Feb 2026, 19.30', '2026-02-06T19:30'],
    ['12.02.2026, 19:30 Uhr', '2026-02-12T19:30'],
    ['12.02.2026, 14-16 Uhr', '2026-02-12T14:00'],
  ])('a window of hours is no zone: %s', (words, day) => {
    expect(dayIn(words, options)).toBe(day);
  });

  test.each([
    ['12 Feb 2026 08:00 -0500', '2026-02-12T13:00'],
    ['12 Feb 2026 08:00 GMT+2', '2026-02-12T06:00'],
    ['12 Feb 2026 08:00:00 +02:00', '2026-02-12T06:00'],
    ['2026-02-12T08:00-05:00', '2026-02-12T13:00'],
    ['12 Feb 2026 08:00:00 +14:00', '2026-02-11T18:00'],
    ['12 Feb 2026 08:00:00 +15:00', '2026-02-12T08:00'],
  ])('an offset is one: %s', (words, day) => {
    expect(dayIn(words, options)).toBe(day);
  });

  test.each([
    ['Mon 30 March', '2026-03-30'],
    ['Tue 31 March', '2026-03-31'],
    ['Thu 12.11.', '2026-11-12'],
    ['ven 3 April', '2026-04-03'],
    ['Mon, 30 Mar 2026', '2026-03-30'],
    ['October 5, 2026 for CA$75', '2026-10-05'],
    ['Fr 3. April', '2026-04-03'],
    ['ma 30 maart', '2026-03-30'],
    ['lun 30 marzo', '2026-03-30'],
  ])('are read in whatever language makes a day of them: %s', (words, day) => {
    expect(dayIn(words, options)).toBe(day);
  });

  test('that are two days in two languages are read in the message’s', () => {
    // Tuesday, 31 March 2026 in Italian; in English the 31st of March, a year that is not named.
    expect(dayIn('mar 31', options, 'it')).toBe('2026-03-31');
    expect(dayIn('mar 10', options, 'en')).toBe('2026-03-10');
  });
});
