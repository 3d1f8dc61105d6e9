import { detectLanguage, fold, type LanguageCode } from '../../languages/index.ts';
import type { Mailbox } from '../../mail/index.ts';
import { findPerson, nameKey, type Person } from '../../tasks/index.ts';
import type { Reading } from '../../reading/index.ts';
import type { Context } from './context.ts';
import type { Incoming } from './incoming.ts';
import { scopeText, type MessageScope, type ScopeText } from './scope.ts';

/** A message as conditions and readings look at it; what is costly is worked out once, when it is asked for. */
export interface View {
  incoming: Incoming;
  context: Context;
  text: (scope: MessageScope) => ScopeText;
  /** The text in lower case, without accents, as long as it was. */
  folded: (scope: MessageScope) => string;
  /** Addresses, in lower case: who wrote the newest words, and who sent the message. */
  senders: readonly string[];
  /** Who is known to have written the newest words. */
  asker: () => Person | undefined;
  language: () => LanguageCode | null;
  /** The wall clock from which words like “Friday” are read. */
  reference: string;
}

export function viewOf(incoming: Incoming, context: Context): View {
  const { reading, delivery } = incoming;
  const { message, anatomy } = reading;
  const texts = memo((scope: MessageScope) => scopeText(reading, scope), JSON.stringify);
  const folded = memo((scope: MessageScope) => fold(texts(scope).value), JSON.stringify);
  const asker = memo(
    () => personOf(context.people, anatomy.who),
    () => '',
  );
  const language = memo(
    () => detectLanguage(`${message.subject}\n${texts('newest').value}`),
    () => '',
  );
  return {
    incoming,
    context,
    text: texts,
    folded,
    senders: [...new Set([anatomy.who, message.from].flatMap(addressOf))],
    asker: () => asker(undefined),
    language: () => language(undefined),
    reference: referenceOf(reading, delivery.at),
  };
}

/** The wall clock from which a message’s words are read: when its newest were sent, or else when it came. */
export const referenceOf = ({ message, anatomy }: Reading, arrivedAt: string): string =>
  (anatomy.sentAt ?? message.sentAt ?? arrivedAt).slice(0, 16);

function memo<A, R>(work: (given: A) => R, keyOf: (given: A) => string): (given: A) => R {
  const known = new Map<string, { result: R }>();
  return (given) => {
    const key = keyOf(given);
    const entry = known.get(key) ?? { result: work(given) };
    known.set(key, entry);
    return entry.result;
  };
}

export const addressOf = (mailbox: Mailbox | null): string[] =>
  mailbox === null || mailbox.address === '' ? [] : [mailbox.address.toLowerCase()];

/** Somebody who is known by his address, else by his name. */
const personOf = (people: readonly Person[], mailbox: Mailbox | null): Person | undefined =>
  addressOf(mailbox)
    .map((address) => findPerson(people, address))
    .find(Boolean) ?? people.find(({ name }) => mailbox !== null && nameKey(name) === nameKey(mailbox.name));
