import type { Mailbox } from '../mail/index.ts';
import type { Reading } from '../reading/index.ts';
import { isSameSending } from './sameSending.ts';

/** Fewer letters than these tell no message from another. */
const LEAST = 40;

/** What an arrival shows of the message whose newest words it brings, whether that came by itself or forwarded. */
export interface Original {
  /** Its writer and its words: what is alike is worth a question. Null where they say too little. */
  alike: string | null;
  /** Its writer, words, subject and attachments: what agrees in all of them may be one message. */
  exact: string | null;
  /** Its own (RFC 5322, section 3.6.4), where it came with it. */
  messageId: string | null;
  sentAt: string | null;
}

export function originalOf(reading: Reading): Original {
  const { message, anatomy } = reading;
  const words = foldWords(textOf(reading, ({ kind }) => kind === 'latest'));
  const who = anatomy.who?.address.toLowerCase() ?? '';
  const alike = words.length < LEAST || who === '' ? null : `${who} ${words}`;
  return {
    alike,
    exact:
      alike &&
      JSON.stringify([alike, foldWords(anatomy.originalSubject ?? message.subject), attachmentsOf(reading)]),
    messageId: messageIdOf(reading),
    sentAt: anatomy.sentAt ?? message.sentAt,
  };
}

type Sending = Pick<Original, 'messageId' | 'sentAt'>;

/** Whether two of the same words can be one sending: by their Message-IDs where both are known, and by their times. */
export const mayBeOneSending = (a: Sending, b: Sending): boolean =>
  (a.messageId === null || b.messageId === null || a.messageId === b.messageId) &&
  isSameSending(a.sentAt, b.sentAt);

/** What whoever sent it on wrote above the newest words, whether it asks for something or not. */
export const coveringWords = (reading: Reading): string => {
  const latest = reading.anatomy.parts.findIndex(({ kind }) => kind === 'latest');
  const above = new Set(reading.anatomy.parts.slice(0, Math.max(latest, 0)));
  return textOf(
    reading,
    (part) => above.has(part) && (part.kind === 'note' || part.kind === 'history'),
  ).trim();
};

/** What two deliveries of one message have in common, though its way changed its bytes; null without a Message-ID. */
export function deliveryKey(reading: Reading): string | null {
  const { messageId, from, subject, text } = reading.message;
  if (messageId === null) return null;
  const sender = from?.address.toLowerCase() ?? '';
  return JSON.stringify([messageId, sender, foldWords(subject), foldWords(text), attachmentsOf(reading)]);
}

/** What a layout may change is left out: blanks, quote marks, emphasis. Figures keep their points and signs. */
const foldWords = (text: string) =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[\s>|*_"'“”„‘’`´\u00AD\u200B-\u200F]+/g, '');

const attachmentsOf = ({ message }: Reading) =>
  message.attachments
    .map(({ name, size, digest }) => [name, size, digest])
    .toSorted((a, b) => (String(a) < String(b) ? -1 : 1));

const textOf = (
  { message, anatomy }: Reading,
  is: (part: Reading['anatomy']['parts'][number]) => boolean,
): string =>
  anatomy.parts
    .filter(is)
    .map(({ start, end }) => message.text.slice(start, end))
    .join('');

/** Of the message itself, or of the attached one whose words are the newest; a forward within the text tells none. */
function messageIdOf({ message, anatomy }: Reading): string | null {
  const latest = anatomy.parts.findIndex(({ kind }) => kind === 'latest');
  if (latest === -1) return null;
  if (!anatomy.parts.slice(0, latest).some(({ kind }) => kind === 'heading') && message.attached.length === 0)
    return message.messageId;
  const start = anatomy.parts[latest]?.start ?? 0;
  const inner = message.attached.findLast((attached) => attached.start <= start);
  if (inner?.sentAt !== anatomy.sentAt || !isSameMailbox(inner.from, anatomy.who)) return null;
  return inner.messageId;
}

const isSameMailbox = (a: Mailbox | null, b: Mailbox | null) =>
  a !== null && b !== null && a.address.toLowerCase() === b.address.toLowerCase();
