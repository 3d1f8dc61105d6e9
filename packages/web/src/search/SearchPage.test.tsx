import type { Found } from '@hatband/contract';
import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { health } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { SearchPage } from './SearchPage.tsx';

const title = [
  { words: 'The ', hit: false },
  { words: 'sextant', hit: true },
];
const common = { at: '2026-11-24T09:00:00Z', title, who: 'Orla' };
const FOUND: Found[] = [
  { kind: 'message', id: 3, ...common, excerpt: [{ words: 'a crate for it', hit: false }] },
  {
    kind: 'task',
    id: 7,
    ...common,
    excerpt: title,
    status: 'completed',
    due: '2026-12-03',
    project: 'Loans',
  },
];

function page(url: string, items: Found[] = FOUND) {
  return show(
    <SearchPage />,
    {
      'GET /api/health': () => health,
      'GET /api/projects': () => ({ items: [], inbox: [] }),
      'GET /api/people': () => ({ items: [] }),
      'GET /api/search': () => ({ items, more: false }),
    },
    url,
  );
}

test('what is found has its words marked, leads there, and is gone through by arrow keys', async () => {
  const { user } = page('/search?words=sextant');
  const links = await screen.findAllByRole('link');
  expect(links.map((link) => link.getAttribute('href'))).toEqual(['/ledger/3', '/tasks/7']);
  expect(links[0]?.querySelector('mark')?.textContent).toBe('sextant');
  expect(links[0]?.textContent).toContain('a crate for it');
  // The excerpt of the task would say its title again.
  expect(links[1]?.querySelectorAll('mark')).toHaveLength(1);
  await user.click(screen.getByRole('searchbox'));
  await user.keyboard('{ArrowDown}');
  expect(document.activeElement).toBe(links[0]);
  await user.keyboard('{ArrowDown}');
  expect(document.activeElement).toBe(links[1]);
  await user.keyboard('{ArrowUp}{ArrowUp}');
  expect(document.activeElement).toBe(screen.getByRole('searchbox'));
});

test('the filters stand in the address, and what makes no sense there is left out', async () => {
  const { asked, user } = page('/search?words=sext&from=never&kind=message&person=Orla');
  await screen.findAllByRole('link');
  const last = () => asked.findLast(({ path }) => path.startsWith('/api/search'))?.path;
  expect(last()).toBe('/api/search?words=sext&kind=message&person=Orla');
  await user.click(screen.getByRole('button', { name: 'tasks' }));
  await waitFor(() => {
    expect(last()).toBe('/api/search?words=sext&kind=task&person=Orla');
  });
});

test('without words nothing is asked', async () => {
  const { asked } = page('/search?words=');
  expect(await screen.findByText('Find mail and tasks')).toBeTruthy();
  expect(asked.some(({ path }) => path.startsWith('/api/search'))).toBe(false);
});

test('nothing found says how words are found', async () => {
  page('/search?words=nothing+here', []);
  expect(await screen.findByText('Nothing has these words')).toBeTruthy();
});
