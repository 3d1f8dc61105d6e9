import { openProof } from '@hatband/core/dryrun';
import { Context, type RuleInput } from '@hatband/core/rules';
import { beforeAll, expect, test } from 'vitest';
import { samples, version } from '../../../test/made.ts';
import { changesOf, effectOf, sayEffect } from './effect.ts';
import type { SampleProof } from './useProof.ts';

const LOANS: RuleInput = { name: 'Loans', when: { all: [{ kind: 'words', words: ['loan'] }] } };

let mails: Awaited<ReturnType<typeof samples>>;
beforeAll(async () => {
  mails = await samples(['A loan', 'Another loan', 'Cake']);
});

const proofs = (live: RuleInput[], next: RuleInput[]): SampleProof[] =>
  openProof(mails, live.map(version), Context.parse({}))(next.map(version), 'Loans');

test('a rule that changes nothing says so', () => {
  const effect = effectOf(proofs([LOANS], [LOANS]));
  expect(effect).toMatchObject({ samples: 3, taken: 2, gained: 0, lost: 0, otherTaker: 0, fields: [] });
  expect(sayEffect(effect)).toBe('On the 3 messages already here: takes 2; nothing would change.');
});

test('tasks that are lost, taken by another, or get another value are counted apart', () => {
  const nothing = { ...LOANS, makes: { kind: 'nothing' as const } };
  expect(changesOf(effectOf(proofs([LOANS], [nothing])))).toEqual(['2 get no task any more']);
  expect(changesOf(effectOf(proofs([nothing], [LOANS])))).toEqual(['2 get a task']);
  expect(changesOf(effectOf(proofs([], [{ ...LOANS, read: BUILT_IN }])))).toEqual([
    '2 taken by another rule than now',
  ]);
  const later = { ...LOANS, read: [...BUILT_IN.slice(0, 1), DUE_LATER] };
  expect(changesOf(effectOf(proofs([{ ...LOANS, read: BUILT_IN }], [later])))).toEqual([
    '2 get another due date',
    '2 get another deadline',
  ]);
});

const BUILT_IN = [
  { field: 'title', from: [{ kind: 'title' as const }] },
  { field: 'due', from: [{ kind: 'deadline' as const }] },
];
const DUE_LATER = { field: 'due', from: [{ kind: 'day' as const, from: 'deadline', plus: 7 }] };
