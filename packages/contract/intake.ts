import { Policy } from '@hatband/core/intake';
import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** What stands behind a `+`: one word, so that it needs no quoting in an address (RFC 5321, section 4.1.2). */
export const PlusWord = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9._-]*$/, 'A plus-word has letters, figures, dots and dashes only.')
  .max(40);

export const AddressTarget = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('inbox'), name: z.string() }),
  z.object({ kind: z.literal('project'), id: z.string(), name: z.string() }),
]);

/** Mail that did not come in: refused at the door, dropped, or left in its mailbox. */
export const TurnedAway = z.object({
  sender: z.string(),
  what: z.enum(['refused', 'dropped', 'left there']),
  words: z.string(),
  times: z.number(),
  lastAt: z.string(),
});
export type TurnedAway = z.infer<typeof TurnedAway>;

export const Address = z.object({
  id: z.number(),
  address: z.string(),
  target: AddressTarget,
  createdAt: z.string(),
  /** Behind the `+` of a watched mailbox's own address it means this one. */
  plusWord: z.string().nullable(),
  policy: Policy,
  paused: z.boolean(),
  /** Whether messages may be handed in over HTTP. */
  hasToken: z.boolean(),
  /** Earlier ones that are still accepted, and until when. */
  old: z.array(z.object({ address: z.string(), until: z.string() })),
  turnedAway: z.array(TurnedAway),
  revision: z.number(),
});
export type Address = z.infer<typeof Address>;

export const Health = z.object({
  queueDepth: z.number(),
  oldestAgeSeconds: z.number().nullable(),
  failed: z.number(),
  readerVersion: z.number(),
  lastArrivalAt: z.string().nullable(),
  smtpHost: z.string(),
  smtpPort: z.number(),
  /** The server's clock and the user's zone. */
  now: z.string(),
  zone: z.string(),
});
export type Health = z.infer<typeof Health>;

export const getHealth = endpoint({ method: 'get', path: '/api/health', answer: Health });

const AddressList = z.object({
  items: z.array(Address),
  /** The user's own addresses that watched mailboxes fetch; plus-words stand behind them. */
  own: z.array(z.string()),
});

export const listAddresses = endpoint({ method: 'get', path: '/api/addresses', answer: AddressList });

const onAddress = { path: '/api/addresses/:id', params: RowId, answer: Address };

export const saveAddress = endpoint({
  method: 'put',
  ...onAddress,
  body: z.object({ policy: Policy, plusWord: PlusWord.nullable() }),
  revision: true,
});

/** `graceDays`: for so long the old one is still accepted, and its mail says so; 0: refused from then on. */
export const Renewal = z.object({
  prefix: z.string().trim().max(20).optional(),
  graceDays: z.number().int().min(0).max(90).default(0),
});

/** A new address for the same target, under a new id. */
export const renewAddress = endpoint({
  method: 'post',
  ...onAddress,
  path: '/api/addresses/:id/renew',
  body: Renewal,
});

export const pauseAddress = endpoint({
  method: 'post',
  ...onAddress,
  path: '/api/addresses/:id/pause',
  body: z.object({ paused: z.boolean() }),
});

/** A new token for handing in messages over HTTP; told this once only, and the one before is void. */
export const makeToken = endpoint({
  method: 'post',
  path: '/api/addresses/:id/token',
  params: RowId,
  answer: z.object({ token: z.string() }),
});
export const dropToken = endpoint({ method: 'delete', ...onAddress, path: '/api/addresses/:id/token' });

/** The address as a contact, `text/vcard` (RFC 6350). */
export const vcardPath = '/api/addresses/:id/vcard';

/** A raw message in the body, `message/rfc822`; the token as `Authorization: Bearer`. */
export const intakePath = '/api/intake/:address';
/** What is answered there. */
export const HandedIn = z.object({ arrivalId: z.number().nullable(), isNew: z.boolean(), held: z.boolean() });
