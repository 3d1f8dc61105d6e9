import { expect, test } from 'vitest';
import { readAgain } from './readAgain.ts';

test.each([
  ['due', '2026-12-03', null, { due: '2026-12-03' }],
  ['tags', '["a","b"]', null, { tags: ['a', 'b'] }],
  ['project', 'p1', null, { project: 'p1' }],
  ['Pieces', '4', 'number', { fields: { Pieces: 4 } }],
  ['Note', '4', 'text', { fields: { Note: '4' } }],
  ['Worth', '{"amount":5,"currency":"GBP"}', 'money', { fields: { Worth: { amount: 5, currency: 'GBP' } } }],
  ['Rooms', '["East"]', 'several choices', { fields: { Rooms: ['East'] } }],
] as const)('what was read in %s is used again', (field, kept, kind, change) => {
  expect(readAgain(field, kept, kind)).toEqual(change);
});

test.each([
  ['due', 'soon', null],
  ['Pieces', 'four', 'number'],
] as const)('what is no value of %s any more is not', (field, kept, kind) => {
  expect(readAgain(field, kept, kind)).toBeNull();
});
