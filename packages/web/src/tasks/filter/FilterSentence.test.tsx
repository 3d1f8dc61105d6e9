import { TaskView, type TaskFilter } from '@hatband/core/tasks';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { health } from '../../../test/made.ts';
import { show } from '../../../test/show.tsx';
import { FilterSentence } from './FilterSentence.tsx';

const overdue = { kind: 'overdue' } as const;
const unclaimed = { kind: 'unclaimed' } as const;
const loans = { kind: 'is', field: 'project', values: ['p1'] } as const;

function sentence(filter: unknown) {
  const onChange = vi.fn<(filter: TaskFilter) => void>();
  const view = TaskView.parse({ filter });
  const shown = show(<FilterSentence view={view} total={4} onChange={onChange} />, {
    'GET /api/health': () => health,
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/named/people': () => ({ items: [] }),
    'GET /api/named/tags': () => ({ items: [] }),
    'GET /api/projects': () => ({
      items: [
        {
          id: 'p1',
          name: 'Loans in',
          description: '',
          sections: [],
          fields: [{ name: 'Lender', kind: 'choice', choices: ['Cape', 'Harrow'], decimal: null }],
          requirements: [],
          revision: 1,
        },
      ],
      inbox: [],
    }),
    'POST /api/tasks/counts': ({ body }) => ({
      counts: (body as { filters: unknown[] }).filters.map((_, i) => 10 + i),
    }),
  });
  return { ...shown, onChange };
}

test('each part stands with the number that it holds for by itself, by its name', async () => {
  sentence({ all: [loans, { any: [overdue, unclaimed] }] });
  await screen.findByRole('button', { name: 'project is Loans in' });
  await screen.findByText('14');
  const region = screen.getByRole('region', { name: 'Filter' });
  expect(region.textContent).toBe(
    'Tasks whereeach by itselfproject is Loans in11andoverdue13orunclaimed1412add …4 tasks',
  );
});

test('“and” becomes “or” with a press, within its group only', async () => {
  const { user, onChange } = sentence({ all: [loans, { any: [overdue, unclaimed] }] });
  await user.click(screen.getByRole('button', { name: 'or' }));
  expect(onChange).toHaveBeenLastCalledWith({ all: [loans, { all: [overdue, unclaimed] }] });
  await user.click(screen.getByRole('button', { name: 'and' }));
  expect(onChange).toHaveBeenLastCalledWith({ any: [loans, { any: [overdue, unclaimed] }] });
});

test.each([
  ['Remove', { all: [loans] }],
  ['not this', { all: [loans, { none: [overdue] }] }],
])('%s, of one condition', async (name, filter) => {
  const { user, onChange } = sentence({ all: [loans, overdue] });
  await user.click(screen.getByRole('button', { name: 'overdue' }));
  await user.click(await screen.findByRole('button', { name }));
  expect(onChange).toHaveBeenLastCalledWith(filter);
});

test('the last condition that is removed leaves all tasks', async () => {
  const { user, onChange } = sentence(overdue);
  await user.click(screen.getByRole('button', { name: 'overdue' }));
  await user.click(await screen.findByRole('button', { name: 'Remove' }));
  expect(onChange).toHaveBeenLastCalledWith({ all: [] });
});

test('a condition on a project’s own field offers what may be chosen, and is added once it is whole', async () => {
  const { user, onChange } = sentence({ all: [overdue] });
  await user.click(screen.getByRole('button', { name: 'add …' }));
  const add = await screen.findByRole('button', { name: 'Add' });
  expect(add).toHaveProperty('disabled', true);
  await user.click(screen.getByRole('combobox', { name: 'what is asked' }));
  await user.type(screen.getByRole('combobox', { name: 'what is asked' }), 'Lender');
  await user.click(await screen.findByTitle('Lender'));
  expect(add).toHaveProperty('disabled', true);
  await user.click(screen.getByRole('combobox', { name: 'values' }));
  await user.click(await screen.findByTitle('Harrow'));
  await user.click(add);
  expect(onChange).toHaveBeenLastCalledWith({
    all: [overdue, { kind: 'is', field: 'own:Lender', values: ['Harrow'] }],
  });
});

test('a day is asked for as a number of days', async () => {
  const { user, onChange } = sentence({ all: [] });
  await user.click(screen.getByRole('button', { name: 'choose which …' }));
  await user.click(await screen.findByRole('combobox', { name: 'what is asked' }));
  await user.type(screen.getByRole('combobox', { name: 'what is asked' }), 'due date');
  await user.click(await screen.findByTitle('due date'));
  const count = screen.getByRole('spinbutton', { name: 'how many' });
  await user.clear(count);
  await user.type(count, '5');
  await user.click(screen.getByRole('button', { name: 'Add' }));
  expect(onChange).toHaveBeenLastCalledWith({
    all: [{ kind: 'next', field: 'due', count: 5, unit: 'days' }],
  });
});
