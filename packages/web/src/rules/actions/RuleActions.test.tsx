import { screen, within } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { expect, test, vi } from 'vitest';
import { rule } from '../../../test/made.ts';
import { show } from '../../../test/show.tsx';
import { RuleActions } from './RuleActions.tsx';

const loans = rule({ name: 'Loans' }, { revision: 4 });
const draft = { ...loans, draft: loans.live };

function showActions(more: Partial<ComponentProps<typeof RuleActions>> = {}) {
  const { live } = loans;
  if (!live) throw new Error('The rule is live.');
  const props = { onSaved: vi.fn(), onTakeBack: vi.fn(), onOrder: vi.fn() };
  const answer = () => loans;
  const shown = show(
    <RuleActions
      rule={draft}
      all={[loans, rule({ name: 'Visits' })]}
      definition={live}
      unsaved={false}
      problems={[]}
      proofs={[]}
      {...props}
      {...more}
    />,
    {
      'PUT /api/rules/Loans/draft': () => ({ ...loans, revision: 5 }),
      'POST /api/rules/Loans/live': answer,
      'POST /api/rules/Loans/pause': answer,
      'DELETE /api/rules/Loans': answer,
    },
  );
  return { ...shown, ...props };
}

/** What was asked of the server to be changed. */
const changes = (asked: { method: string; path: string }[]) => asked.filter(({ method }) => method !== 'GET');

const press = (name: string) => screen.getByRole('button', { name });

test('going live says what it does first, and does nothing where one says not yet', async () => {
  const { user, asked } = showActions();
  await user.click(press('Go live …'));
  const dialog = screen.getByRole('alertdialog', { name: 'Going live' });
  expect(dialog.textContent).toContain('Version 2 works on mail from now on');
  await user.click(within(dialog).getByRole('button', { name: 'Not yet' }));
  expect(screen.queryByRole('alertdialog')).toBe(null);
  expect(changes(asked)).toEqual([]);
});

test('what was not saved is saved before it goes live, and the rule as it was seen then', async () => {
  const { user, asked, onSaved } = showActions({ unsaved: true });
  await user.click(press('Go live …'));
  await user.click(press('Put version 2 to work'));
  await vi.waitFor(() => {
    expect(onSaved).toHaveBeenCalled();
  });
  expect(changes(asked)).toMatchObject([
    { method: 'PUT', path: '/api/rules/Loans/draft', revision: '"4"' },
    { method: 'POST', path: '/api/rules/Loans/live', revision: '"5"' },
  ]);
});

test.each([
  ['has a problem', { problems: [{ path: ['route'], message: 'There is no project “X”.' }] }],
  ['is not proved yet', { proofs: null }],
  ['was not changed', { rule: loans }],
])('a rule that %s does not go live', (_, more) => {
  showActions(more);
  expect(press('Go live …')).toHaveProperty('disabled', true);
});

test('deleting asks first, and the rest is a press away', async () => {
  const { user, asked } = showActions({ rule: loans });
  await user.click(press('pause'));
  await user.click(press('delete …'));
  expect(screen.getByRole('alertdialog', { name: 'Deleting' }).textContent).toContain('Its tasks stay.');
  await user.click(press('Keep it'));
  await user.click(press('delete …'));
  await user.click(press('Delete the rule'));
  await vi.waitFor(() => {
    expect(changes(asked).map(({ method, path }) => `${method} ${path}`)).toEqual([
      'POST /api/rules/Loans/pause',
      'DELETE /api/rules/Loans',
    ]);
  });
});

test('a rule that was never at work cannot be paused, and has no versions', () => {
  showActions({ rule: { ...draft, live: null, version: null, state: 'draft' } });
  expect(screen.queryByRole('button', { name: 'pause' })).toBe(null);
  expect(screen.queryByRole('button', { name: 'versions' })).toBe(null);
});
