import type { Task, TaskChange } from '@hatband/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { task } from '../../test/made.ts';
import { refused, show } from '../../test/show.tsx';
import { TasksPage } from './TasksPage.tsx';

beforeEach(() => {
  // jsdom lays nothing out, and the grid shows the lines that have room.
  vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
  vi.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(900);
});

const three = () => [
  task({ id: 1, title: 'One crate', due: '2026-12-01' }),
  task({ id: 2, title: 'Two crates', due: '2026-12-02' }),
  task({ id: 3, title: 'Three crates', due: null, project: null }),
];

/** The page over a server that keeps these tasks. */
function page(tasks: Task[], more: Parameters<typeof show>[1] = {}) {
  const change = (id: number, values: TaskChange) => {
    const i = tasks.findIndex((each) => each.id === id);
    const before = tasks[i];
    if (!before) return;
    const { fields: _, project: __, addTags: ___, deleted, ...plain } = values;
    tasks[i] = { ...before, ...(plain as Partial<Task>), revision: before.revision + 1 };
    if (deleted) tasks.splice(i, 1);
  };
  return show(<TasksPage />, {
    'GET /api/health': () => ({
      now: '2026-11-24T14:10:00Z',
      zone: 'Europe/London',
      queueDepth: 0,
      lastArrivalAt: null,
    }),
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/projects': () => ({ items: [], inbox: [] }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/views': () => ({ items: [] }),
    'GET /api/acts': () => ({ items: [] }),
    'POST /api/tasks/counts': ({ body }) => ({
      counts: (body as { filters: unknown[] }).filters.map((_, i) => i + 3),
    }),
    'POST /api/tasks/list': () => ({
      groups: [{ value: null, ids: tasks.map(({ id }) => id), open: tasks.length, sums: [] }],
      total: tasks.length,
      first: tasks,
    }),
    'POST /api/tasks/change': ({ body }) => {
      const { ids, change: values } = body as { ids: number[]; change: TaskChange };
      for (const id of ids) change(id, values);
      return { act: null };
    },
    ...Object.fromEntries(
      tasks.map(({ id }) => [
        `PATCH /api/tasks/${String(id)}`,
        ({ body }: { body: unknown }) => {
          change(id, body as TaskChange);
          return tasks.find((each) => each.id === id);
        },
      ]),
    ),
    ...more,
  });
}

const titles = () => screen.getAllByRole('link').map((link) => link.textContent);
/** The line of the first task. */
async function firstLine() {
  const line = (await screen.findByRole('link', { name: 'One crate' })).closest('[role=row]');
  if (!(line instanceof HTMLElement)) throw new Error('There is no line.');
  return line;
}
const sent = (asked: ReturnType<typeof page>['asked'], path: string) =>
  asked.filter((each) => each.path === path && each.method !== 'GET').map(({ body }) => body);

test('a task that is ticked stays where it is, keeps the focus, and is changed as it was seen', async () => {
  const { user, asked } = page(three());
  const tick = await screen.findByRole('checkbox', { name: 'done: Two crates' });
  await user.click(tick);
  const ticked = await screen.findByRole('checkbox', { name: 'done: Two crates', checked: true });
  expect(document.activeElement).toBe(ticked);
  expect(titles()).toEqual(['One crate', 'Two crates', 'Three crates']);
  expect(asked.filter(({ method }) => method === 'PATCH')).toMatchObject([
    { path: '/api/tasks/2', body: { status: 'completed' }, revision: '"2"' },
  ]);
});

