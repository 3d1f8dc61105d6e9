import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { show } from '../../test/show.tsx';
import { Boundary } from '../shared/page/Boundary.tsx';
import { AgainNote } from './AgainNote.tsx';
import { HeldNote } from './HeldNote.tsx';
import { Remarks } from './Remarks.tsx';

test('what was not understood stands on the sheet, and nothing where all was', () => {
  const { container, unmount } = show(<Remarks remarks={[]} />);
  expect(container.textContent).toBe('');
  unmount();
  show(<Remarks remarks={['“hot” was not understood: there is no such priority.']} />);
  expect(screen.getByRole('region', { name: 'Remarks' }).textContent).toContain('“hot”');
});

const before = {
  arrivalId: 2,
  tasks: [{ id: 5, title: 'Return the form', due: '2026-12-03', priority: null }],
};

test.each([
  ['again', 'Make a separate task', 'make its own'],
  ['tasks', 'Merge with the earlier task', 'add to the first'],
] as const)('mail that came before (%s) is settled by the user: %s', async (kind, button, how) => {
  const { user, asked } = show(<AgainNote arrivalId={3} kind={kind} before={before} />, {
    'POST /api/arrivals/3/again': () => ({}),
  });
  await user.click(screen.getByRole('button', { name: button }));
  expect(asked).toContainEqual(
    expect.objectContaining({ method: 'POST', path: '/api/arrivals/3/again', body: { how } }),
  );
});

test('mail whose earlier task was deleted is not merged with nothing', () => {
  show(<AgainNote arrivalId={3} kind="again" before={{ ...before, tasks: [] }} />);
  expect(screen.getByText(/Its task was deleted/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Merge with the earlier task' })).toBe(null);
  expect(screen.getByRole('button', { name: 'Make a separate task' })).toBeTruthy();
});

test('mail that a broken rule holds says so, and how to mend it', async () => {
  const held = {
    ruleId: 'r1',
    version: 1,
    name: 'Loans',
    why: 'failed' as const,
    message: 'There is no project “X”.',
  };
  show(<HeldNote arrivalId={3} held={held} />, {
    'GET /api/rule-names': () => ({
      items: [
        {
          id: 'r1',
          name: 'Loans',
          band: { hue: 'slate', pattern: 'plain' },
          deleted: false,
          isBroken: true,
          isByHand: false,
        },
      ],
    }),
  });
  expect(screen.getByText(/failed: There is no project/)).toBeTruthy();
  expect(await screen.findByRole('link', { name: 'Mend the rule first.' })).toHaveProperty(
    'pathname',
    '/rules/r1',
  );
});

test('a fault stays in its panel, which can be shown again', async () => {
  let isBroken = true;
  const Part = () => {
    if (isBroken) throw new Error('a fault');
    return <p>shown</p>;
  };
  const { user } = show(
    <>
      <Boundary what="this panel">
        <Part />
      </Boundary>
      <p>beside it</p>
    </>,
  );
  expect(screen.getByText('Hatband could not show this panel')).toBeTruthy();
  expect(screen.getByText('beside it')).toBeTruthy();
  isBroken = false;
  await user.click(screen.getByRole('button', { name: 'Show it again' }));
  expect(screen.getByText('shown')).toBeTruthy();
});
