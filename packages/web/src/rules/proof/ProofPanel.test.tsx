import { openProof } from '@hatband/core/dryrun';
import { Context, type RuleInput } from '@hatband/core/rules';
import { screen } from '@testing-library/react';
import { beforeAll, expect, test, vi } from 'vitest';
import { samples, version } from '../../../test/made.ts';
import { show } from '../../../test/show.tsx';
import type { Samples } from '../queries.ts';
import { ProofPanel } from './ProofPanel.tsx';

const taking = (name: string, word: string): RuleInput => ({
  name,
  when: { all: [{ kind: 'words', words: [word] }] },
  read: [{ field: 'title', from: [{ kind: 'subject' }] }],
});
const LOANS = taking('Loans', 'loan');

let data: Samples;
beforeAll(async () => {
  data = {
    items: await samples(['A loan', 'Another loan', 'Cake']),
    total: 3,
    context: Context.parse({}),
  };
});

function prove(live: RuleInput[], next: RuleInput[], more: { total?: number; problem?: string } = {}) {
  const proofs = openProof(data.items, live.map(version), data.context)(next.map(version), 'Loans');
  const onAskBefore = vi.fn();
  const panel = (
    <ProofPanel
      proofs={proofs}
      problem={more.problem ?? null}
      data={{ ...data, total: more.total ?? data.total }}
      onAskBefore={onAskBefore}
    />
  );
  return { ...show(panel), onAskBefore };
}

const summary = () => screen.getByRole('status').textContent;

test('what a rule takes is counted, and each message shown with what was read where', () => {
  prove([], [LOANS]);
  expect(summary()).toContain('Proof on 3 messages: takes 2');
  expect(screen.getByRole('link', { name: 'Another loan' })).toBeTruthy();
  expect(screen.queryByRole('link', { name: 'Cake' })).toBe(null);
});

test('of more messages than were proved it says so', () => {
  prove([], [LOANS], { total: 500 });
  expect(summary()).toContain('Proof on the newest 3 of 500 messages: takes 2');
});

test('a rule that takes nothing says what to do', () => {
  prove([], [taking('Loans', 'anchor')]);
  expect(screen.getByText('It takes none of them')).toBeTruthy();
});

test('which rule takes its mail first is told, and this one can be asked before it', async () => {
  const first = taking('All loans', 'loan');
  const { user, onAskBefore } = prove([first], [first, LOANS]);
  expect(screen.getByText(/2 more match, but All loans takes them first/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Ask this rule before it' }));
  expect(onAskBefore).toHaveBeenCalledWith('All loans');
});

test('while the rule is wrong the last proof stands, with the reason', () => {
  prove([], [LOANS], { problem: 'Name a sender.' });
  expect(screen.getByText('The proof waits for the rule: Name a sender.')).toBeTruthy();
  expect(summary()).toContain('takes 2');
});

test('without mail there is nothing to prove on', () => {
  show(<ProofPanel proofs={[]} problem={null} data={{ ...data, items: [] }} onAskBefore={null} />);
  expect(screen.getByText('No mail to prove it on')).toBeTruthy();
});
