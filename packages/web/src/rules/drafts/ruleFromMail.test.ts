import type { ArrivalSheet } from '@hatband/contract';
import { expect, test } from 'vitest';
import { ruleFromMail } from './ruleFromMail.ts';

const of = (subject: string, name = 'Orla Penhale', address = 'Orla@Cape.example') =>
  ruleFromMail({
    arrival: { subject, asks: { name, address }, from: { name: 'Ines', address: 'ines@quay.example' } },
  } as ArrivalSheet);

test.each([
  ['Fwd: Re: Loan form for the tide gauge', 'Loan form for'],
  ['[Loans] AW: Rechnung 2026-114', 'Rechnung'],
  ['Gallery 3: humidity out of range', 'Gallery'],
  ['4711', ''],
])('of “%s” the words “%s” are asked for', (subject, words) => {
  const { when } = of(subject);
  const [sender, ...rest] = 'all' in when ? when.all : [];
  expect(sender).toMatchObject({ kind: 'sender', is: ['orla@cape.example'] });
  expect(rest).toMatchObject(words === '' ? [] : [{ kind: 'words', in: ['subject'], words: [words] }]);
});

test('it is named after the sender and the words, and no longer than a name may be', () => {
  expect(of('Loan form').name).toBe('Orla Penhale: Loan form');
  expect(of('Loan form', '').name).toBe('Orla@Cape.example: Loan form');
  expect(of('Loan form', 'x'.repeat(100)).name).toHaveLength(80);
});

test('where nobody is known to ask, the mail’s own sender is meant', () => {
  expect(of('Loan form', '', '').name).toBe('Ines: Loan form');
});
