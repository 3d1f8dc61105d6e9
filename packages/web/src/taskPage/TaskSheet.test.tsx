import type { ArrivalSheet, HistoryLine, Task } from '@hatband/contract';
import { screen, waitFor, within } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { arrivalSheet, health, samples, task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { TaskSheet } from './TaskSheet.tsx';

const NO_HISTORY: HistoryLine[] = [{ kind: 'made', at: '2026-11-24T14:10:00Z', rule: 'Loans', values: 8 }];

async function sheetOf(): Promise<ArrivalSheet> {
  const [sample] = await samples(['Loan form']);
  if (!sample) throw new Error('There is no message.');
  const { message, anatomy, facts, warnings } = sample.incoming.reading;
  return {
    ...arrivalSheet,
    read: { message, anatomy, dates: facts.dates, deadline: facts.deadline, events: facts.events, warnings },
  };
}

/** The sheet of a task between two others. */
async function sheet(of: Partial<Task> = {}, more: Parameters<typeof show>[1] = {}) {
  const sheetOfMail = await sheetOf();
  const onOpen = vi.fn();
  const shown = show(<TaskSheet task={task(of)} order={[6, 7, 8]} onOpen={onOpen} />, {
    'GET /api/health': () => health,
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/projects': () => ({ items: [], inbox: [] }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/people': () => ({ items: [] }),
    'GET /api/tags': () => ({ items: [] }),
    'GET /api/acts': () => ({ items: [] }),
    'GET /api/proposals': () => ({ items: [] }),
    'GET /api/arrivals/3': () => sheetOfMail,
    'GET /api/tasks/7/comments': () => ({ items: [] }),
    'GET /api/tasks/7/thread': () => ({ messages: [], tasks: [] }),
    'GET /api/tasks/7/history': () => ({ items: NO_HISTORY }),
    'PATCH /api/tasks/7': ({ body }) => ({ ...task(of), ...(body as Partial<Task>) }),
    ...more,
  });
  await screen.findByText('with 8 values', { exact: false });
  const sent = (path: string) =>
    shown.asked.filter((each) => each.path === path && each.method !== 'GET').map(({ body }) => body);
  return { ...shown, onOpen, sent };
}

test('the mail stands beside the fields, and the answer goes to who asks', async () => {
  await sheet();
  expect(await screen.findByText('Please answer by 3 December.', { exact: false })).toBeTruthy();
  const answer = screen.getByRole('link', { name: 'Answer o@cape.example' });
  expect(answer.getAttribute('href')).toMatch(/^mailto:o@cape\.example\?subject=Re%3A%20Loan%20form/);
});

test('keys go to the neighbours and back to the list, complete, and are off where one writes', async () => {
  const { user, onOpen, sent } = await sheet();
  await user.keyboard('{PageDown}');
  expect(onOpen).toHaveBeenLastCalledWith(8);
  await user.keyboard('{PageUp}');
  expect(onOpen).toHaveBeenLastCalledWith(6);
  await user.keyboard('c');
  await waitFor(() => {
    expect(sent('/api/tasks/7')).toEqual([{ status: 'completed' }]);
  });
  await user.type(screen.getByRole('textbox', { name: 'a new comment' }), 'cdg{Escape}');
  expect(sent('/api/tasks/7')).toHaveLength(1);
  await user.tab();
  await user.keyboard('{Escape}');
  expect(onOpen).toHaveBeenLastCalledWith(null);
});

test('a change is taken back by itself while it stands', async () => {
  const line = { kind: 'changed' as const, at: '2026-11-24T14:10:00Z', by: 'user' as const, old: null };
  const { user, sent } = await sheet(
    {},
    {
      'GET /api/tasks/7/history': () => ({
        items: [
          { ...line, id: 12, field: 'Lender', new: 'Cape', stands: true },
          { ...line, id: 11, field: 'Lender', new: 'Quay', stands: false },
          ...NO_HISTORY,
        ],
      }),
      'POST /api/task-changes/12/take-back': () => ({ act: { id: 'a', at: '', label: '', undone: false } }),
    },
  );
  const buttons = screen.getAllByRole('button', { name: 'Take the change of Lender back' });
  expect(buttons).toHaveLength(1);
  if (buttons[0]) await user.click(buttons[0]);
  expect(sent('/api/task-changes/12/take-back')).toHaveLength(1);
});

test('steps are added, ticked, and made tasks of their own', async () => {
  const checklist = [{ text: 'Print it', done: false }];
  const { user, sent } = await sheet(
    { checklist },
    { 'POST /api/tasks/7/split': () => task({ id: 9, title: 'Print it' }) },
  );
  const list = within(screen.getByRole('region', { name: 'Checklist' }));
  await user.type(list.getByRole('textbox'), 'Sign it{Enter}');
  await user.click(list.getByRole('checkbox', { name: 'Print it' }));
  expect(sent('/api/tasks/7')).toEqual([
    { checklist: [...checklist, { text: 'Sign it', done: false }] },
    { checklist: [{ text: 'Print it', done: true }] },
  ]);
  await user.click(list.getByRole('button', { name: 'make “Print it” a task' }));
  expect(sent('/api/tasks/7/split')).toEqual([{ title: 'Print it', line: 0 }]);
  expect((await screen.findByRole('link', { name: 'Open it' })).getAttribute('href')).toBe('/tasks/9');
});

test('notes are Markdown without HTML and without pictures from elsewhere', async () => {
  const notes =
    '**two** signatures <img src=x onerror=alert(1)> ![](https://x.example/p.png) [x](javascript:alert(1))';
  const { container, user, sent } = await sheet({ notes });
  expect(screen.getByText('two').tagName).toBe('STRONG');
  const section = screen.getByRole('region', { name: 'Notes' });
  expect(section.querySelector('img')).toBeNull();
  expect(container.querySelector('a[href^="javascript"]')).toBeNull();
  await user.click(within(section).getByRole('button', { name: 'change' }));
  const box = screen.getByRole('textbox', { name: 'notes' });
  await user.clear(box);
  await user.type(box, 'one');
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(sent('/api/tasks/7')).toEqual([{ notes: 'one' }]);
});

test('a task waits for a person, and waits no longer', async () => {
  const waits = await sheet();
  await waits.user.type(screen.getByRole('combobox', { name: 'for whom it waits' }), 'Runa Holt');
  await waits.user.click(screen.getByRole('button', { name: 'Wait' }));
  expect(waits.sent('/api/tasks/7')).toEqual([{ waiting: { for: 'Runa Holt', until: null } }]);
  waits.unmount();
  const over = await sheet({ waiting: { for: 'Runa Holt', until: '2026-11-24' } });
  expect(screen.getByText('Waited for', { exact: false })).toBeTruthy();
  await over.user.click(screen.getByRole('button', { name: 'wait no longer' }));
  expect(over.sent('/api/tasks/7')).toEqual([{ waiting: null }]);
});

test('two tasks are merged with the values that were chosen', async () => {
  const other = task({ id: 8, title: 'Loan form again', due: '2026-12-24', fields: { Lender: 'Cape' } });
  const { user, sent } = await sheet(
    {},
    {
      'POST /api/tasks/read': ({ body }) => ({
        items: (body as { ids: number[] }).ids.includes(8) ? [other] : [],
      }),
      'GET /api/search': () => ({ items: [], more: false }),
      'POST /api/tasks/7/merge': () => task(),
    },
  );
  await user.click(screen.getByRole('button', { name: /merge/ }));
  await user.click(screen.getByRole('combobox', { name: 'the task to merge with' }));
  await user.click(await screen.findByTitle('Loan form again'));
  await user.click(await screen.findByRole('radio', { name: 'Thu 24 Dec' }));
  await user.click(screen.getByRole('radio', { name: 'Cape' }));
  await user.click(screen.getByRole('button', { name: 'Merge them' }));
  expect(sent('/api/tasks/7/merge')).toEqual([
    { other: 8, change: { due: '2026-12-24', fields: { Lender: 'Cape' } } },
  ]);
});

test('a task in the bin says so, and is brought back', async () => {
  const { user, sent } = await sheet(
    { deletedAt: '2026-11-24T14:10:00Z', mergedInto: 5 },
    { 'POST /api/tasks/change': () => ({ act: null }) },
  );
  expect(screen.getByRole('link', { name: 'another task' }).getAttribute('href')).toBe('/tasks/5');
  await user.click(screen.getByRole('button', { name: 'Bring it back' }));
  expect(sent('/api/tasks/change')).toEqual([{ ids: [7], change: { deleted: false } }]);
});
