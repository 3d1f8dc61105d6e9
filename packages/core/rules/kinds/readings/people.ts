import { z } from 'zod';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

export const asker = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('asker'),
    part: z.enum(['name', 'address']).default('name'),
  }),
  {
    label: 'who asks',
    doc: 'The sender of the newest words as the mail names him: his `name` (his address where there is none) or his `address`.',
    compile:
      ({ part }) =>
      ({ view }) => {
        const { who } = view.incoming.reading.anatomy;
        const value = (part === 'name' && who?.name) || (who?.address ?? '');
        return oneOrNone({ value, spans: [] }, 'a sender');
      },
    say: ({ part }) => (part === 'name' ? 'who asks' : 'the address of who asks'),
  },
);

export const person = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('person'),
    part: z.enum(['name', 'organisation', 'groups']).default('name'),
  }),
  {
    label: 'the sender’s person',
    doc: 'What is known of the sender among the people: his `name`, his `organisation` or his `groups`.',
    compile:
      ({ part }) =>
      ({ view }) => {
        const known = view.asker();
        const value = part === 'groups' ? (known?.groups.join(', ') ?? '') : (known?.[part] ?? '');
        return oneOrNone({ value, spans: [] }, known ? `an ${part} of ${known.name}` : 'a known sender');
      },
    say: ({ part }) => `the sender’s ${part}`,
  },
);
