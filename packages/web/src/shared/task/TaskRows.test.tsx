import type { TaskChange } from '@hatband/contract';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { task } from '../../../test/made.ts';
import { show } from '../../../test/show.tsx';
import { TaskRows } from './TaskRows.tsx';

const project = {
  id: 'p1',
  revision: 1,
  name: 'Loans in',
  description: '',
  sections: ['Abroad'],
  requirements: [],
  fields: [
    { name: 'Weight', kind: 'number', choices: [], decimal: ',' },
    { name: 'Value', kind: 'money', choices: [], decimal: null },
    { name: 'Crate', kind: 'choice', choices: ['Pine', 'Oak'], decimal: null },
    { name: 'Insured', kind: 'yes/no', choices: [], decimal: null },
  ],
};
const answers = {
  'GET /api/projects': () => ({ items: [project], inbox: [] }),
  'GET /api/people': () => ({ items: [] }),
  'GET /api/tags': () => ({ items: [] }),
  'GET /api/health': () => ({}),
};

async function rows(of = task(), filled = false) {
  const onChange = vi.fn<(change: TaskChange) => void>();
  const shown = show(
    <TaskRows
      task={of}
      filled={filled}
      onChange={onChange}
      row={(field, editor) => (
        <div key={field} data-field={field}>
          {editor}
        </div>
      )}
    />,
    answers,
  );
  if (!filled && of.project) await screen.findByRole('button', { name: 'Change Weight' });
  const fields = () =>
    [...shown.container.querySelectorAll('[data-field]')].map((row) => row.getAttribute('data-field'));
  const write = async (field: string, words: string) => {
    await shown.user.click(screen.getByRole('button', { name: `Change ${field}` }));
    const box = screen.getByRole('textbox', { name: field });
    await shown.user.clear(box);
    await shown.user.type(box, `${words}{Enter}`);
  };
  return { ...shown, onChange, fields, write };
}

test('beside its message a task shows what it has, and what every task should have', async () => {
  const { fields } = await rows(task({ priority: 'high', effort: 'PT1H30M', tags: ['loan'] }), true);
  expect(fields()).toEqual(['due', 'priority', 'project', 'effort', 'tags'].toSorted(byShown(fields())));
  expect(screen.getByText('1 h 30 min')).toBeTruthy();
});

const byShown = (shown: (string | null)[]) => (a: string, b: string) => shown.indexOf(a) - shown.indexOf(b);

test('a field takes a value of its kind, by its decimal mark; other words leave it as it was', async () => {
  const { write, onChange } = await rows(task({ fields: { Weight: 2, Lender: 'Cape' } }));
  await write('Weight', '1.250,5');
  expect(onChange).toHaveBeenLastCalledWith({ fields: { Weight: 1250.5 } });
  await write('Value', 'EUR 12.50');
  expect(onChange).toHaveBeenLastCalledWith({
    fields: { Value: { amount: 12.5, currency: 'EUR' } },
  });
  onChange.mockClear();
  await write('Weight', 'heavy');
  expect(onChange).not.toHaveBeenCalled();
});

test('a value that is emptied is taken away from the task', async () => {
  const { user, onChange } = await rows(task({ fields: { Weight: 2, Lender: 'Cape' } }));
  await user.click(screen.getByRole('button', { name: 'Change Weight' }));
  await user.clear(screen.getByRole('textbox', { name: 'Weight' }));
  await user.tab();
  expect(onChange).toHaveBeenLastCalledWith({ fields: { Weight: null } });
});

test('choices are offered, and yes is no word but an answer', async () => {
  const { user, onChange } = await rows();
  await user.click(screen.getByRole('button', { name: 'Change Crate' }));
  await user.click(screen.getByTitle('Oak'));
  expect(onChange).toHaveBeenLastCalledWith({ fields: { Crate: 'Oak' } });
  await user.click(screen.getByRole('button', { name: 'Change Insured' }));
  await user.click(screen.getByTitle('yes'));
  expect(onChange).toHaveBeenLastCalledWith({ fields: { Insured: true } });
});

test('a project is given and taken', async () => {
  const { user, onChange } = await rows(task({ project: null }));
  await user.click(screen.getByRole('button', { name: 'Change project' }));
  await user.click(screen.getByTitle('Loans in'));
  expect(onChange).toHaveBeenLastCalledWith({ project: 'p1' });
});
