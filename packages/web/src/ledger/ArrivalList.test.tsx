import type { Arrival } from '@hatband/contract';
import { screen, within } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { arrival, health } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { ArrivalList } from './ArrivalList.tsx';

const NONE_PICKED = { ids: new Set<number>(), toggle: vi.fn(), pickTo: vi.fn(), letGo: vi.fn() };

function showList(items: Arrival[]) {
  return show(<ArrivalList outcome={undefined} openId={null} picked={NONE_PICKED} />, {
    'GET /api/arrivals': () => ({ items, next: null }),
    'GET /api/rule-names': () => ({ items: [] }),
    'GET /api/health': () => health,
  });
}

const outcome = (more: Partial<Arrival['outcome']>): Partial<Arrival> => ({
  outcome: { kind: 'nothing', taskIds: [], ruleId: null, held: [], gate: null, ...more },
  tasks: [],
});
const held = { ruleId: 'r', version: 1, name: 'r', why: 'hold' as const, message: 'Read it alone first.' };
const [made] = arrival().tasks;

test.each<[string, Partial<Arrival>, string]>([
  ['a task', {}, '→ Return the loan form in Loans in, Thu 3 Dec'],
  ['a task that is called as its mail', { subject: 'Fwd: Return the loan form' }, '→ task in Loans in, Thu 3 Dec'],
  ['several tasks', { tasks: made ? [made, made, made] : [] }, '→ Return the loan form in Loans in, Thu 3 Dec and 2 more'],
  ['a task that is done', { tasks: made ? [{ ...made, status: 'completed', due: null }] : [] }, '✓ done: Return the loan form in Loans in'],
  ['a task of no rule', { outcome: { ...arrival().outcome, kind: 'unclaimed' } }, '→ unclaimed: Return the loan form in Loans in, Thu 3 Dec'],
  ['what is being read', outcome({ kind: 'waiting' }), 'received, being read …'],
  ['what failed', outcome({ kind: 'failed', reason: 'its reader died' }), '✕ failed: its reader died'],
  ['what a rule holds', outcome({ kind: 'held', held: [held] }), 'held: Read it alone first.'],
  ['what waits at the door', outcome({ kind: 'held', gate: { why: 'over a limit', words: '' } }), 'held at the door: over a limit'],
  ['what came before', outcome({ kind: 'again' }), 'came before another way: add it, or make its own'],
  ['a comment', outcome({ kind: 'comment' }), '→ a comment on a task'],
  ['what its rule files', outcome({ reason: 'a rule says so' }), 'filed by its rule, nothing to do'],
  ['what is chosen by hand', outcome({ reason: 'to be started by hand' }), 'choose what is made of it'],
  ['what answers itself', outcome({ reason: 'answers itself' }), 'answers itself, nothing to do'],
])('of %s its line says so', async (_, more, words) => {
  showList([arrival(more)]);
  const line = await screen.findByRole('link');
  expect(line.textContent).toContain(words);
}); // prettier-ignore

test('messages stand under their days, with who asks and how often they came', async () => {
  showList([
    arrival({ id: 2, deliveries: 3 }),
    arrival({ id: 1, receivedAt: '2026-11-23T09:05:00Z', asks: { name: '', address: 'a@quay.example' } }),
  ]);
  const list = await screen.findByRole('navigation', { name: 'Arrivals' });
  expect(within(list).getAllByRole('heading')).toHaveLength(2);
  const [newest, before] = within(list).getAllByRole('link');
  expect(newest?.textContent).toContain('Orla Penhale, came 3 times');
  expect(before?.textContent).toContain('a@quay.example');
});

test('the Tab key stops once, and arrow keys go from line to line', async () => {
  const { user } = showList([1, 2, 3].map((id) => arrival({ id })));
  const lines = await screen.findAllByRole('link');
  expect(lines.map(({ tabIndex }) => tabIndex)).toEqual([0, -1, -1]);
  lines[0]?.focus();
  await user.keyboard('{ArrowDown}{ArrowDown}');
  expect(document.activeElement).toBe(lines[2]);
  await user.keyboard('{ArrowUp}');
  expect(document.activeElement).toBe(lines[1]);
});
