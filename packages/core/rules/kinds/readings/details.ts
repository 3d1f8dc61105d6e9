import { z } from 'zod';
import { FoundValue } from '../../../requests/index.ts';
import { factsIn } from '../../message/factsIn.ts';
import { sayScopes, Scopes } from '../../message/scope.ts';
import { readingBase, readingKind } from './kind.ts';

const NAMES: Record<FoundValue['kind'], string> = {
  money: 'an amount',
  percent: 'a percentage',
  reference: 'a reference number',
  link: 'a link',
  address: 'an address',
  phone: 'a telephone number',
  duration: 'a duration',
};

export const detail = readingKind(
  z.strictObject({ ...readingBase, kind: z.literal('detail'), of: FoundValue.shape.kind, in: Scopes }),
  {
    label: 'a number, an amount, a link',
    doc: 'The first reference number (`reference`), amount (`money`), percentage (`percent`), `link`, `address`, `phone` number or `duration` of the subject, your note and the newest words; of an item those in its own words first.',
    compile:
      ({ of, in: scopes }) =>
      ({ view, unit }) => ({
        found: factsIn(view.incoming.reading.facts.values, scopes, unit)
          .filter(({ kind }) => kind === of)
          .map(({ value, spans }) => ({ value, spans })),
        absent: NAMES[of],
      }),
    say: ({ of, in: scopes }) => `${NAMES[of].replace(/^an? /, 'the first ')}${sayScopes(scopes)}`,
  },
);

const PARTS = {
  starts: 'the start of the event',
  ends: 'the end of the event',
  place: 'the place of the event',
  participants: 'who takes part in the event',
  summary: 'the name of the event',
} as const;

export const event = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('event'),
    part: z.enum(['starts', 'ends', 'place', 'participants', 'summary']).default('starts'),
  }),
  {
    label: 'an event',
    doc: 'What the first event of the message says: when it `starts` or `ends`, its `place`, its `participants`, its `summary` (of an invitation).',
    compile:
      ({ part }) =>
      ({ view }) => {
        const found = view.incoming.reading.facts.events.flatMap((each) => {
          const told = part === 'participants' ? each.participants.join(', ') : (each[part] ?? '');
          // A time that an invitation states in UTC stays one of its day.
          const value = part === 'starts' || part === 'ends' ? told.replace(/Z$/, '') : told;
          return value === '' ? [] : [{ value, spans: each.spans }];
        });
        return { found, absent: PARTS[part] };
      },
    say: ({ part }) => PARTS[part],
  },
);
