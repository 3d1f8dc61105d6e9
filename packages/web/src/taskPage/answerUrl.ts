import type { ArrivalSheet } from '@hatband/contract';
import type { Mailbox } from '@hatband/core/mail';
import { replySubject } from '@hatband/core/requests';

/** Whom an answer goes to, and what it answers. */
export interface Answered {
  to: Mailbox;
  subject: string;
  /** The Message-ID of the message itself; that of a forwarded one is not known. */
  messageId: string | null;
}

/** What an answer to a message's newest words answers; null where nobody wrote it. */
export function answeredBy({ read }: Pick<ArrivalSheet, 'read'>): Answered | null {
  if (!read) return null;
  const to = read.anatomy.who ?? read.message.from;
  if (!to?.address) return null;
  return {
    to,
    subject: read.message.subject,
    messageId: read.anatomy.forwarded ? null : read.message.messageId,
  };
}

/** A new message in the mail program (RFC 6068), as a reply. */
export function answerUrl({ to, subject, messageId }: Answered): string {
  const fields = {
    subject: replySubject(subject),
    ...(messageId === null ? {} : { 'in-reply-to': withBrackets(messageId) }),
  };
  const query = Object.entries(fields).map(([name, value]) => `${name}=${encodeURIComponent(value)}`);
  return `mailto:${encodeURIComponent(to.address).replaceAll('%40', '@')}?${query.join('&')}`;
}

/** The message itself, in a program that has it (RFC 2392). */
export const midUrl = (messageId: string) => `mid:${encodeURIComponent(messageId.replace(/^<|>$/g, ''))}`;

const withBrackets = (id: string) => (id.startsWith('<') ? id : `<${id}>`);
