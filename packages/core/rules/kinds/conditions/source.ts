import { z } from 'zod';
import { SourceKind } from '../../message/incoming.ts';
import { answer, conditionKind, oneOf, orList } from './kind.ts';

const NAMES: Record<SourceKind, string> = {
  smtp: 'an intake address',
  mailbox: 'a watched mailbox',
  file: 'a file',
  http: 'HTTP',
  practice: 'the practice mailbox',
};

export const source = conditionKind(
  z.strictObject({ kind: z.literal('source'), is: z.array(SourceKind).min(1, 'Choose a way in.') }),
  {
    label: 'source',
    doc: 'The way it came in: `smtp` (mail to an intake address), `mailbox` (a watched one), `file`, `http` or `practice`.',
    compile:
      ({ is }) =>
      ({ incoming: { delivery } }) =>
        answer(is.includes(delivery.source), NAMES[delivery.source]),
    say: ({ is }) => `came by ${orList(is.map((each) => NAMES[each]))}`,
    terms: ({ is }) => oneOf(is.map((each) => `source ${each}`)),
  },
);
