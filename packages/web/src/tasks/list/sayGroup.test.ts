import { ownField } from '@hatband/core/tasks';
import { expect, test } from 'vitest';
import { addedUp, sayGroup, saySum } from './sayGroup.ts';

const names = {
  value: (field: string, value: string) => (field === 'project' ? `project ${value}` : value),
  day: (iso: string) => `day ${iso}`,
};

test.each([
  ['project', 'p1', 'project p1'],
  ['due', '2026-12-03', 'day 2026-12-03'],
  [ownField('Wished day'), '2026-12-03', 'day 2026-12-03'],
  [ownField('Lender'), 'Cape', 'Cape'],
  [ownField('Lender'), null, 'No Lender'],
  ['due', null, 'No due date'],
])('the group of %s %s is called %s', (field, value, words) => {
  expect(sayGroup(field, value, names)).toBe(words);
});

test('sums are added up over the groups, each currency by itself', () => {
  const group = (sums: ReturnType<typeof addedUp>) => ({ value: null, ids: [], open: 0, sums });
  const money = (currency: string | null, amount: number) => ({ field: 'own:Value', currency, amount });
  const sums = addedUp([
    group([money('GBP', 1200.5), { field: 'effort', currency: null, amount: 90 }]),
    group([money('EUR', 10), money('GBP', 4000), { field: 'effort', currency: null, amount: 45 }]),
  ]);
  expect(saySum({ sums }, 'own:Value')).toBe('GBP 5,200.50 + EUR 10.00');
  expect(saySum({ sums }, 'effort')).toBe('2 h 15 min');
  expect(saySum({ sums: [money(null, 3)] }, 'own:Value')).toBe('3');
  expect(saySum({ sums }, 'due')).toBe('');
});
