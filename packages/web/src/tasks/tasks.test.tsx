import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { Proposals } from './Proposals.tsx';
import { TasksPage } from './TasksPage.tsx';

const answers = {
  'GET /api/health': () => ({}),
  'GET /api/rule-names': () => ({ items: [] }),
};

test('a task that is ticked stays where it is, keeps the focus, and can be unticked', async () => {
  let status: 'needs action' | 'completed' = 'needs action';
  const listed = () => ({
    items: status === 'completed' ? [] : [task()],
    next: null,
    counts: { open: 1, done: 0 },
  });
  const { user, asked } = show(<TasksPage />, {
    ...answers,
    'GET /api/tasks': listed,
    'PUT /api/tasks/7': ({ body }) => {
      ({ status } = body as { status: typeof status });
      return task({ status, revision: 3 });
    },
    'PATCH /api/tasks/7': ({ body }) => {
      ({ status } = body as { status: typeof status });
      return task({ status, revision: 3 });
    },
  });
  const tick = await screen.findByRole('checkbox', { name: 'done: Return the loan form' });
  await user.click(tick);
  const ticked = await screen.findByRole('checkbox', { name: 'done: Return the loan form', checked: true });
  expect(document.activeElement).toBe(ticked);
  expect(asked.filter(({ method }) => method !== 'GET')).toMatchObject([
    { body: { status: 'completed' }, revision: '"2"' },
  ]);
});

test('what a message proposes is done only when the user says so', async () => {
  const { user, asked } = show(<Proposals taskId={7} />, {
    ...answers,
    'GET /api/tasks/7/proposals': () => ({
      items: [
        {
          id: 4,
          field: 'due',
          value: '2026-12-08',
          words: 'make that Tuesday',
          from: 'Orla',
          arrivalId: 9,
          at: '2026-11-24T14:10:00Z',
        },
      ],
    }),
    'POST /api/proposals/4': () => task(),
  });
  await user.click(await screen.findByRole('button', { name: 'Make it due Tue 8 Dec' }));
  expect(asked.find(({ method }) => method === 'POST')).toMatchObject({ body: { accept: true } });
});
