import { TaskView } from '@hatband/core/tasks';
import { screen, within } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { health, task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { useTaskList } from '../tasks/list/useTaskList.ts';
import { ListBeside } from './ListBeside.tsx';

beforeEach(() => {
  // jsdom lays nothing out, and the list shows the lines that have room.
  vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
  vi.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(272);
});

const VIEW = TaskView.parse({ group: 'project' });
const TASKS = [
  task({ id: 1, title: 'Late', due: '2026-11-20' }),
  task({ id: 2, title: 'Bare', due: null, project: null }),
  task({ id: 3, title: 'Over', status: 'completed', due: '2026-11-20' }),
];

function List() {
  return <ListBeside list={useTaskList(VIEW)} view={VIEW} openId={2} search="view=x" />;
}

test('each task stands there with what is urgent or missing in it, and leads on within the view', async () => {
  show(<List />, {
    'GET /api/health': () => health,
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/projects': () => ({
      items: [{ id: 'p1', name: 'Loans in', requirements: [], description: '', sections: [], fields: [], revision: 1 }],
      inbox: [['project']],
    }),
    'POST /api/tasks/list': () => ({
      groups: [
        { value: 'p1', ids: [1, 3], open: 1, sums: [] },
        { value: null, ids: [2], open: 1, sums: [] },
      ],
      total: 3,
      first: TASKS,
    }),
  });
  const list = await screen.findByRole('navigation', { name: 'Tasks of the view' });
  const line = async (title: string) => (await within(list).findByText(title)).closest('a');
  expect((await line('Late'))?.textContent).toBe('LateFri 20 Nov, overdueLoans in');
  expect((await line('Late'))?.getAttribute('href')).toBe('/tasks/1?view=x');
  expect((await line('Over'))?.textContent).toBe('OverFri 20 NovLoans in');
  const bare = await line('Bare');
  expect(bare?.getAttribute('aria-current')).toBe('true');
  await within(list).findByText('has a gap');
  expect(bare?.textContent).toBe('Bareno due datehas a gap');
  expect(within(list).getAllByRole('heading').map((each) => each.textContent)).toContain('Loans in');
}); // prettier-ignore
