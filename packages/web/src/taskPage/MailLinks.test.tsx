import type { ArrivalSheet } from '@hatband/contract';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { arrival, arrivalSheet } from '../../test/made.ts';
import { show } from '../../test/show.tsx';
import { MailLinks } from './MailLinks.tsx';

const sheet = (more: Partial<ArrivalSheet['arrival']> = {}): ArrivalSheet => ({
  ...arrivalSheet,
  arrival: arrival(more),
  address: { address: 'INBOX/Loans', plusWord: null, name: 'Work mail', retired: false },
});

test('words that are selected become a task; without any it says what to do', async () => {
  const onSplit = vi.fn();
  const { user } = show(<MailLinks sheet={sheet()} onSplit={onSplit} />);
  const button = screen.getByRole('button', { name: 'make a task of selected words' });
  const selected = vi.spyOn(window, 'getSelection');
  selected.mockReturnValue({ toString: () => ' ' } as Selection);
  await user.click(button);
  expect(screen.getByRole('status').textContent).toBe('Select some words of the mail first.');
  expect(onSplit).not.toHaveBeenCalled();
  selected.mockReturnValue({ toString: () => ' bring\n the crate ' } as Selection);
  await user.click(button);
  expect(onSplit).toHaveBeenCalledWith('bring the crate');
  expect(screen.queryByRole('status')).toBeNull();
});

test('mail of a mailbox says where it lies there', () => {
  const { unmount } = show(<MailLinks sheet={sheet({ source: 'mailbox' })} onSplit={vi.fn()} />);
  expect(screen.getByText('in the folder INBOX/Loans of Work mail')).toBeTruthy();
  unmount();
  show(<MailLinks sheet={sheet()} onSplit={vi.fn()} />);
  expect(screen.queryByText(/in the folder/)).toBeNull();
});
