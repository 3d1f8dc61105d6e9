import { expect, test } from 'vitest';
import { findDates, spokenIn } from '../dates/index.ts';
import type { LanguageCode } from '../languages/index.ts';
import { findEvents, findPairs } from './index.ts';

const options = { reference: '2026-03-10T10:00', zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;

function eventsIn(text: string, language: LanguageCode) {
  const sentences = spokenIn(text, language);
  const words = (slice: { start: number; end: number }) => text.slice(slice.start, slice.end);
  return findEvents(sentences, findDates(sentences, options), findPairs(text)).map(
    ({ starts, ends, place, participants }) => [starts, ends, place && words(place), participants.map(words)],
  );
}

test.each<[LanguageCode, string, unknown]>([
  [
    'en',
    'The meeting is on 24 March from 14:00 to 16:00 in the library with Dana, Tom Quill and Odile.',
    ['2026-03-24T14:00', '2026-03-24T16:00', 'the library', ['Dana', 'Tom Quill', 'Odile']],
  ],
  ['en', 'The concert takes place on Thursday at half past twelve.', ['2026-03-12', null, null, []]],
  ['en', 'The exhibition runs from 12 to 30 June.', ['2026-06-12', '2026-06-30', null, []]],
  [
    'de',
    'Das Konzert findet am 11. April um 19:30 Uhr im Gemeindesaal statt.',
    ['2026-04-11T19:30', null, 'Gemeindesaal', []],
  ],
  [
    'fr',
    'La réunion aura lieu le 8 avril à 18 h 30 en salle polyvalente.',
    ['2026-04-08T18:30', null, 'salle polyvalente', []],
  ],
  [
    'es',
    'La reunión será el 8 de abril a las 19:00 en el ayuntamiento, con Gastón.',
    ['2026-04-08T19:00', null, 'ayuntamiento', ['Gastón']],
  ],
  [
    'nl',
    'De vergadering is op 6 april om 20:00 uur in het clubhuis.',
    ['2026-04-06T20:00', null, 'het clubhuis', []],
  ],
  [
    'it',
    'La riunione si terrà il 6 aprile alle 20:00 presso la sede.',
    ['2026-04-06T20:00', null, 'la sede', []],
  ],
  ['sv', 'Mötet hålls den 6 april klockan 20 på biblioteket.', ['2026-04-06T20:00', null, 'biblioteket', []]],
])('an event in %s: %s', (language, text, event) => {
  expect(eventsIn(text, language)).toEqual([event]);
});

test('labelled lines say where and who', () => {
  expect(
    eventsIn(
      'The workshop takes place on 24 March at 10:00.\n\nPlace: Hall 2\nAttendees: Dana and Bo\n',
      'en',
    ),
  ).toEqual([['2026-03-24T10:00', null, 'Hall 2', ['Dana', 'Bo']]]);
});

test('a deadline is no event', () => {
  expect(eventsIn('Please send the form by 24 March.', 'en')).toEqual([]);
});
