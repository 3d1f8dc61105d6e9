import { z } from 'zod';
import { readingBase, readingKind } from './kind.ts';

const schema = z.object({ ...readingBase, kind: z.literal('deadlinePhrase') });

export const deadlinePhrase = readingKind(schema, {
  label: 'the deadline in the words',
  doc: 'The day by which the message wants something: your note before the newest words, the earliest of several.',
  fields: ['due'],
  find: (_, { reading }) => {
    const { deadline, dates } = reading.facts;
    const found = deadline === null ? undefined : dates[deadline];
    return found
      ? { value: found.date, spans: found.spans }
      : { missed: { why: 'absent', what: 'a deadline' } };
  },
  say: () => 'the deadline in the words',
});
