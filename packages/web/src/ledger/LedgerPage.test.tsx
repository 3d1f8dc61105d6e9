import type { Arrival } from '@hatband/contract';
import { screen, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { arrival, health } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { LedgerPage } from './LedgerPage.tsx';

const held: Partial<Arrival['outcome']> = { kind: 'held', taskIds: [], ruleId: null, held: [] };
const items = [1, 2, 3].map((id) =>
  arrival({
    id,
    subject: `Message ${String(id)}`,
    tasks: [],
    outcome: { ...arrival().outcome, ...held, gate: id === 1 ? { why: 'over a limit', words: '' } : null },
  }),
);

function page(more: Parameters<typeof show>[1] = {}) {
  return show(
    <LedgerPage />,
    {
      'GET /api/health': () => health,
      'GET /api/arrivals': () => ({ items, next: null }),
      'GET /api/arrival-counts': () => ({
        waiting: 0, tasks: 0, comment: 0, unclaimed: 0, nothing: 0, again: 0, held: 3, failed: 0,
      }),
      'GET /api/attention': () => ({
        atDoor: 1,
        held: 2,
        again: 0,
        failed: 0,
        effects: [{ arrivalId: 9, subject: 'Lamp', problem: 'no such folder' }],
      }),
      'GET /api/rule-names': () => ({
        items: [
          { id: 'r', name: 'Loans', band: { hue: 'tide', pattern: 'plain' }, deleted: false, isBroken: true, isByHand: false },
          { id: 'h', name: 'Thank-you', band: { hue: 'tide', pattern: 'plain' }, deleted: false, isBroken: false, isByHand: true },
        ],
      }),
      'GET /api/imports': () => ({ items: [] }),
      'GET /api/addresses': () => ({ items: [] }),
      'POST /api/tasks/counts': () => ({ counts: [4, 0] }),
      ...more,
    },
    '/ledger',
  );
} // prettier-ignore

test('where no message is chosen stands what waits for the user, each one press away', async () => {
  page();
  const line = async (name: RegExp) => (await screen.findByRole('link', { name })).getAttribute('href');
  expect(await line(/1 message waits at the door/)).toBe('/ledger?show=held');
  expect(await line(/2 messages are held/)).toBe('/ledger?show=held');
  expect(await line(/4 tasks have gaps/)).toBe('/gaps');
  expect(await line(/The rule Loans cannot work/)).toBe('/rules/r');
  expect(await line(/Not done in the mailbox: Lamp/)).toBe('/ledger/9');
  expect(screen.queryByRole('link', { name: /proposal/ })).toBeNull();
});

test('several messages are picked by keys, and one press does the same with all of them', async () => {
  const { user, asked } = page({
    'POST /api/arrivals/many': () => ({
      done: 1,
      refused: [{ id: 2, subject: 'Message 2', detail: 'This message waits at the door; let it in first.' }],
    }),
  });
  const list = await screen.findByRole('navigation', { name: 'Arrivals' });
  within(list)
    .getByRole('link', { name: /Message 1/ })
    .focus();
  await user.keyboard('{Shift>}{ArrowDown}{/Shift}');
  const many = await screen.findByRole('region', { name: 'Picked messages' });
  expect(within(many).getByRole('heading', { name: /^2 messages are picked/ })).toBeTruthy();
  expect(within(many).queryByRole('button', { name: 'Loans' })).toBeNull();
  await user.click(within(many).getByRole('button', { name: 'Thank-you' }));
  expect(asked.find(({ path }) => path === '/api/arrivals/many')?.body).toEqual({
    ids: [1, 2],
    work: { do: 'rule', ruleId: 'h' },
  });
  expect((await within(many).findByRole('status')).textContent).toBe(
    'Thank-you: done with 1 message, not withMessage 2: This message waits at the door; let it in first.',
  );
  await user.click(within(many).getByRole('button', { name: 'let go' }));
  expect(screen.queryByRole('region', { name: 'Picked messages' })).toBeNull();
});

test('a message that is opened is shown, though others were picked', async () => {
  const { user } = page();
  await user.click(await screen.findByRole('button', { name: 'pick: Message 1' }));
  expect(screen.getByRole('region', { name: 'Picked messages' })).toBeTruthy();
  await user.click(screen.getByRole('link', { name: /Message 2/ }));
  expect(screen.queryByRole('region', { name: 'Picked messages' })).toBeNull();
});
