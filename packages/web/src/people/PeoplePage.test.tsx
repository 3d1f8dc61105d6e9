import type { Writer } from '@hatband/contract';
import { screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { expect, test } from 'vitest';
import { arrival, health, task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { PeoplePage } from './PeoplePage.tsx';

const writer = (name: string, address: string, more: Partial<Writer> = {}): Writer => ({
  name,
  address,
  messages: 1,
  openTasks: 1,
  lastAt: '2026-11-23T09:00:00Z',
  ...more,
});
const WRITERS = [
  writer('Orla P.', 'orla@cape.example'),
  writer('Orla Penhale', 'orla@home.example', { openTasks: 2 }),
  writer('', 'desk@quay.example', { openTasks: 0 }),
];
const ORLA = {
  name: 'Orla Penhale',
  addresses: ['orla@cape.example', 'orla@home.example'],
  organisation: 'Cape Collections',
  groups: [],
};
const SILENT = { name: 'Runa Holt', addresses: [], organisation: null, groups: [] };

function page(url: string) {
  return show(
    <Routes>
      <Route path="/people/:who?" element={<PeoplePage />} />
    </Routes>,
    {
      'GET /api/health': () => health,
      'GET /api/writers': () => ({ items: WRITERS }),
      'GET /api/people': () => ({
        items: [ORLA, SILENT].map((body, i) => ({ id: String(i), revision: 1, body })),
      }),
      'GET /api/arrivals': () => ({ items: [arrival()], next: null }),
      'POST /api/tasks/list': ({ body }) => {
        const { scope, filter } = body as { scope: string; filter: { kind: string } };
        const first = scope === 'open' && filter.kind === 'askedBy' ? [task()] : [];
        return { groups: [], total: first.length, first };
      },
    },
    url,
  );
}

const lines = async () => {
  const list = await screen.findByRole('navigation', { name: 'People' });
  await within(list).findAllByRole('link');
  return within(list).getAllByRole('link');
};

test('who writes under several addresses is one person; who never wrote stands there too', async () => {
  const { user } = page('/people');
  await screen.findByText('Cape Collections');
  expect((await lines()).map((line) => line.textContent)).toEqual([
    'Orla Penhale3 openCape Collectionsyesterday 09:00',
    'desk@quay.exampledesk@quay.exampleyesterday 09:00',
    'Runa Holt',
  ]);
  await user.type(screen.getByRole('searchbox', { name: 'a name or an address' }), 'quay');
  expect((await lines()).map((line) => line.getAttribute('href'))).toEqual(['/people/desk%40quay.example']);
});

test('a person’s page has their mail and what they ask for, under all their names', async () => {
  const { asked } = page('/people/Orla%20Penhale');
  const sheet = await screen.findByRole('article', { name: 'Person' });
  const asks = await within(sheet).findByRole('region', { name: 'They ask for' });
  expect(within(asks).getByRole('link', { name: 'Return the loan form' })).toBeTruthy();
  const mail = await within(sheet).findByRole('region', { name: 'Mail' });
  expect((await within(mail).findByRole('link', { name: 'Loan form' })).getAttribute('href')).toBe(
    '/ledger/3',
  );
  expect(within(sheet).queryByRole('region', { name: 'Done' })).toBeNull();
  const waiting = asked.filter(({ path }) => path === '/api/tasks/list').map(({ body }) => body);
  expect(waiting).toContainEqual(
    expect.objectContaining({
      scope: 'waiting',
      filter: {
        kind: 'is',
        field: 'waitingFor',
        values: ['Orla Penhale', 'orla@cape.example', 'orla@home.example'],
      },
    }),
  );
});
