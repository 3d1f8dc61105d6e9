import { expect, test } from 'vitest';
import { Calendar } from '../../dates/index.ts';
import type { FieldKind } from '../../tasks/index.ts';
import { arriving } from '../testRules.ts';
import { MAIL, PLAIN } from '../kinds/readings/testMails.ts';
import { candidatesIn } from './candidates.ts';

const setting = {
  reference: '2026-11-23T09:00',
  zone: 'UTC',
  dateOrder: 'DMY' as const,
  calendar: Calendar.parse({}),
  people: [
    { name: 'Orla Penhale', addresses: ['orla@loans.cape.example'], organisation: null, groups: [] },
    { name: 'Tom', addresses: [], organisation: null, groups: [] },
  ],
};

const valuesIn = async (mail: string, name: string, kind: FieldKind, choices: string[] = []) => {
  const { reading } = await arriving(mail);
  return candidatesIn(reading, { name, kind, choices, decimal: null }, setting);
};
const only = async (...args: Parameters<typeof valuesIn>) =>
  (await valuesIn(...args)).map(({ value }) => value);

test('days: the deadline first, then the others, each once', async () => {
  const [first, ...others] = await only(MAIL, 'due', 'date');
  expect(first).toBe('2026-12-07');
  expect(others).toContain('2026-12-03');
  expect(new Set([first, ...others]).size).toBe(others.length + 1);
  expect(await only(MAIL, 'due', 'date and time')).toContain('2026-12-03T10:00');
});

test('a line with the field’s own label comes first, with its words', async () => {
  const [first] = await valuesIn(MAIL, 'Object', 'text');
  expect(first?.value).toBe('Tide gauge no. 4');
  expect(first?.spans[0]?.quote).toContain('Tide gauge no. 4');
  expect((await only(MAIL, 'Ticket', 'text'))[0]).not.toBe('Tide gauge no. 4');
});

test.each<[FieldKind, unknown]>([
  ['money', { amount: 1412.5, currency: 'EUR' }],
  ['duration', 'PT1H30M'],
  ['link', 'https://cape.example/form'],
])('what can be of the kind %s', async (kind, value) => {
  expect(await only(MAIL, 'Some field', kind)).toContainEqual(value);
});

test('choices and projects are offered where their names stand by themselves', async () => {
  expect(await only(MAIL, 'Room', 'choice', ['boat house', 'North hall', 'Boat', 'tal'])).toEqual([
    'boat house',
    'Boat',
    'North hall',
  ]);
  const [project] = await valuesIn(MAIL, 'project', 'project', ['Visits', 'Loan form']);
  expect(project).toMatchObject({ value: 'Loan form', spans: [{ part: 'subject', quote: 'Loan form' }] });
});

test('people are offered who are named, or who wrote', async () => {
  expect(await only(MAIL, 'assignee', 'person')).toEqual(['Orla Penhale']);
  expect(
    await only('From: Ines <i@quay.example>\nSubject: Hall\n\nTom books it.', 'assignee', 'person'),
  ).toEqual(['Tom']);
});

test('a letter that holds nothing of the kind offers nothing', async () => {
  for (const kind of ['date', 'money', 'duration', 'link', 'choice', 'yes/no', 'long text'] as const)
    expect(await only(PLAIN, 'Some field', kind, ['Boat House'])).toEqual([]);
});
