import { describe, expect, test } from 'vitest';
import { read } from './index.ts';

const forward = (note: string) =>
  new TextEncoder().encode(
    `From: ines@quay.example\nDate: Tue, 24 Nov 2026 11:00:00 +0000\nSubject: Fwd: Form\n\n${note}\n\n---------- Forwarded message ----------\nFrom: Orla <orla@cape.example>\nDate: Mon, 23 Nov 2026 10:00:00 +0000\nSubject: Form\nTo: ines@quay.example\n\nPlease return the signed form by 18 December. It is urgent.\n`,
  );

async function factsOf(note: string) {
  const options = { me: ['ines@quay.example'], zone: 'UTC', dateOrder: 'DMY' } as const;
  const { facts } = await read(forward(note), options, '2026-11-24T14:00:00Z');
  return { due: facts.dates[facts.deadline ?? -1]?.date ?? null, priority: facts.priority?.value ?? null };
}

describe('what the user writes above a forward', () => {
  test.each([
    ['today', '2026-11-24'],
    ['today!', '2026-11-24'],
    ['Friday', '2026-11-27'],
    ['Friday, please', '2026-11-27'],
    ['Tom – Thursday', '2026-11-26'],
    ['next week', '2026-12-04'],
    ['end of the month', '2026-11-30'],
    ['3.12.', '2026-12-03'],
    ['03/12', '2026-12-03'],
    ['Monday 10am', '2026-11-30T10:00'],
    ['heute', '2026-11-24'],
    ['vendredi', '2026-11-27'],
    ['fin de mes', '2026-11-30'],
    ['domani', '2026-11-25'],
    ['volgende week', '2026-12-04'],
    ['i morgon', '2026-11-25'],
    ['fim do mês', '2026-11-30'],
  ])('“%s” is his deadline', async (note, due) => {
    expect((await factsOf(note)).due).toBe(due);
  });

  test.each(['Lunch on Friday', 'Back on Monday', 'I met him on 3 November', 'FYI'])(
    '“%s” is none',
    async (note) => {
      expect((await factsOf(note)).due).toBe('2026-12-18');
    },
  );

  test.each([
    ['low', 'low'],
    ['High!', 'high'],
    ['hoch', 'high'],
    ['basse', 'low'],
    ['The tide is low', 'high'],
  ])('“%s” is the priority %s', async (note, priority) => {
    expect((await factsOf(note)).priority).toBe(priority);
  });
});
