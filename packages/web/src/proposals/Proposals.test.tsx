import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { Proposals } from './Proposals.tsx';

const answers = {
  'GET /api/health': () => ({}),
  'GET /api/rule-names': () => ({ items: [] }),
};

test('what a message proposes is done only when the user says so', async () => {
  const { user, asked } = show(<Proposals of={{ task: 7 }} />, {
    ...answers,
    'GET /api/proposals': () => ({
      items: [
        {
          id: 4,
          field: 'due',
          value: '2026-12-08',
          words: 'make that Tuesday',
          from: 'Orla',
          arrivalId: 9,
          task: { id: 7, title: 'Loan form', now: '2026-12-03' },
          at: '2026-11-24T14:10:00Z',
        },
      ],
    }),
    'POST /api/proposals/4': () => task(),
  });
  await user.click(await screen.findByRole('button', { name: /^Make it due Tue 8 Dec/ }));
  expect(asked.find(({ method }) => method === 'POST')).toMatchObject({ body: { accept: true } });
});
