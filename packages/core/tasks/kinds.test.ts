import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { checkKind, FieldKind, parseNumber, wordsOfValue, type Checked, type KindSetting } from './index.ts';

const setting: KindSetting = {
  day: (words) => (words === 'friday' ? '2026-11-27T10:00' : null),
  people: [{ name: 'Tomas Quill', addresses: ['tomas@quay.example'], organisation: null, groups: [] }],
  projects: ['Loans in'],
  choices: ['Oil', 'Ink'],
};

describe('words as a value of a kind', () => {
  test.each<[FieldKind, string, Checked]>([
    ['text', ' x ', { value: 'x' }],
    ['text', ' ', null],
    ['text', 'one\n two', { value: 'one two' }],
    ['long text', 'one\n two', { value: 'one\n two' }],
    ['date', 'friday', { value: '2026-11-27' }],
    ['date', 'soon', null],
    ['date and time', 'friday', { value: '2026-11-27T10:00' }],
    ['date and time', '2026-12-07', { value: '2026-12-07' }],
    ['number', '1.250,50', { value: 1250.5 }],
    ['number', 'many', null],
    ['money', 'EUR 1,412.50 insured', { value: { amount: 1412.5, currency: 'EUR' } }],
    ['money', '12 €', { value: { amount: 12, currency: 'EUR' } }],
    ['money', '£3', { value: { amount: 3, currency: 'GBP' } }],
    ['money', '412', { value: { amount: 412, currency: null } }],
    ['money', '2 x 50 EUR', { value: { amount: 50, currency: 'EUR' } }],
    ['money', '20-30 EUR', { value: { amount: 30, currency: 'EUR' } }],
    ['money', 'CA$75', { value: { amount: 75, currency: 'CAD' } }],
    ['money', 'C$ 75', { value: { amount: 75, currency: 'CAD' } }],
    ['money', 'A$ 12.50', { value: { amount: 12.5, currency: 'AUD' } }],
    ['money', 'Fr. 120.-', { value: { amount: 120, currency: 'CHF' } }],
    ['money', '$48.00 CAD', { value: { amount: 48, currency: 'CAD' } }],
    ['money', '-12.50 €', { value: { amount: -12.5, currency: 'EUR' } }],
    ['money', '3 May 2026: 40 EUR', { value: { amount: 40, currency: 'EUR' } }],
    ['money', '500 kr', { value: { amount: 500, currency: null } }],
    ['money', 'a lot', null],
    ['duration', '90 minutes', { value: 'PT1H30M' }],
    ['duration', '2 Tage', { value: 'P2D' }],
    ['duration', '1h30', { value: 'PT1H30M' }],
    ['duration', '1:30', { value: 'PT1H30M' }],
    ['duration', 'PT45M', { value: 'PT45M' }],
    ['duration', '2 heures et 15 minutes', { value: 'PT2H15M' }],
    ['duration', '3 crates', null],
    ['choice', 'ink', { value: 'Ink' }],
    ['choice', 'chalk', { unknown: 'chalk' }],
    ['several choices', 'oil; ink', { value: ['Oil', 'Ink'] }],
    ['several choices', 'oil, chalk', { unknown: 'chalk' }],
    ['person', 'TOMAS@quay.example', { value: 'Tomas Quill' }],
    ['person', 'tomas quill', { value: 'Tomas Quill' }],
    ['person', 'Orla', { unknown: 'Orla' }],
    ['project', 'loans IN', { value: 'Loans in' }],
    ['project', 'Couriers', { unknown: 'Couriers' }],
    ['link', 'see https://cape.example/form.', { value: 'https://cape.example/form' }],
    ['link', 'cape.example', null],
    ['yes/no', 'Ja', { value: true }],
    ['yes/no', 'NÃO', { value: false }],
    ['yes/no', 'perhaps', null],
  ])('%s %s', (kind, words, expected) => {
    expect(checkKind(kind, words, setting)).toEqual(expected);
  });

  test.each([
    ['1,250.50', 1250.5],
    ["1'250.50", 1250.5],
    ['1 250', 1250],
    ['1.250', 1250],
    ['1.25', 1.25],
    ['1,5', 1.5],
    ['1.250.000', 1_250_000],
    ['-3', -3],
    ['0.412', 0.412],
    ['0,125', 0.125],
    ['1\u202f250,5', 1250.5],
    ['12 %', 12],
    ['3 crates', null],
  ])('the number %s', (words, expected) => {
    expect(parseNumber(words)).toBe(expected);
  });

  test.each([
    ['1.250', '.', 1.25],
    ['1.250', ',', 1250],
    ['1,250.5', '.', 1250.5],
    ['1.250,5', ',', 1250.5],
    ['12,345', ',', 12.345],
  ] as const)('%s with the decimal mark %s', (words, decimal, expected) => {
    expect(parseNumber(words, decimal)).toBe(expected);
  });

  test('a value in words is the same value again', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1_000_000, max: 1_000_000 }),
        fc.integer({ min: 0, max: 99 }),
        (whole, cents) => {
          const amount = whole + Math.sign(whole || 1) * (cents / 100);
          const value = { amount: Number(amount.toFixed(2)), currency: 'EUR' };
          expect(checkKind('money', wordsOfValue(value), setting)).toEqual({ value });
          expect(checkKind('number', wordsOfValue(whole), setting)).toEqual({ value: whole });
        },
      ),
    );
  });
});
