import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { addressOf } from '../../message/view.ts';
import { answer, conditionKind } from './kind.ts';
import { isMeant, meantTerms, strangers, Who, whoIsMeant } from './who.ts';

export const recipient = conditionKind(
  z.strictObject({
    kind: z.literal('recipient'),
    is: z.array(Who).min(1, 'Name a recipient.'),
    in: z.enum(['to', 'cc', 'to or cc']).default('to or cc'),
  }),
  {
    label: 'recipient',
    doc: 'One of the recipients (`"in": "to"`, `"cc"` or both) is one of these: an address, a domain, a person, a group, or `me`.',
    compile: (condition, context) => {
      const meant = whoIsMeant(condition.is, context);
      return ({ incoming: { reading } }) => {
        const { to, cc } = reading.message;
        const lists = { to, cc, 'to or cc': [...to, ...cc] };
        const addresses = lists[condition.in].flatMap(addressOf);
        return answer(
          addresses.some((each) => isMeant(meant, each)),
          addresses.join(', ') || 'no recipient',
        );
      };
    },
    say: (condition) => `is ${condition.in === 'cc' ? 'copied' : 'sent'} to ${orList(condition.is)}`,
    terms: ({ is }, context) => meantTerms('recipient', whoIsMeant(is, context)),
    rename: (condition, rename) => ({ ...condition, is: condition.is.map((each) => rename('who', each)) }),
    problems: ({ is }, context) => strangers(is, context),
  },
);
