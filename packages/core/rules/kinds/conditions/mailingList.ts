import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { header } from '../../../mail/index.ts';
import { answer, conditionKind } from './kind.ts';

export const mailingList = conditionKind(
  z.strictObject({
    kind: z.literal('mailingList'),
    is: z.array(z.string().trim().toLowerCase().min(1)).default([]),
  }),
  {
    label: 'mailing list',
    doc: 'It came by a mailing list (a header `List-Id`, RFC 2919); if you name some, by one of these.',
    compile:
      ({ is }) =>
      ({ incoming: { reading } }) => {
        const id = header(reading.message, 'List-Id')?.toLowerCase() ?? null;
        const holds = id !== null && (is.length === 0 || is.some((wanted) => id.includes(wanted)));
        return answer(holds, id ?? 'no list');
      },
    say: ({ is }) => (is.length === 0 ? 'came by a mailing list' : `came by the mailing list ${orList(is)}`),
  },
);
