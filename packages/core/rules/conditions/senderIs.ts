import { z } from 'zod';
import { conditionKind, orList } from './kind.ts';

const Who = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[^\s@]*@?[^\s@]+\.[^\s@]+$/, 'An address (name@firm.example) or a domain (firm.example).');

const schema = z.object({ kind: z.literal('senderIs'), anyOf: z.array(Who).min(1, 'Name a sender.') });

function matches(wanted: string, address: string): boolean {
  if (wanted.includes('@') && !wanted.startsWith('@')) return address === wanted;
  const domain = wanted.replace('@', '');
  return address.endsWith(`@${domain}`) || address.endsWith(`.${domain}`);
}

export const senderIs = conditionKind(schema, {
  label: 'sender is',
  doc: 'The sender of the message, or of the newest words in a forwarded one, has one of these addresses or domains.',
  test: ({ anyOf }, { reading }) => {
    const senders = [reading.anatomy.who?.address, reading.message.from?.address]
      .filter((address) => address !== undefined && address !== '')
      .map((address) => (address ?? '').toLowerCase());
    return {
      holds: senders.some((address) => anyOf.some((wanted) => matches(wanted, address))),
      saw: [...new Set(senders)].join(', ') || 'no sender',
      spans: [],
    };
  },
  say: ({ anyOf }) => `is from ${orList(anyOf)}`,
});
