import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';
import { TurnedAway } from './intake.ts';

/** What of a folder brings a message in. `recipient`: it was sent to one of those named (of the sent folder). */
export const Trigger = z.enum(['arrival', 'label', 'flag', 'plus-word', 'recipient']);
export type Trigger = z.infer<typeof Trigger>;

export const WatchedFolder = z.strictObject({
  folder: z.string().trim().min(1, 'Name a folder.'),
  for: z.array(Trigger).min(1, 'Choose what of this folder brings mail in.'),
});
export type WatchedFolder = z.infer<typeof WatchedFolder>;

const EmailAddress = z
  .string()
  .trim()
  .toLowerCase()
  .pipe(z.email('An address, as in ines@saltmarsh.example.'));

/** How a mailbox is watched. */
const Watch = z.strictObject({
  name: z.string().trim().min(1, 'A mailbox needs a name.').max(80),
  /** The addresses whose mail it holds. */
  addresses: z.array(EmailAddress).default([]),
  folders: z
    .array(WatchedFolder)
    .max(8, 'At most 8 folders are watched.')
    .refine((all) => new Set(all.map(({ folder }) => folder)).size === all.length, 'Name each folder once.')
    .default([{ folder: 'INBOX', for: ['label', 'flag', 'plus-word'] }]),
  /** Mail to one of these comes in from the folders that are watched for recipients. */
  recipients: z.array(EmailAddress).default([]),
});

/** Where an IMAP server is (RFC 9051) and who asks. */
const Server = z.strictObject({
  host: z.string().trim().min(1, 'Name the server.').max(253),
  port: z.coerce.number().int().min(1).max(65_535).default(993),
  /** `tls` from the first byte, `starttls`, or `none` for a server on this machine. */
  security: z.enum(['tls', 'starttls', 'none']).default('tls'),
  user: z.string().trim().min(1, 'Name the user.').max(320),
});

export const MailboxSettings = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('imap'), ...Watch.shape, ...Server.shape }),
  z.strictObject({ kind: z.literal('practice'), ...Watch.shape }),
]);
export type MailboxSettings = z.infer<typeof MailboxSettings>;
export type ImapSettings = Extract<MailboxSettings, { kind: 'imap' }>;

/** What a watched mailbox is doing. */
export const MailboxState = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('connecting') }),
  z.object({ kind: z.literal('watching'), since: z.string() }),
  z.object({ kind: z.literal('trouble'), words: z.string(), again: z.string() }),
  z.object({ kind: z.literal('paused') }),
]);
export type MailboxState = z.infer<typeof MailboxState>;

export const StoredMailbox = z.object({
  id: z.number(),
  settings: MailboxSettings,
  hasPassword: z.boolean(),
  state: MailboxState,
  turnedAway: z.array(TurnedAway),
  revision: z.number(),
});
export type StoredMailbox = z.infer<typeof StoredMailbox>;

const answer = z.object({ items: z.array(StoredMailbox) });
export const listMailboxes = endpoint({ method: 'get', path: '/api/mailboxes', answer });

/** Without a password the one before stays. */
const MailboxBody = z.object({ settings: MailboxSettings, password: z.string().max(1000).optional() });

export const addMailbox = endpoint({ method: 'post', path: '/api/mailboxes', body: MailboxBody, answer });
const onMailbox = { path: '/api/mailboxes/:id', params: RowId, revision: true, answer };
export const saveMailbox = endpoint({ method: 'put', ...onMailbox, body: MailboxBody });
export const removeMailbox = endpoint({ method: 'delete', ...onMailbox });
export const pauseMailbox = endpoint({
  method: 'post',
  ...onMailbox,
  path: '/api/mailboxes/:id/pause',
  body: z.object({ paused: z.boolean() }),
});

const isNameless = (given: unknown): given is { name: string } =>
  z.object({ name: z.string() }).safeParse(given).data?.name.trim() === '';

/** Tries a connection: what is wrong in words, or the folders that are there. `id`: whose password stands in. */
export const testMailbox = endpoint({
  method: 'post',
  path: '/api/mailbox-test',
  body: z.object({
    // A connection can be tried before the mailbox has a name.
    settings: z.preprocess(
      (given) => (isNameless(given) ? { ...given, name: 'unnamed' } : given),
      MailboxSettings,
    ),
    password: z.string().max(1000).optional(),
    id: z.number().nullable(),
  }),
  answer: z.object({ problems: z.array(z.string()), folders: z.array(z.string()) }),
});
