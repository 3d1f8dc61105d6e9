import type { Import } from '@hatband/contract';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { show } from '../../test/show.tsx';
import { ImportLine, type Sending } from './ImportLine.tsx';

const begun = (more: Partial<Import> = {}): Import => ({
  id: 4,
  name: 'old mail.mbox',
  state: 'running',
  size: 200,
  read: 50,
  problem: null,
  counts: { new: 2, known: 0, refused: 0 },
  ...more,
});

function showLine(more: Partial<Sending>) {
  const onPutAway = vi.fn();
  const sending = { key: 'k', name: 'old mail.mbox', sent: 1, error: null, import: null, ...more };
  const shown = show(<ImportLine sending={sending} onPutAway={onPutAway} />, {
    'DELETE /api/imports/4': () => ({ items: [] }),
    'GET /api/imports/4/items': () => ({
      items: [
        { n: 1, name: 'old mail.mbox #1', result: 'new', words: null, arrivalId: 9 },
        {
          n: 2,
          name: 'old mail.mbox #2',
          result: 'refused',
          words: 'It is larger than 25 MB.',
          arrivalId: null,
        },
      ],
    }),
  });
  return { ...shown, onPutAway };
}

const status = () => screen.getByRole('status').textContent;
const bar = () => screen.queryByRole<HTMLProgressElement>('progressbar')?.value ?? null;

test.each<[string, Partial<Sending>, string, number | null]>([
  ['being sent', { sent: 0.4 }, 'being sent …', 0.4],
  ['looked through', { import: begun() }, 'being brought in: 2 new', 0.25],
  ['looked through and empty', { import: begun({ size: 0 }) }, 'being brought in: 2 new', 1],
  ['done', { import: begun({ state: 'done', counts: { new: 2, known: 1, refused: 3 } }) }, '2 new, 1 that had come before, 3 not taken', null],
  ['cancelled', { import: begun({ state: 'cancelled' }) }, 'cancelled: 2 new', null],
])('a file that is %s says so', (_, more, words, share) => {
  showLine(more);
  expect(status()).toBe(words);
  expect(bar()).toBe(share);
}); // prettier-ignore

test('what went wrong stands in its line, which can be put away', async () => {
  const { user, onPutAway } = showLine({ error: new Error('The disk is full.') });
  expect(screen.getByRole('alert').textContent).toBe('The disk is full.');
  await user.click(screen.getByRole('button', { name: 'dismiss' }));
  expect(onPutAway).toHaveBeenCalledWith('k');
});

test('what became of each message is shown when it is asked for', async () => {
  const { user } = showLine({ import: begun({ state: 'failed', problem: 'It ends in the middle.' }) });
  expect(screen.getByRole('alert').textContent).toBe('It ends in the middle.');
  await user.click(screen.getByRole('button', { name: 'each of them' }));
  const items = await screen.findAllByRole('listitem');
  expect(items.map((item) => item.textContent)).toEqual([
    'old mail.mbox #1: new',
    'old mail.mbox #2: not taken. It is larger than 25 MB.',
  ]);
  expect(screen.getByRole('link', { name: 'old mail.mbox #1' }).getAttribute('href')).toBe('/ledger/9');
});

test('an import that is running can be cancelled', async () => {
  const { user, asked } = showLine({ import: begun() });
  await user.click(screen.getByRole('button', { name: 'cancel' }));
  expect(asked).toContainEqual(expect.objectContaining({ method: 'DELETE', path: '/api/imports/4' }));
});
