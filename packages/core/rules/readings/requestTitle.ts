import { z } from 'zod';
import { shortTitle } from '../../tasks/index.ts';
import { readingBase, readingKind } from './kind.ts';

const schema = z.object({ ...readingBase, kind: z.literal('requestTitle') });

export const requestTitle = readingKind(schema, {
  label: 'what it asks for',
  doc: 'Your own title where you gave one, else the request as a short phrase that begins with its verb, else the subject.',
  fields: ['title'],
  find: (_, { reading }) => {
    const { value, spans } = reading.facts.title;
    const title = shortTitle(value);
    return title === ''
      ? { missed: { why: 'absent', what: 'a request or a subject' } }
      : { value: title, spans };
  },
  say: () => 'what it asks for',
});
