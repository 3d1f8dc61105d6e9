import * as contract from '@hatband/contract';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { searchExpression } from '../src/search/expression.ts';
import { settled, startTestServer, tasksOf, type TestServer } from './testServer.ts';

const WITH_FILE = [
  'From: runa@quay.example',
  'Subject: The plan',
  'Content-Type: multipart/mixed; boundary=b',
  '',
  '--b',
  'Content-Type: text/plain',
  '',
  'It is attached.',
  '--b',
  'Content-Type: text/plain',
  'Content-Disposition: attachment; filename=gauge-plan.txt',
  '',
  'x',
  '--b--',
].join('\r\n');

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  await server.send({
    subject: 'The sextant',
    from: 'Orla Penhale <orla@northcape.example>',
    text: 'Please pack the große Kiste for the sextant.',
  });
  await server.send({ subject: 'Lunch', from: 'bram@lowtide.example', text: 'Please bring soup to Élodie.' });
  await server.send({ raw: WITH_FILE });
  await settled(server, 3);
});
afterEach(() => server.end());

const search = async (query: contract.SearchQuery) => (await server.ask(contract.search, { query })).items;
const names = async (words: string) =>
  (await search({ words })).map(({ kind, title }) => `${kind}: ${title.map((part) => part.words).join('')}`);

test.each([
  ['sext', ['task', 'message']],
  ['KISTE grosse', []],
  ['große kiste', ['message']],
  ['elodie', ['message']],
  ['gauge-plan', ['message']],
  ['penhale', ['message']],
  ['“pack the”', ['message']],
  ['"the pack"', []],
  ['', []],
  ['"* OR (', []],
  ['nothing here', []],
])('“%s” finds what has the words, by their beginnings', async (words, kinds) => {
  const found = (await search({ words })).map(({ kind }) => kind);
  for (const kind of kinds) expect(found).toContain(kind);
  if (kinds.length === 0) expect(found).toEqual([]);
});

test('what is found has the words marked', async () => {
  const message = (await search({ words: 'sext', kind: 'message' }))[0];
  expect(message?.title).toEqual([
    { words: 'The ', hit: false },
    { words: 'sextant', hit: true },
  ]);
  expect(message?.who).toBe('Orla Penhale');
});

test('a task is found by its new values and its comments, and not from the bin', async () => {
  const task = (await tasksOf(server)).find(({ source }) => source.subject === 'The sextant');
  const id = task?.id ?? 0;
  await server.ask(contract.changeTasks, {
    body: {
      ids: [id],
      change: {
        title: 'Pack the theodolite',
        fields: { Lender: 'Kogge-Archiv' },
        tags: ['fragile'],
        checklist: [{ text: 'Borrow straps', done: false }],
      },
    },
  });
  await server.ask(contract.addComment, { params: { id }, body: { text: 'Astrid knows the way.' } });
  for (const words of ['theodolite', 'kogge', 'fragile', 'straps', 'astrid way'])
    expect(await names(words), words).toContain('task: Pack the theodolite');
  expect(await names('lender')).toEqual([]);
  await server.ask(contract.changeTasks, { body: { ids: [id], change: { deleted: true } } });
  expect(await names('theodolite')).toEqual([]);
});

test('filters choose by person, day, project and kind', async () => {
  const today = (await server.ask(contract.getHealth)).now.slice(0, 10);
  const please = (more: Partial<contract.SearchQuery>) => search({ words: 'please', ...more });
  expect(await please({ kind: 'message' })).toHaveLength(2);
  expect(await please({ kind: 'message', person: 'orla@northcape.example' })).toHaveLength(1);
  expect(await please({ from: today, to: today })).not.toHaveLength(0);
  expect(await please({ to: '2001-01-01' })).toEqual([]);
  expect(await please({ project: 'none' })).toEqual([]);
});

test('signs that mean something to the index are words like others', () => {
  expect(searchExpression('SQ-0242 "tide gauge"')).toBe('"SQ-0242" * AND "tide gauge"');
  expect(searchExpression('a NEAR(b) * - "')).toBe('"a" * AND "NEAR(b)" *');
  expect(searchExpression('—')).toBeNull();
});
