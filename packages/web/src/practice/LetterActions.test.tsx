import type { PracticeMessage } from '@hatband/contract';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { rule } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { useAct } from '../shared/useAct.ts';
import { LetterActions } from './LetterActions.tsx';

const letter: PracticeMessage = {
  uid: 5,
  folder: 'INBOX',
  from: 'Marit Osei',
  fromAddress: 'marit@keel.example',
  subject: 'Certificate',
  cameAt: '2026-11-23T12:10:00Z',
  seen: true,
  flagged: false,
  labels: ['noted'],
  to: ['ines@quay.example'],
  text: 'Please return it.',
  attachments: [],
  arrivals: [],
};

function Actions({ onDraft }: { onDraft: () => void }) {
  return (
    <LetterActions
      letter={letter}
      folders={['INBOX', 'Archive']}
      act={useAct('practice')}
      onDraft={onDraft}
    />
  );
}

function showActions(rules = [rule({ name: 'Loans', start: { kind: 'label', is: ['todo'] } })]) {
  const onDraft = vi.fn();
  const shown = show(<Actions onDraft={onDraft} />, {
    'GET /api/rules': () => ({ items: rules }),
    'PATCH /api/practice/5': () => ({ uid: 5 }),
    'POST /api/practice/5/show': () => ({ arrivalId: 9 }),
  });
  return {
    ...shown,
    onDraft,
    press: (name: string) => shown.user.click(screen.getByRole('button', { name })),
  };
}

test.each([
  ['Forward it with a note', { of: { uid: 5, how: 'forward' }, to: '', subject: 'Fwd: Certificate' }],
  ['Answer it', { of: { uid: 5, how: 'reply' }, to: 'marit@keel.example', subject: 'Re: Certificate' }],
])('%s begins a letter', async (name, draft) => {
  const { press, onDraft } = showActions();
  await press(name);
  expect(onDraft).toHaveBeenCalledWith(draft);
});

test('it is flagged, and shown to Hatband', async () => {
  const { press, asked } = showActions();
  await press('Flag it');
  await press('Show it to Hatband');
  await vi.waitFor(() => {
    expect(asked.filter(({ method }) => method !== 'GET')).toMatchObject([
      { method: 'PATCH', path: '/api/practice/5', body: { flagged: true } },
      { method: 'POST', path: '/api/practice/5/show' },
    ]);
  });
});

test('a label that is written goes to the letter beside those it has', async () => {
  const { user, asked } = showActions();
  await user.type(await screen.findByRole('combobox', { name: 'labels' }), 'todo,');
  await vi.waitFor(() => {
    expect(asked).toContainEqual(
      expect.objectContaining({ method: 'PATCH', body: { labels: ['noted', 'todo'] } }),
    );
  });
});

test('where no live rule starts by a label, it says how one is made', async () => {
  showActions([rule({ name: 'Loans', start: { kind: 'label', is: ['todo'] } }, { state: 'paused' })]);
  expect((await screen.findByText(/No live rule starts by a label yet/)).textContent).toContain('write one');
});
