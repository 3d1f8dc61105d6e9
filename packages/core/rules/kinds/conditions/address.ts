import { z } from 'zod';
import { nameKey, orList, sameName } from '../../../tasks/index.ts';
import type { Delivery } from '../../message/incoming.ts';
import { missing } from '../../message/missing.ts';
import { answer, conditionKind, oneOf } from './kind.ts';

/** What an arrival's address may be called by: “Inbox”, its project or mailbox, and the address itself. */
function namesOf({ target, address }: Delivery): string[] {
  const name = target.kind === 'inbox' ? 'Inbox' : target.kind === 'task' ? 'a task' : target.name;
  return [name, ...(address === null ? [] : [address])];
}

export const addressTerms = (delivery: Delivery) =>
  namesOf(delivery).map((name) => `address ${nameKey(name)}`);

export const address = conditionKind(
  z.strictObject({
    kind: z.literal('address'),
    is: z.array(z.string().trim().min(1)).min(1, 'Choose an address.'),
  }),
  {
    label: 'arrives at',
    doc: 'The intake address that it came by: `Inbox`, the name of a project or of a watched mailbox, or the address itself.',
    compile: ({ is }) => {
      const wanted = new Set(is.map(nameKey));
      return ({ incoming: { delivery } }) => {
        const names = namesOf(delivery);
        return answer(
          names.some((name) => wanted.has(nameKey(name))),
          names.join(', '),
        );
      };
    },
    say: ({ is }) => `arrives at ${orList(is)}`,
    terms: ({ is }) => oneOf(is.map((each) => `address ${nameKey(each)}`)),
    rename: (condition, rename) => ({
      ...condition,
      is: condition.is.map((each) => rename('mailbox', rename('project', each))),
    }),
    problems: ({ is }, context) =>
      is
        .filter((name) => !name.includes('@') && nameKey(name) !== 'inbox')
        .filter((name) => !context.mailboxes.some((each) => sameName(each, name)))
        .flatMap((name) => missing(context, 'project', name)),
  },
);
