import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import PostalMime, { decodeWords, type Address, type Attachment as MimePart, type Email } from 'postal-mime';
import { boundParts } from './boundParts.ts';
import { calendarEvents } from './calendar.ts';
import { inCharset, strangeCharset } from './charsets.ts';
import { countHtmlWords, countWords, htmlText } from './htmlText.ts';
import type { Attachment, CalendarEvent, Mailbox, Message } from './message.ts';
import { repair } from './repair.ts';
import { parseDateHeader } from './sentDate.ts';
import { takeFiles } from './uuencoded.ts';

/** Text beyond this many UTF-16 units is cut, with a warning. */
export const TEXT_LIMIT = 200_000;
/** Its blank belongs to it (RFC 3676, section 4.3). */
const SIGNATURE_MARK = '-- ';
/** No letter has more; what lies beyond stays in its bytes. */
const LONGEST_SUBJECT = 2000;
const LONGEST_HEADER = 20_000;
const MOST_HEADERS = 1000;
const MOST_PEOPLE = 1000;
/** Attached messages within attached messages. */
const DEEPEST = 3;

/** Bytes of a message (RFC 5322 and MIME) → Message. Never throws: what cannot be decoded is told in `warnings`. */
export const decode = (bytes: Uint8Array): Promise<Message> => decodeAt(bytes, 0);

async function decodeAt(bytes: Uint8Array, depth: number): Promise<Message> {
  const bound = boundParts(withoutExcess(bytes));
  const warnings = [...bound.warnings];
  const email = await known(await parse(repair(bound.bytes), warnings), strangeCharset(bytes));
  const headers = email.headers
    .slice(0, MOST_HEADERS)
    .map((h) => ({ name: h.originalKey, value: decodeWords(h.value.slice(0, LONGEST_HEADER)) }));
  const { text: own, files } = takeFiles(textOf(email, warnings));
  const attached = depth < DEEPEST ? attachedMessages(email) : [];
  const outer = {
    subject: cleanLine((email.subject ?? '').slice(0, LONGEST_SUBJECT)),
    from: mailboxes(email.from ? [email.from] : [])[0] ?? null,
    to: mailboxes(email.to ?? []).slice(0, MOST_PEOPLE),
    cc: mailboxes(email.cc ?? []).slice(0, MOST_PEOPLE),
    sentAt: parseDateHeader(headers.find((h) => h.name.toLowerCase() === 'date')?.value ?? ''),
    messageId: email.messageId ?? null,
    inReplyTo: email.inReplyTo ?? null,
    headers,
    text: own,
    attached: [],
    events: eventsIn(email, warnings),
    attachments: [
      ...email.attachments.filter((part) => !attached.includes(part) && isAttachment(part)).map(attachment),
      ...files,
    ],
    warnings,
  };
  const others = email.attachments.filter((part) => isMessage(part) && !attached.includes(part));
  if (others.length > 0) warnings.push(sayUnread(others));
  let whole: Message = outer;
  for (const part of attached) whole = withAttached(whole, await decodeAt(contentBytes(part), depth + 1));
  return whole;
}

/** The bytes of the attachments, in the order of `Message.attachments`; null for one within the text. */
export const attachedFiles = (bytes: Uint8Array): Promise<(Uint8Array | null)[]> => filesAt(bytes, 0);

async function filesAt(bytes: Uint8Array, depth: number): Promise<(Uint8Array | null)[]> {
  const email = await parse(repair(boundParts(withoutExcess(bytes)).bytes), []);
  const attached = depth < DEEPEST ? attachedMessages(email) : [];
  const own = email.attachments.filter((part) => !attached.includes(part) && isAttachment(part));
  const within = takeFiles(textOf(email, [])).files.map(() => null);
  const inner = await Promise.all(attached.map((part) => filesAt(contentBytes(part), depth + 1)));
  return [...own.map(contentBytes), ...within, ...inner.flat()];
}

/** A message that is one text only, in any encoding, says what is read of it within these bytes. */
const ENOUGH = 2_000_000;

/** The decoder takes every line of a text, and far more than is read of it can come as one. */
function withoutExcess(bytes: Uint8Array): Uint8Array {
  if (bytes.length <= ENOUGH) return bytes;
  const head = String.fromCharCode(...bytes.subarray(0, 20_000)).split(/\r?\n\r?\n/)[0] ?? '';
  return /^content-type:\s*(?!text\/)/im.test(head) ? bytes : bytes.subarray(0, ENOUGH);
}

const NOTHING: Email = { headers: [], headerLines: [], attachments: [] };

async function parse(bytes: Uint8Array, warnings: string[]): Promise<Email> {
  try {
    return await PostalMime.parse(bytes, { forceRfc822Attachments: true, maxNestingDepth: 256 });
  } catch (error) {
    warnings.push(
      `The message could not be decoded: ${error instanceof Error ? error.message : 'unknown reason'}.`,
    );
    return NOTHING;
  }
}

/** The same in a character set that only a table of its own knows. */
async function known(email: Email, charset: string | null): Promise<Email> {
  if (charset === null) return email;
  const turn = (text: string | undefined) =>
    text === undefined ? undefined : inCharset(text.slice(0, TEXT_LIMIT * 2), charset);
  return { ...email, text: await turn(email.text), html: await turn(email.html) };
}

/** HTML that came as plain text. */
const IS_HTML = /^\s*<(?:!doctype html|html[\s>])/i;

