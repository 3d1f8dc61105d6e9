import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { task } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { ConflictNote } from './ConflictNote.tsx';

const names = {
  value: (field: string, value: string) => (field === 'project' ? `project ${value}` : value),
  day: (iso: string) => `day ${iso}`,
};

test.each([
  ['a day', { due: '2026-12-08' }, {}, 'due date', 'day 2026-12-03', 'day 2026-12-08'],
  ['a project by its name', { project: 'p2' }, {}, 'project', 'project p1', 'project p2'],
  ['what was emptied', { due: null }, {}, 'due date', 'day 2026-12-03', 'nothing'],
  ['a field of the project', { fields: { Weight: 5 } }, { fields: { Weight: 2 } }, 'Weight', '2', '5'],
  ['what is empty now', { fields: { Weight: 5 } }, {}, 'Weight', 'nothing', '5'],
  ['several', { tags: ['loan', 'courier'] }, { tags: ['loan'] }, 'tags', 'loan', 'loan, courier'],
])('%s is told with both values, and either is taken', async (_, change, more, field, theirs, mine) => {
  const onSettle = vi.fn<(mine: boolean) => void>();
  const { user } = show(
    <ConflictNote conflict={{ change, now: task(more) }} names={names} onSettle={onSettle} />,
  );
  expect(screen.getByRole('alert').textContent).toContain(
    `Meanwhile the ${field} of “Return the loan form” became ${theirs}; you wrote ${mine}.`,
  );
  await user.click(screen.getByRole('button', { name: `Use ${mine}` }));
  await user.click(screen.getByRole('button', { name: `Leave ${theirs}` }));
  expect(onSettle.mock.calls).toEqual([[true], [false]]);
});
