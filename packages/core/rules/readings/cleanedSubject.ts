import { z } from 'zod';
import { shortTitle } from '../../tasks/index.ts';
import { readingBase, readingKind } from './kind.ts';

const schema = z.object({ ...readingBase, kind: z.literal('cleanedSubject') });

export const cleanedSubject = readingKind(schema, {
  label: 'the subject',
  doc: 'The subject without prefixes such as `Re:` and `Fwd:` and without list tags in brackets.',
  fields: ['title'],
  find: (_, { reading }) => {
    const { value, spans } = reading.facts.subject;
    const title = shortTitle(value);
    return title === '' ? { missed: { why: 'absent', what: 'a subject' } } : { value: title, spans };
  },
  say: () => 'the subject',
});
