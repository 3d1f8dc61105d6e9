import { z } from 'zod';
import { answer, conditionKind, oneOf } from './kind.ts';

const WORDS = { reply: 'is an automatic reply', notice: 'was sent by a machine of its own accord' } as const;

export const automatic = conditionKind(
  z.strictObject({
    kind: z.literal('automatic'),
    is: z
      .array(z.enum(['reply', 'notice']))
      .min(1, 'Choose a kind.')
      .default(['reply', 'notice']),
  }),
  {
    label: 'automatic mail',
    doc: 'Nobody wrote it: an automatic reply (`reply`: an absence note, a bounce, a receipt) or a machine sent it of its own accord (`notice`). Mail that answers itself reaches only rules that name this condition.',
    compile:
      ({ is }) =>
      ({ incoming: { reading } }) => {
        const { automatic: kind } = reading.facts;
        return answer(
          kind !== null && is.includes(kind),
          kind === null ? 'mail that somebody wrote' : WORDS[kind],
        );
      },
    say: ({ is }) => is.map((each) => WORDS[each]).join(' or '),
    terms: ({ is }) => oneOf(is.map((each) => `automatic ${each}`)),
  },
);
