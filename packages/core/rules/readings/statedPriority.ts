import { z } from 'zod';
import { readingBase, readingKind } from './kind.ts';

const schema = z.object({ ...readingBase, kind: z.literal('statedPriority') });

export const statedPriority = readingKind(schema, {
  label: 'the priority in the words',
  doc: 'Words such as “urgent” or “no rush” in your note, the subject or the newest words, else the importance that the mail was sent with.',
  fields: ['priority'],
  find: (_, { reading }) => {
    const { priority } = reading.facts;
    return priority
      ? { value: priority.value, spans: priority.spans }
      : { missed: { why: 'absent', what: 'a word about its urgency' } };
  },
  say: () => 'the priority in the words',
});
