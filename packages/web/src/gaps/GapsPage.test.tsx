import type { Task } from '@hatband/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { health, task } from '../../test/made.ts';
import { type Answer, show } from '../../test/show.tsx';
import { GapsPage } from './GapsPage.tsx';

beforeEach(() => {
  vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
  vi.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(900);
});

const project = (id: string, name: string, requirements: string[][]) => ({
  id, name, requirements, description: '', sections: [], revision: 1,
  fields: [{ name: 'Object no.', kind: 'text', choices: [], decimal: null }],
}); // prettier-ignore
const LOANS = project('p1', 'Loans in', [['Object no.', 'start'], ['due']]);

/** The page over a server that keeps these tasks, whatever gaps they have. */
function page(tasks: Task[]) {
  const answers: Record<string, Answer> = Object.fromEntries(
    tasks.flatMap((each, i): [string, Answer][] => [
      [`GET /api/tasks/${String(each.id)}`, () => tasks[i]],
      [
        `PATCH /api/tasks/${String(each.id)}`,
        ({ body }: { body: unknown }) => {
          const { fields, project: to, ...plain } = body as { fields?: object; project?: string };
          const before = tasks[i] ?? each;
          tasks[i] = {
            ...before,
            ...plain,
            ...(to === undefined ? {} : { project: { id: to, name: 'Loans in' } }),
            fields: { ...before.fields, ...fields },
            revision: before.revision + 1,
          };
          return tasks[i];
        },
      ],
    ]),
  );
  return show(<GapsPage />, {
    'GET /api/health': () => health,
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/acts': () => ({ items: [] }),
    'GET /api/named/people': () => ({ items: [] }),
    'GET /api/projects': () => ({ items: [LOANS], inbox: [['project']] }),
    'POST /api/tasks/list': () => ({
      groups:
        tasks.length === 0
          ? []
          : [{ value: null, ids: tasks.map(({ id }) => id), open: tasks.length, sums: [] }],
      total: tasks.length,
      first: tasks,
    }),
    ...answers,
  });
}

const lineOf = async (title: string) => {
  const line = (await screen.findByRole('link', { name: title })).closest('[role=row]');
  if (!(line instanceof HTMLElement)) throw new Error('There is no line.');
  return line;
};
const gapsIn = async (title: string) =>
  within(await lineOf(title))
    .queryAllByText('gap')
    .map((each) => each.closest('button')?.getAttribute('aria-label'));

test('each gap stands in its column, of a choice of fields in all of them', async () => {
  page([
    task({ id: 1, title: 'In the inbox', project: null, due: null }),
    task({ id: 2, title: 'A loan', due: null, fields: { 'Object no.': 'SQ-1' } }),
    task({ id: 3, title: 'Another loan' }),
  ]);
  expect(await gapsIn('In the inbox')).toEqual(['Change project']);
  expect(await gapsIn('A loan')).toEqual(['Change due']);
  expect(await gapsIn('Another loan')).toEqual(['Change Object no.', 'Change start']);
});

test('a letter opens the cell, the value settles it and leads to the next; the settled line stays and says so', async () => {
  const { user, asked } = page([
    task({ id: 1, title: 'One', project: null, start: '2026-11-30' }),
    task({ id: 2, title: 'Two', project: null, start: '2026-11-30' }),
  ]);
  within(await lineOf('One'))
    .getByRole('button', { name: 'Change project' })
    .focus();
  await user.keyboard('Loans');
  await user.click(await screen.findByTitle('Loans in'));
  await waitFor(async () => {
    expect(document.activeElement).toBe(
      within(await lineOf('Two')).getByRole('button', { name: 'Change project' }),
    );
  });
  expect(asked.filter(({ method }) => method === 'PATCH').map(({ body }) => body)).toEqual([
    { project: 'p1' },
  ]);
  await waitFor(async () => {
    expect((await lineOf('One')).className).toContain('settled');
  });
  expect((await lineOf('Two')).className).not.toContain('settled');
});

test('the Delete key deletes nothing while one writes, but what was picked', async () => {
  const { user, asked } = page([task({ id: 1, title: 'One', project: null })]);
  within(await lineOf('One'))
    .getByRole('button', { name: 'Change project' })
    .focus();
  await user.keyboard('{Delete}');
  expect(asked.filter(({ path }) => path === '/api/tasks/change')).toEqual([]);
  await user.keyboard(' {Delete}');
  await waitFor(() => {
    expect(asked.find(({ path }) => path === '/api/tasks/change')?.body).toEqual({
      ids: [1],
      change: { deleted: true },
    });
  });
});

test('without gaps it says so, and what was done can still be taken back', async () => {
  page([]);
  expect(await screen.findByText('No gaps')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'What you did' })).toBeTruthy();
});
