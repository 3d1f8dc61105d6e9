import { expect, test } from 'vitest';
import { rule } from '../../../test/made.ts';
import { isOrderOf, moveBefore, moveTo } from './order.ts';

const rules = ['A', 'B', 'C', 'D'].map((name) => rule({ name }));

test('a rule is moved to the place that is named, up and down', () => {
  expect(moveTo(rules, 'C', 0)).toEqual(['C', 'A', 'B', 'D']);
  expect(moveTo(rules, 'A', 2)).toEqual(['B', 'C', 'A', 'D']);
  expect(moveTo(rules, 'B', 1)).toEqual(['A', 'B', 'C', 'D']);
});

test('a rule is moved in front of another, wherever it stood', () => {
  expect(moveBefore(rules, 'D', 'B')).toEqual(['A', 'D', 'B', 'C']);
  expect(moveBefore(rules, 'A', 'D')).toEqual(['B', 'C', 'A', 'D']);
});

test('an order means nothing once a rule was added or deleted', () => {
  expect(isOrderOf(['D', 'C', 'B', 'A'], rules)).toBe(true);
  expect(isOrderOf(['D', 'C', 'B'], rules)).toBe(false);
  expect(isOrderOf(['D', 'C', 'B', 'X'], rules)).toBe(false);
});
