import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { SOURCE_NAMES, SourceKind } from '../../message/incoming.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

export const source = conditionKind(
  z.strictObject({ kind: z.literal('source'), is: z.array(SourceKind).min(1, 'Choose a way in.') }),
  {
    label: 'source',
    doc: 'The way it came in: `smtp` (mail to an intake address), `mailbox` (a watched one), `file`, `http` or `practice`.',
    compile:
      ({ is }) =>
      ({ incoming: { delivery } }) =>
        answer(is.includes(delivery.source), SOURCE_NAMES[delivery.source]),
    say: ({ is }) => `came by ${orList(is.map((each) => SOURCE_NAMES[each]))}`,
    terms: ({ is }) => oneOf(is.map((each) => `source ${each}`)),
  },
);
