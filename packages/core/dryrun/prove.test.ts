import { expect, test } from 'vitest';
import { read } from '../reading/index.ts';
import { RuleDefinition, type RuleVersion } from '../rules/index.ts';
import { prove } from './index.ts';

async function sample(id: number, subject: string, from = 'a@cape.example') {
  const mail = `From: ${from}\nSubject: ${subject}\nDate: Mon, 23 Nov 2026 10:00:00 +0000\n\nPlease answer by 3 December.\nNeeded by: 9 December\n`;
  const reading = await read(
    new TextEncoder().encode(mail),
    { me: [], zone: 'UTC', dateOrder: 'DMY' },
    '2026-11-24T14:00:00Z',
  );
  return { id, incoming: { reading, target: { kind: 'inbox' as const } } };
}

function rule(due: RuleDefinition['read'][number]['readings'], words: string[]): RuleVersion {
  const definition = RuleDefinition.parse({
    name: 'r',
    description: '',
    band: { hue: 'tide', pattern: 'plain' },
    when: {
      all: [
        { kind: 'subjectContains', anyOf: words },
        { kind: 'senderIs', anyOf: ['cape.example'] },
      ],
    },
    read: [
      { field: 'title', readings: [{ kind: 'cleanedSubject', id: 't' }], otherwise: null },
      { field: 'due', readings: due, otherwise: null },
    ],
    route: { project: { kind: 'none' } },
  });
  return { ruleId: 'r', version: 1, definition };
}

test('a proof tells what changes, what is taken, and what is missed by one condition', async () => {
  const samples = [
    await sample(1, 'loan'),
    await sample(2, 'order'),
    await sample(3, 'loan', 'x@other.example'),
  ];
  const live = rule([{ kind: 'deadlinePhrase', id: 'd' }], ['loan']);
  const next = rule([{ kind: 'labelledLine', id: 'l', labels: ['Needed by'] }], ['loan', 'order']);
  const [changed, claimed, missed] = prove(samples, [live], [next], 'r');
  expect(changed).toMatchObject({
    taken: true,
    difference: { kind: 'changed', fields: [{ field: 'due', before: '2026-12-03', after: '2026-12-09' }] },
  });
  expect(claimed).toMatchObject({ taken: true, before: { kind: 'unclaimed' }, after: { kind: 'tasks' } });
  expect(missed).toMatchObject({ taken: false, nearMiss: true, difference: { kind: 'same' } });
});

test('the same rules change nothing', async () => {
  const live = rule([{ kind: 'deadlinePhrase', id: 'd' }], ['loan']);
  const [proof] = prove([await sample(1, 'loan')], [live], [live], 'r');
  expect(proof?.difference).toEqual({ kind: 'same' });
});
