import type { Letter } from '@hatband/contract';
import { parseSenders } from '@hatband/core/intake';
import { decode, type Message } from '@hatband/core/mail';
import { randomUUID } from 'node:crypto';
import { createTransport } from 'nodemailer';
import MailComposer from 'nodemailer/lib/mail-composer';
import type { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, messageOf } from '../errors.ts';
import type { Store } from '../store/index.ts';
import type { PracticeNews } from './account.ts';
import { insertPractice, practiceRow } from './practice.ts';

interface Sending {
  store: Store;
  news: PracticeNews;
  clock: Clock;
  /** Whose mailbox it is. */
  own: string;
  /** Where Hatband's own addresses are, and where it receives their mail. */
  domain: string;
  smtp: { host: string; port: number };
}

interface Delivered {
  to: string;
  ok: boolean;
  words: string;
}

/**
 * Sends a letter of the practice mailbox: to Hatband's addresses over SMTP, as any mail program would; to its own
 * address into its inbox; all others get nothing, for they are invented. The letter stands among the sent ones.
 */
export async function sendLetter(sending: Sending, letter: z.infer<typeof Letter>): Promise<Delivered[]> {
  const { store, news, clock } = sending;
  const recipients = parseSenders(`${letter.to},${letter.copy}`);
  const wrong = recipients.find((each) => !/^[^\s@]+@[^\s@]+$/.test(each));
  if (wrong !== undefined || recipients.length === 0) {
    const message = `${wrong ?? 'Nobody'} is no address.`;
    throw new Failure('input', message, [{ path: 'to', message }]);
  }
  const bytes = await compose(sending, letter);
  const delivered: Delivered[] = [];
  for (const to of recipients) delivered.push(await deliver(sending, bytes, to));
  const at = clock();
  await store.write(async (trx) => {
    await insertPractice(trx, { folder: 'Sent', bytes, seen: true, at });
    if (recipients.some((to) => isOwn(to, sending.own)))
      await insertPractice(trx, { folder: 'INBOX', bytes, seen: false, at });
  });
  news.emit('news');
  return delivered;
}

/** Its plus-words are the same mailbox. */
function isOwn(to: string, own: string): boolean {
  const [local = '', at] = to.split('@');
  return `${local.split('+')[0] ?? ''}@${at ?? ''}` === own;
}

async function deliver({ own, domain, smtp }: Sending, bytes: Buffer, to: string): Promise<Delivered> {
  if (isOwn(to, own)) return { to, ok: true, words: 'It lies in the inbox.' };
  if (!to.endsWith(`@${domain}`)) return { to, ok: true, words: 'Sent; in practice it goes no further.' };
  const transport = createTransport({ ...smtp, secure: false, ignoreTLS: true });
  try {
    const { response } = await transport.sendMail({ envelope: { from: own, to }, raw: bytes });
    return { to, ok: true, words: response };
  } catch (error) {
    const response =
      error instanceof Error && 'response' in error ? String(error.response) : messageOf(error);
    return { to, ok: false, words: response };
  } finally {
    transport.close();
  }
}

async function compose({ store, own, clock }: Sending, letter: z.infer<typeof Letter>): Promise<Buffer> {
  const original = letter.of ? await decode((await practiceRow(store, letter.of.uid)).bytes) : null;
  const answers = letter.of?.how === 'reply' ? (original?.messageId ?? undefined) : undefined;
  const composer = new MailComposer({
    from: own,
    to: letter.to,
    ...(letter.copy === '' ? {} : { cc: letter.copy }),
    subject: letter.subject,
    text: original && letter.of ? `${letter.text}\n\n${below(original, letter.of.how)}` : letter.text,
    date: clock(),
    messageId: `<${randomUUID()}@${own.split('@')[1] ?? 'saltmarsh.example'}>`,
    ...(answers === undefined ? {} : { inReplyTo: answers, references: answers }),
  });
  return composer.compile().build();
}

/** What is passed on or answered stands below the user's words, with the headings that mail programs write. */
function below({ from, to, sentAt, subject, text }: Message, how: 'reply' | 'forward'): string {
  const who = from ? (from.name === '' ? from.address : `${from.name} <${from.address}>`) : '';
  const day = sentAt === null ? '' : new Date(sentAt).toUTCString();
  if (how === 'reply') return `On ${day}, ${who} wrote:\n${text.replace(/^/gm, '> ')}`;
  const sentTo = to.map(({ address }) => address).join(', ');
  return `---------- Forwarded message ----------\nFrom: ${who}\nDate: ${day}\nSubject: ${subject}\nTo: ${sentTo}\n\n${text}`;
}
