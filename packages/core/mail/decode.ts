import PostalMime, { decodeWords, type Address, type Attachment as MimePart, type Email } from 'postal-mime';
import { htmlText } from './htmlText.ts';
import type { Attachment, Mailbox, Message } from './message.ts';
import { parseDateHeader } from './sentDate.ts';

/** Text beyond this many UTF-16 units is cut, with a warning. */
export const TEXT_LIMIT = 200_000;

/** Its blank belongs to it (RFC 3676, section 4.3). */
const SIGNATURE_MARK = '-- ';

/** Bytes of a message (RFC 5322 and MIME) → Message. Never throws: what cannot be decoded is told in `warnings`. */
export async function decode(bytes: Uint8Array): Promise<Message> {
  const warnings: string[] = [];
  const email = await parse(bytes, warnings);
  const headers = email.headers.map((h) => ({ name: h.originalKey, value: decodeWords(h.value) }));
  return {
    subject: cleanLine(email.subject ?? ''),
    from: mailboxes(email.from ? [email.from] : [])[0] ?? null,
    to: mailboxes(email.to ?? []),
    cc: mailboxes(email.cc ?? []),
    sentAt: parseDateHeader(headers.find((h) => h.name.toLowerCase() === 'date')?.value ?? ''),
    messageId: email.messageId ?? null,
    inReplyTo: email.inReplyTo ?? null,
    headers,
    text: textOf(email, warnings),
    attachments: email.attachments.filter((part) => !isInlinePicture(part)).map(attachment),
    warnings,
  };
}

const NOTHING: Email = { headers: [], headerLines: [], attachments: [] };

async function parse(bytes: Uint8Array, warnings: string[]): Promise<Email> {
  try {
    return await PostalMime.parse(bytes, { forceRfc822Attachments: true });
  } catch (error) {
    warnings.push(
      `The message could not be decoded: ${error instanceof Error ? error.message : 'unknown reason'}.`,
    );
    return NOTHING;
  }
}

function textOf(email: Email, warnings: string[]): string {
  const plain = email.text ?? '';
  const raw = plain.trim() === '' && email.html ? htmlText(email.html) : plain;
  const text = raw
    .slice(0, TEXT_LIMIT * 2)
    .replaceAll('\0', '\uFFFD')
    .split(/\r\n|\r|\n/)
    .map((line) => (line === SIGNATURE_MARK ? line : line.trimEnd()))
    .join('\n')
    .trimEnd();
  if (text.length <= TEXT_LIMIT) return text;
  warnings.push(
    `The text is longer than ${String(TEXT_LIMIT)} characters; the rest is kept but was not read.`,
  );
  return text.slice(0, TEXT_LIMIT);
}

function mailboxes(addresses: Address[]): Mailbox[] {
  return addresses.flatMap((a) =>
    a.group ? mailboxes(a.group) : [{ name: cleanLine(a.name), address: a.address }],
  );
}

const cleanLine = (value: string) => value.replace(/\s+/g, ' ').trim();

const isInlinePicture = (part: MimePart) => part.mimeType.startsWith('image/') && (part.related ?? false);

function attachment(part: MimePart): Attachment {
  const size = typeof part.content === 'string' ? part.content.length : part.content.byteLength;
  return { name: part.filename ?? 'unnamed', type: part.mimeType, size };
}
