import { foldWords } from './foldWords.ts';
import type { Reading } from '../reading/index.ts';

/** Fewer letters than these tell no message from another. */
const LEAST = 40;

/**
 * What is the same of a message however it came, by itself or forwarded: who wrote the newest words, and those words.
 * Null where they say too little.
 */
export function originKey({ message, anatomy }: Reading): string | null {
  const words = foldWords(
    anatomy.parts
      .filter(({ kind }) => kind === 'latest')
      .map(({ start, end }) => message.text.slice(start, end))
      .join(''),
  );
  const who = anatomy.who?.address.toLowerCase() ?? '';
  return words.length < LEAST || who === '' ? null : `${who} ${words}`;
}

/** What two deliveries of one message have in common, though its way changed its bytes; null without a Message-ID. */
export function deliveryKey({ message }: Reading): string | null {
  const { messageId, from, subject, text } = message;
  if (messageId === null) return null;
  return `${messageId} ${from?.address.toLowerCase() ?? ''} ${foldWords(subject)} ${foldWords(text)}`;
}
