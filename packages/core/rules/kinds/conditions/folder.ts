import { z } from 'zod';
import { nameKey, quoted } from '../../../tasks/index.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

export const folder = conditionKind(
  z.strictObject({
    kind: z.literal('folder'),
    is: z.array(z.string().trim().min(1)).min(1, 'Name a folder.'),
  }),
  {
    label: 'folder',
    doc: 'It lies in one of these folders of its mailbox.',
    compile: ({ is }) => {
      const wanted = is.map(nameKey);
      return ({ incoming: { delivery } }) =>
        answer(wanted.includes(nameKey(delivery.folder ?? '')), delivery.folder ?? 'no folder');
    },
    say: ({ is }) => `lies in the folder ${quoted(is)}`,
    terms: ({ is }) => oneOf(is.map((each) => `folder ${nameKey(each)}`)),
  },
);
