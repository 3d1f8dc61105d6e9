import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DatePhrase, findDates, readStatedTime, spokenIn, type DateOrder } from './index.ts';

/** A Tuesday. */
const reference = '2026-11-24T14:02';
const find = (text: string, dateOrder: DateOrder = 'DMY') =>
  findDates(spokenIn(text, 'en'), { reference, zone: 'Europe/London', dateOrder });

describe('deadlines', () => {
  test.each([
    ['Please return it by Friday 5pm.', '2026-11-27T17:00', 'by Friday 5pm'],
    [
      'It should reach us no later than Monday,\n7 December, as agreed.',
      '2026-12-07',
      'no later than Monday,\n7 December',
    ],
    ['Due: 3 December', '2026-12-03', 'Due: 3 December'],
    ['The form is due back by 11/12/2026.', '2026-12-11', 'by 11/12/2026'],
    ['Send it before 5 May.', '2027-05-05', 'before 5 May'],
    ['Answer within 3 days, please.', '2026-11-27', 'within 3 days'],
    ['Bring the ladder on Saturday, please.', '2026-11-28', 'on Saturday'],
    ['Could you send it on Tuesday?', '2026-12-01', 'on Tuesday'],
    ['Please confirm it today or tomorrow.', '2026-11-25', 'today or tomorrow'],
    ['Tell me by Fri whether you come.', '2026-11-27', 'by Fri'],
    ['Please have the kegs ready on Thursday week.', '2026-12-03', 'on Thursday week'],
    ['The quote is valid until 3 December.', '2026-12-03', 'valid until 3 December'],
    ['We need it by 9am EST on 2 December.', '2026-12-02T14:00', 'by 9am EST on 2 December'],
  ])('%s', (text, date, quote) => {
    const [found] = find(text);
    expect(found).toMatchObject({ date, verdict: 'deadline' });
    expect(text.slice(found?.start, found?.end)).toBe(quote);
    expect(found?.reasons.length).toBeGreaterThan(0);
  });

  test('the order of day and month is the user’s', () => {
    expect(find('by 11/12/2026', 'MDY')[0]?.date).toBe('2026-11-12');
  });

  test.each([
    ['The opening takes place on 3 December at 18:00.'],
    ['The meeting of 12 November was long.'],
    ['I am away from 25 November to 2 December.'],
    ['Your letter dated 3 November has come.'],
    ['The courier is booked for 14 December.'],
    ['Tickets bought before 1 December remain valid until 31 December.'],
    ['It will be pressed and bagged by Friday.'],
    ['The plumber comes on Thursday, please clear the way.'],
  ])('none in: %s', (text) => {
    expect(find(text).filter((d) => d.verdict === 'deadline')).toEqual([]);
  });

  test('warns where weekday and date disagree, and takes the date', () => {
    const [found] = find('by Friday, 7 December');
    expect(found?.date).toBe('2026-12-07');
    expect(found?.warnings).toHaveLength(1);
  });
});

describe('properties', () => {
  test('no date is invented where there are neither digits nor date words', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[b-z .,!?\n]{0,200}$/), (text) => {
        const dateWord =
          /\b(mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|sept|oct|nov|dec|day|week|month|year)/;
        if (!dateWord.test(text)) expect(find(text)).toEqual([]);
      }),
    );
  });

  test('every phrase stands within its text and means a real day', () => {
    const word = fc.constantFrom(
      ...[
        'by',
        'Friday',
        '7',
        'December',
        '17:00',
        'please',
        '.',
        '\n\n',
        'on',
        '2026-12-07',
        'Due:',
        'the',
        '24:00',
      ],
      ...[
        'in 20000 years',
        '31 June',
        '5pm +1400',
        '12am EST',
        '0000-01-01',
        '29 February 2027',
        '1/2/99999',
        '-',
      ],
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 30 }), (words) => {
        const text = words.join(' ');
        for (const phrase of find(text)) {
          expect(DatePhrase.safeParse(phrase).error).toBeUndefined();
          expect(phrase.start).toBeGreaterThanOrEqual(0);
          expect(phrase.end).toBeGreaterThan(phrase.start);
          expect(phrase.end).toBeLessThanOrEqual(text.length);
        }
      }),
    );
  });

  test('a very long line is read in pieces', () => {
    expect(find(`${'word 7 '.repeat(20_000)} by Friday`).length).toBeLessThan(1000);
  });
});

test.each([
  ['Mon, 23 Nov 2026 at 16:48', '2026-11-23T16:48:00'],
  ['Mon, Nov 23, 2026 at 4:48 PM', '2026-11-23T16:48:00'],
  ['Mon, 23 Nov 2026 16:48:00 +0100', '2026-11-23T16:48:00+01:00'],
])('the heading time %s', (text, iso) => {
  expect(readStatedTime(text, 'DMY')?.iso).toBe(iso);
});
