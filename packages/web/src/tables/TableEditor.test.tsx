import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { show } from '../../test/show.tsx';
import { TableEditor } from './TableEditor.tsx';

const table = {
  id: 't1',
  revision: 3,
  body: { name: 'Rooms', by: 'words' as const, rows: [['Quay', 'North hall']] as [string, string][] },
};
const answers = { 'PUT /api/tables/t1': () => ({ items: [] }), 'GET /api/uses/tables/t1': () => ({}) };
const save = () => screen.getByRole('button', { name: 'Save the table' });

test('a row without words is told where it stands, and nothing is saved', async () => {
  const { user } = show(<TableEditor table={table} />, answers);
  await user.type(screen.getByRole('textbox', { name: 'value 2' }), 'Store');
  expect(screen.getByText('It has no words to look it up by.')).toBeTruthy();
  expect(save()).toHaveProperty('disabled', true);
  await user.type(screen.getByRole('textbox', { name: 'words 2' }), 'Mole');
  expect(screen.queryByText('It has no words to look it up by.')).toBe(null);
  expect(save()).toHaveProperty('disabled', false);
});

test('cells of a spreadsheet are pasted as rows; empty rows are not saved', async () => {
  const { user, asked } = show(<TableEditor table={table} />, answers);
  await user.click(screen.getByRole('textbox', { name: 'words 2' }));
  await user.paste('Mole\tStore\n\t\nPier\tYard\n');
  await user.click(save());
  expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
    path: '/api/tables/t1',
    revision: '"3"',
    body: {
      rows: [
        ['Quay', 'North hall'],
        ['Mole', 'Store'],
        ['Pier', 'Yard'],
      ],
    },
  });
});

test('what is pasted into the column of values leaves the words as they are', async () => {
  const { user } = show(<TableEditor table={table} />, answers);
  await user.click(screen.getByRole('textbox', { name: 'value 1' }));
  await user.paste('South hall\nStore\n');
  const shown = screen.getAllByRole('textbox', { name: /^(words|value) \d$/ });
  expect(shown.map((cell) => (cell as HTMLInputElement).value)).toEqual([
    'Quay',
    'South hall',
    '',
    'Store',
    '',
    '',
  ]);
});

test('Enter and the arrow keys go from cell to cell', async () => {
  const { user } = show(<TableEditor table={table} />, answers);
  await user.click(screen.getByRole('textbox', { name: 'value 1' }));
  await user.keyboard('{Enter}');
  expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'value 2' }));
  await user.keyboard('{ArrowUp}');
  expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'value 1' }));
});
