import { expect, test } from 'vitest';
import { findValues } from './index.ts';

test('amounts, percentages, references, links, addresses, phone numbers and durations, each in its place', () => {
  const text =
    'Invoice BLD-0412 (RG2026/117): 1.250,00 € plus 19 % from quill@photo.example, https://photo.example/x?y=1. Call +44 1632 960113; it takes 2 hours, CHF 40.';
  const values = findValues(text);
  expect(values.map(({ kind, value }) => [kind, value])).toEqual([
    ['reference', 'BLD-0412'],
    ['reference', 'RG2026/117'],
    ['money', '1.250,00 €'],
    ['percent', '19 %'],
    ['address', 'quill@photo.example'],
    ['link', 'https://photo.example/x?y=1'],
    ['phone', '+44 1632 960113'],
    ['duration', '2 hours'],
    ['money', 'CHF 40'],
  ]);
  for (const { start, end, value } of values) expect(text.slice(start, end)).toBe(value);
});