/** The plain alternative, unless the HTML one says a good deal more. */
function textOf(email: Email, warnings: string[]): string {
  const plain = email.text ?? '';
  const html = email.html ?? '';
  if (html === '')
    return tidy(IS_HTML.test(plain.slice(0, 500)) ? htmlText(plain, warnings) : plain, warnings);
  const words = countWords(plain.slice(0, TEXT_LIMIT));
  if (words > 0 && words * 1.5 + 20 >= countHtmlWords(html.slice(0, TEXT_LIMIT * 4)))
    return tidy(plain, warnings);
  const converted = tidy(htmlText(html, warnings), warnings);
  if (words > 0)
    warnings.push('The plain text says less than the formatted one; the formatted one was read.');
  return converted === '' ? tidy(plain, warnings) : converted;
}

function tidy(raw: string, warnings: string[]): string {
  const text = raw
    .slice(0, TEXT_LIMIT * 2)
    .replaceAll('\0', '\uFFFD')
    .replaceAll('\u00AD', '')
    .split(/\r\n|\r|\n/)
    .map((line) => (line === SIGNATURE_MARK ? line : line.trimEnd()))
    .join('\n')
    .trimEnd();
  return cut(text, warnings);
}

function cut(text: string, warnings: string[]): string {
  if (text.length <= TEXT_LIMIT) return text;
  warnings.push(
    `The text is longer than ${String(TEXT_LIMIT)} characters; the rest is kept but was not read.`,
  );
  return text.slice(0, TEXT_LIMIT);
}

/** Posts of a digest beyond these are left as they are. */
const MOST_POSTS = 50;

/** The first message that came attached, as a forward does; all posts of a digest (RFC 2046, section 5.1.5). */
function attachedMessages({ headers, attachments }: Email): MimePart[] {
  const isKind = (kind: string) =>
    headers.some((h) => h.key === 'content-type' && h.value.toLowerCase().includes(kind));
  const messages = attachments.filter(isMessage);
  return isKind('multipart/report') ? [] : messages.slice(0, isKind('multipart/digest') ? MOST_POSTS : 1);
}

const isMessage = ({ mimeType }: MimePart) => mimeType === 'message/rfc822';

const NAMED = 5;

function sayUnread(messages: readonly MimePart[]): string {
  const names = messages.slice(0, NAMED).map((part) => `“${nameOf(part)}”`);
  const all = messages.length > NAMED ? `${names.join(', ')} and others` : names.join(', ');
  return `Other messages came attached and were not read for tasks; they are kept as attachments: ${all}.`;
}

/** The attached message's words stand below the outer ones. */
function withAttached(outer: Message, inner: Message): Message {
  const start = outer.text === '' ? 0 : outer.text.length + 2;
  const text = outer.text === '' ? inner.text : `${outer.text}\n\n${inner.text}`;
  const { from, sentAt, subject, messageId } = inner;
  return {
    ...outer,
    text: cut(text, outer.warnings),
    attached: [
      ...outer.attached,
      { start, from, sentAt, subject, messageId },
      ...inner.attached.map((a) => ({ ...a, start: a.start + start })),
    ],
    events: [...outer.events, ...inner.events],
    attachments: [...outer.attachments, ...inner.attachments],
  };
}

function mailboxes(addresses: Address[]): Mailbox[] {
  return addresses.flatMap((a) =>
    a.group ? mailboxes(a.group) : [{ name: shortLine(a.name), address: shortLine(a.address) }],
  );
}

const cleanLine = (value: string) => value.replace(/\s+/g, ' ').trim();

/** Names and addresses of people and files are no longer (RFC 5321, section 4.5.3.1; POSIX, NAME_MAX). */
const LONGEST_NAME = 320;
const shortLine = (value: string | undefined) => cleanLine((value ?? '').slice(0, LONGEST_NAME));

const nameOf = (part: MimePart) =>
  shortLine(part.filename ?? undefined) || (isMessage(part) ? 'message.eml' : 'unnamed');
/** More appointments in one message are a calendar, not a letter. */
const MOST_EVENTS = 50;

function eventsIn({ attachments }: Email, warnings: string[]): CalendarEvent[] {
  const events: CalendarEvent[] = [];
  for (const part of attachments.filter(isCalendar)) {
    events.push(...calendarEvents(contentText(part), MOST_EVENTS + 1 - events.length));
    if (events.length <= MOST_EVENTS) continue;
    warnings.push(`Its calendar holds more than ${String(MOST_EVENTS)} appointments; the others are kept but were not read.`); // prettier-ignore
    return events.slice(0, MOST_EVENTS);
  }
  return events;
}

const isCalendar = (part: MimePart) => /^(?:text\/calendar|application\/ics)$/.test(part.mimeType);

/** What a person would call an attachment: no inline logo, no signature of the mail itself. */
function isAttachment(part: MimePart): boolean {
  if (
    part.mimeType.startsWith('image/') &&
    ((part.related ?? false) || (part.disposition === 'inline' && part.contentId !== undefined))
  )
    return false;
  if (/^application\/(?:x-)?(?:pgp-signature|pkcs7-signature)$/.test(part.mimeType)) return false;
  return !(isCalendar(part) && !part.filename);
}

function attachment(part: MimePart): Attachment {
  const bytes = contentBytes(part);
  return {
    name: nameOf(part),
    type: part.mimeType,
    size: bytes.byteLength,
    digest: bytesToHex(sha256(bytes)),
  };
}

function contentBytes({ content }: MimePart): Uint8Array {
  return typeof content === 'string'
    ? Uint8Array.from(content, (c) => c.charCodeAt(0))
    : new Uint8Array(content);
}

const contentText = (part: MimePart) => utf8(contentBytes(part).subarray(0, 500_000));

/** UTF-8, or Latin 1 where the bytes are none. The core's types know no TextDecoder. */
function utf8(bytes: Uint8Array): string {
  const hex = (byte: number) => `%${byte.toString(16).padStart(2, '0')}`;
  try {
    return decodeURIComponent(Array.from(bytes, hex).join(''));
  } catch {
    return Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');
  }
}
