import { expect, test } from 'vitest';
import { arriving } from '../testRules.ts';
import { idsOf, knownTasks, referencesIn, referencesOf } from './knownTasks.ts';

const task = (key: string) => ({ key, title: `Task ${key}`, open: true });

test('several tasks may bear one number; each number has its own', () => {
  const named = [
    { reference: 'BLD-1', task: task('1') },
    { reference: 'BLD-2', task: task('2') },
    { reference: 'BLD-1', task: task('3') },
  ];
  const known = knownTasks({ thread: [task('4')], named, ofAddress: null, ofOriginal: [] });
  expect(known.byReference).toEqual({ 'BLD-1': [task('1'), task('3')], 'BLD-2': [task('2')] });
  expect(known.thread).toEqual([task('4')]);
});

test('a message is of one thread with what it answers and what that refers to', async () => {
  const { reading } = await arriving(
    'From: a@cape.example\nMessage-ID: <c@cape.example>\nIn-Reply-To: <b@cape.example>\nReferences: <a@cape.example>\n <b@cape.example>\nSubject: Re: Crates\n\nYes.\n',
  );
  expect(idsOf(reading.message)).toEqual(['c@cape.example', 'b@cape.example', 'a@cape.example']);
});

test('numbers stand in messages, in titles and in own fields, each once', async () => {
  const { reading } = await arriving(
    'From: a@cape.example\nSubject: [BLD-0421] Case 7\n\nPlease look at BLD-0421 and BLD-0422.\n',
  );
  expect(referencesIn(reading)).toEqual(['BLD-0421', 'BLD-0422']);
  expect(referencesOf({ title: 'Case 7 (BLD-0421)', fields: { Ticket: 'BLD-0423', Size: 'large' } })).toEqual(
    ['BLD-0421', 'BLD-0423'],
  );
});
