import { expect, test } from 'vitest';
import { Context, type RuleInput } from '../rules/index.ts';
import { arriving, version } from '../rules/testRules.ts';
import { openProof } from './index.ts';

async function sample(id: number, subject: string, from = 'a@cape.example') {
  const mail = `From: ${from}\nSubject: ${subject}\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nPlease answer by 3 December.\nNeeded by: 9 December\n`;
  return { id, incoming: await arriving(mail) };
}

type Readings = NonNullable<NonNullable<RuleInput['read']>[number]['from']>;

const rule = (due: Readings, words: string[]) =>
  version({
    name: 'r',
    when: {
      all: [
        { kind: 'words', in: ['subject'], words },
        { kind: 'sender', is: ['cape.example'] },
      ],
    },
    read: [
      { field: 'title', from: [{ kind: 'subject' }] },
      { field: 'due', from: due },
    ],
  });
const CONTEXT = Context.parse({});

test('a proof tells what changes, what is taken, and what is missed by one condition', async () => {
  const samples = [
    await sample(1, 'loan'),
    await sample(2, 'order'),
    await sample(3, 'loan', 'x@other.example'),
  ];
  const live = rule([{ kind: 'deadline' }], ['loan']);
  const next = rule([{ kind: 'pair', labels: ['Needed by'] }], ['loan', 'order']);
  const [changed, claimed, missed] = openProof(samples, [live], CONTEXT)([next], 'r');
  expect(changed).toMatchObject({
    taken: true,
    difference: { kind: 'changed', fields: [{ field: 'due', before: '2026-12-03', after: '2026-12-09' }] },
  });
  expect(claimed).toMatchObject({ taken: true, before: { kind: 'unclaimed' }, after: { kind: 'tasks' } });
  expect(missed).toMatchObject({ taken: false, nearMiss: true, difference: { kind: 'same' } });
});

test('the same rules change nothing', async () => {
  const live = rule([{ kind: 'deadline' }], ['loan']);
  const [proof] = openProof([await sample(1, 'loan')], [live], CONTEXT)([live], 'r');
  expect(proof?.difference).toEqual({ kind: 'same' });
});

test('what the rules make now is the same however often other rules are proved against it', async () => {
  const live = rule([{ kind: 'deadline' }], ['loan']);
  const prove = openProof([await sample(1, 'loan')], [live], CONTEXT);
  const [without] = prove([], 'r');
  expect(without).toMatchObject({ taken: false, before: { kind: 'tasks' }, after: { kind: 'unclaimed' } });
  const [same] = prove([live], 'r');
  expect(same?.difference).toEqual({ kind: 'same' });
  expect(same?.before).toEqual(without?.before);
});
