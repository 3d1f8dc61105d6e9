import type { StoredProposal } from '@hatband/contract';
import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { health, task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { ProposalsPage } from './ProposalsPage.tsx';

const proposal = (id: number, more: Partial<StoredProposal> = {}): StoredProposal => ({
  id,
  field: 'due',
  value: '2026-12-08',
  words: 'make that Tuesday',
  from: 'Orla',
  arrivalId: 9,
  at: '2026-11-24T14:00:00Z',
  task: { id: 7, title: `Task ${String(id)}`, now: '2026-12-03' },
  ...more,
});

function page(items: StoredProposal[]) {
  const settle = (id: number) => () => {
    items.splice(
      items.findIndex((each) => each.id === id),
      1,
    );
    return task();
  };
  return show(<ProposalsPage />, {
    'GET /api/health': () => health,
    'GET /api/acts': () => ({ items: [] }),
    'GET /api/proposals': () => ({ items }),
    ...Object.fromEntries(items.map(({ id }) => [`POST /api/proposals/${String(id)}`, settle(id)])),
  });
}

test('one key takes a proposal, one leaves it, arrows go to the next', async () => {
  const cancel = { field: 'status' as const, value: 'cancelled', words: 'It is no longer needed.' };
  const { user, asked } = page([proposal(1), proposal(2), proposal(3, cancel)]);
  await screen.findByRole('link', { name: 'Task 1' });
  expect(screen.getByRole('button', { name: /^Cancel it/ })).toBeTruthy();
  await user.keyboard('{ArrowDown}y');
  await screen.findByRole('link', { name: 'Task 3' });
  await user.keyboard('n');
  expect(await screen.findAllByRole('listitem')).toHaveLength(1);
  const settled = asked.filter(({ method }) => method === 'POST').map(({ path, body }) => [path, body]);
  expect(settled).toEqual([
    ['/api/proposals/2', { accept: true }],
    ['/api/proposals/3', { accept: false }],
  ]);
});

test('where nothing is proposed the page says what would be', async () => {
  page([]);
  expect(await screen.findByText('Nothing is proposed')).toBeTruthy();
});
