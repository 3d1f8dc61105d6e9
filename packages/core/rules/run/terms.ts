import { labelKey, nameKey } from '../../tasks/index.ts';
import { addressTerms } from '../kinds/conditions/address.ts';
import { isReply } from '../kinds/conditions/reply.ts';
import { whoTerms } from '../kinds/conditions/who.ts';
import { wordTerms } from '../kinds/conditions/words.ts';
import { addressOf, type View } from '../message/view.ts';

/** All terms of the index that a message has; see `terms` of the kinds of conditions. */
export function termsOf(view: View): string[] {
  const { reading, delivery, tasks } = view.incoming;
  const { message, anatomy, facts } = reading;
  const one = (holds: boolean, term: string) => (holds ? [term] : []);
  return [
    `source ${delivery.source}`,
    ...addressTerms(delivery),
    ...(delivery.plusWord === null ? [] : [`plus-word ${nameKey(delivery.plusWord)}`]),
    ...delivery.labels.map((label) => `label ${nameKey(label)}`),
    ...one(delivery.flagged, 'flagged'),
    ...(delivery.folder === null ? [] : [`folder ${nameKey(delivery.folder)}`]),
    ...view.senders.flatMap((address) => whoTerms('sender', address)),
    ...[...message.to, ...message.cc].flatMap(addressOf).flatMap((address) => whoTerms('recipient', address)),
    ...one(message.attachments.length > 0, 'attachment'),
    ...(facts.automatic === null ? [] : [`automatic ${facts.automatic}`]),
    ...one(anatomy.forwarded, 'forward'),
    ...one(isReply(view.incoming), 'reply'),
    ...one(
      tasks.thread.some(({ open }) => open),
      'thread task',
    ),
    ...one(facts.deadline !== null, 'deadline'),
    ...one(facts.items.length > 0, 'items'),
    ...one(
      facts.values.some(({ kind }) => kind === 'money'),
      'amount',
    ),
    ...facts.pairs.map(({ label }) => `pair ${labelKey(label)}`),
    ...wordTerms(`${view.folded('subject')}\n${view.folded('whole')}`),
  ];
}
