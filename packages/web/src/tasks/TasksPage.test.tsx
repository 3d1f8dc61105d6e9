import type { Task, TaskChange } from '@hatband/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { health, task } from '../../test/made.ts';
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
function page(tasks: Task[], more: Parameters<typeof show>[1] = {}, url = '/tasks') {
  const change = (id: number, values: TaskChange) => {
    const i = tasks.findIndex((each) => each.id === id);
    const before = tasks[i];
    if (!before) return;
    const { fields: _, project: __, addTags: ___, deleted, ...plain } = values;
    tasks[i] = { ...before, ...(plain as Partial<Task>), revision: before.revision + 1 };
    if (deleted) tasks.splice(i, 1);
  };
  return show(
    <TasksPage />,
    {
      'GET /api/health': () => health,
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
      'POST /api/tasks/read': ({ body }) => ({
        items: (body as { ids: number[] }).ids.map((id) => task({ id, title: `Task ${String(id)}` })),
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
    },
    url,
  );
}

const titles = () =>
  screen
    .getAllByRole('link')
    .filter((link) => link.getAttribute('href')?.startsWith('/tasks/'))
    .map((link) => link.textContent);
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

test('a deleted task goes at once, though it was changed by hand before', async () => {
  const { user, asked } = page(three());
  await user.click(await screen.findByRole('checkbox', { name: 'done: Two crates' }));
  await screen.findByRole('checkbox', { name: 'done: Two crates', checked: true });
  screen.getByRole('link', { name: 'Two crates' }).focus();
  await user.keyboard('{Delete}');
  await waitFor(() => {
    expect(titles()).toEqual(['One crate', 'Three crates']);
  });
  expect(sent(asked, '/api/tasks/change')).toEqual([{ ids: [2], change: { deleted: true } }]);
});

test('tasks are moved by keys only where the order is by hand', async () => {
  const byDue = page(three());
  (await screen.findByRole('link', { name: 'One crate' })).focus();
  await byDue.user.keyboard('{Alt>}{ArrowDown}{/Alt}');
  expect(sent(byDue.asked, '/api/tasks/place')).toEqual([]);
  byDue.unmount();
  const as = JSON.stringify({ sort: [{ field: 'place', descending: false }] });
  const byHand = page(
    three(),
    { 'POST /api/tasks/place': () => ({ act: null }) },
    `/tasks?as=${encodeURIComponent(as)}`,
  );
  (await screen.findByRole('link', { name: 'One crate' })).focus();
  await byHand.user.keyboard('{Alt>}{ArrowDown}{/Alt}');
  await waitFor(() => {
    expect(sent(byHand.asked, '/api/tasks/place')).toEqual([{ ids: [1], beside: 2, side: 'behind' }]);
  });
});

test('only tasks in sight are asked for, however many a folded group holds', async () => {
  const group = (value: string, from: number, count: number) => ({
    value,
    ids: Array.from({ length: count }, (_, i) => from + i),
    open: count,
    sums: [],
  });
  const groups = [group('Cape', 1, 3), group('Harrow', 10, 5000), group('Kogge', 6000, 100)];
  const as = JSON.stringify({ group: 'own:Lender' });
  const { user, asked } = page(
    [],
    { 'POST /api/tasks/list': () => ({ groups, total: 5103, first: [] }) },
    `/tasks?as=${encodeURIComponent(as)}`,
  );
  await screen.findByRole('link', { name: 'Task 10' });
  await user.click(screen.getByRole('button', { name: /Harrow/ }));
  await screen.findByRole('link', { name: 'Task 6000' });
  expect(screen.queryByRole('link', { name: 'Task 10' })).toBe(null);
  for (const body of sent(asked, '/api/tasks/read'))
    expect((body as { ids: number[] }).ids.length).toBeLessThan(120);
});

test('one value is given to all picked tasks by the editor of its kind', async () => {
  const { user, asked } = page(three());
  (await screen.findByRole('link', { name: 'One crate' })).focus();
  await user.keyboard(' {Shift>}{ArrowDown}{/Shift}v');
  await user.click(await screen.findByTitle('priority'));
  await user.click(within(screen.getByRole('toolbar')).getByRole('button', { name: 'Change priority' }));
  await user.click(await screen.findByTitle('high'));
  await waitFor(() => {
    expect(sent(asked, '/api/tasks/change')).toEqual([{ ids: [1, 2], change: { priority: 'high' } }]);
  });
});

test('columns, groups and orders are chosen, and a changed view is saved under a name', async () => {
  const saved: unknown[] = [];
  const { user, asked } = page(three(), {
    'GET /api/views': () => ({ items: saved }),
    'POST /api/views': ({ body }) => {
      const stored = { ...(body as object), id: 'v1', revision: 1 };
      saved.push(stored);
      return stored;
    },
  });
  await screen.findByRole('link', { name: 'One crate' });
  expect(screen.queryByText(/Changed, not saved/)).toBe(null);
  await user.click(
    screen.getByRole('columnheader', { name: 'priority' }).querySelector('button') ?? document.body,
  );
  await screen.findByText('Changed, not saved: the order');
  await user.click(screen.getByRole('button', { name: /columns$/ }));
  await user.click(await screen.findByRole('combobox', { name: 'columns' }));
  await user.click(await screen.findByTitle('effort'));
  await screen.findByRole('columnheader', { name: 'effort' });
  await screen.findByText('Changed, not saved: the order, the columns');
  await user.click(screen.getByRole('button', { name: 'Save as a view …' }));
  await user.type(await screen.findByRole('textbox', { name: 'name of the view' }), 'By priority{Enter}');
  await screen.findByRole('button', { name: /^By priority/, pressed: true });
  expect(screen.queryByText(/Changed, not saved/)).toBe(null);
  expect(sent(asked, '/api/views')).toMatchObject([
    { name: 'By priority', view: { sort: [{ field: 'priority', descending: false }] } },
  ]);
});
