import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';
import { isMeant, meantTerms, strangers, Who, whoIsMeant } from './who.ts';

export const sender = conditionKind(
  z.strictObject({ kind: z.literal('sender'), is: z.array(Who).min(1, 'Name a sender.') }),
  {
    label: 'sender',
    doc: 'The sender of the message, or of the newest words in a forwarded one, is one of these: an address, a domain (`northcape.example` takes those below it too), a person, a group of people, or `me`.',
    compile: ({ is }, context) => {
      const meant = whoIsMeant(is, context);
      return ({ senders }) =>
        answer(
          senders.some((each) => isMeant(meant, each)),
          senders.join(', ') || 'no sender',
        );
    },
    say: ({ is }) => `is from ${orList(is)}`,
    terms: ({ is }, context) => meantTerms('sender', whoIsMeant(is, context)),
    rename: (condition, rename) => ({ ...condition, is: condition.is.map((each) => rename('who', each)) }),
    problems: ({ is }, context) => strangers(is, context),
  },
);