test('keys pick several tasks and do one thing with all of them', async () => {
  const { user, asked } = page(three());
  (await screen.findByRole('link', { name: 'One crate' })).focus();
  await user.keyboard(' ');
  await user.keyboard('{Shift>}{ArrowDown}{/Shift}');
  expect(screen.getByRole('toolbar')).toHaveProperty('textContent', expect.stringContaining('With these 2'));
  expect(document.activeElement?.textContent).toBe('Two crates');
  await user.keyboard('c');
  await waitFor(() => {
    expect(sent(asked, '/api/tasks/change')).toEqual([{ ids: [1, 2], change: { status: 'completed' } }]);
  });
  await user.keyboard('{Escape}');
  expect(screen.queryByRole('toolbar')).toBe(null);
  await user.keyboard('{Delete}');
  await waitFor(() => {
    expect(sent(asked, '/api/tasks/change').at(-1)).toEqual({ ids: [2], change: { deleted: true } });
  });
});

test('single letters write, and do nothing else, while a cell is open', async () => {
  const { user, asked } = page(three());
  const line = await firstLine();
  await user.click(within(line).getByRole('button', { name: 'Change project' }));
  await user.keyboard('cvm');
  expect(sent(asked, '/api/tasks/change')).toEqual([]);
  expect(screen.queryByRole('toolbar')).toBe(null);
});

test('an edit that met another is told with both values, and either can be had', async () => {
  const tasks = three();
  const [first] = tasks;
  if (!first) throw new Error('There is no task.');
  let stale = true;
  const { user, asked } = page(tasks, {
    'PATCH /api/tasks/1': () => {
      if (!stale) return first;
      return refused(412, 'It was changed elsewhere meanwhile.');
    },
    'GET /api/tasks/1': () => ({ ...first, priority: 'low', revision: 9 }),
  });
  const line = await firstLine();
  await user.click(within(line).getByRole('button', { name: 'Change priority' }));
  await user.click(await screen.findByTitle('high'));
  const note = await screen.findByRole('alert');
  expect(note.textContent).toContain('Meanwhile the priority of “One crate” became low; you wrote high.');
  stale = false;
  await user.click(within(note).getByRole('button', { name: 'Use high' }));
  await waitFor(() => {
    expect(asked.filter(({ method }) => method === 'PATCH').map(({ revision }) => revision)).toEqual([
      '"2"',
      '"9"',
    ]);
  });
});

test('what is not in the way of an edit is not told', async () => {
  const tasks = three();
  const [first] = tasks;
  if (!first) throw new Error('There is no task.');
  const { user, asked } = page(tasks, {
    'PATCH /api/tasks/1': ({ revision }) => {
      if (revision === '"9"') return first;
      return refused(412, 'It was changed elsewhere meanwhile.');
    },
    'GET /api/tasks/1': () => ({ ...first, title: 'Another title', revision: 9 }),
  });
  const line = await firstLine();
  await user.click(within(line).getByRole('button', { name: 'Change priority' }));
  await user.click(await screen.findByTitle('high'));
  await waitFor(() => {
    expect(asked.filter(({ method }) => method === 'PATCH')).toHaveLength(2);
  });
  expect(screen.queryByRole('alert')).toBe(null);
});

test('the empty list says what is missing', async () => {
  page([]);
  expect(await screen.findByText('Nothing is open')).toBeTruthy();
});

test('what was done is taken back, and what was kept is told', async () => {
  const { user, asked } = page(three(), {
    'GET /api/acts': () => ({
      items: [{ id: 'a1', at: '2026-11-24T14:09:00Z', label: 'Completed 2 tasks', undone: false }],
    }),
    'POST /api/acts/a1': () => ({
      act: { id: 'a1', at: '2026-11-24T14:09:00Z', label: 'Completed 2 tasks', undone: true },
      kept: [{ task: 'One crate', field: 'status', now: 'in process' }],
    }),
  });
  await screen.findByRole('link', { name: 'One crate' });
  await screen.findByRole('button', { name: /take back the last/ });
  await user.keyboard('{Control>}z{/Control}');
  expect(
    await screen.findByText(/Kept, since it was changed again: status of “One crate” \(in process\)/),
  ).toBeTruthy();
  expect(sent(asked, '/api/acts/a1')).toEqual([{ undo: true }]);
});
