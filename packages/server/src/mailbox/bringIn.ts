import type { MailboxSettings, Trigger } from '@hatband/contract';
import { decode } from '@hatband/core/mail';
import type { Clock } from '../clock.ts';
import type { Place } from '../intake/deposit.ts';
import type { Directory, Recipient } from '../intake/directory.ts';
import type { Receive } from '../intake/receive.ts';
import { noteTurnedAway } from '../intake/turnedAway.ts';
import { SIZE_LIMIT } from '../limits.ts';
import type { Store } from '../store/index.ts';
import type { Fetched, Head, Mark, OpenFolder } from './account.ts';

/** A watched mailbox with what it takes to bring its messages in. */
export interface Bringing {
  store: Store;
  clock: Clock;
  mailboxId: number;
  addressId: number;
  settings: MailboxSettings;
  directory: Directory;
  receive: Receive;
}

/** What brings a message in: that it came, or a mark that was set on it. */
export type Cause = { kind: 'arrival'; for: readonly Trigger[] } | Mark;

/** Stores a message of a folder as an arrival, where there is cause; one that is gone meanwhile is left. */
export async function bringIn(
  bringing: Bringing,
  folder: OpenFolder & { path: string },
  { uid, size, sender }: Head,
  cause: Cause,
): Promise<void> {
  if (size > SIZE_LIMIT) {
    await noteTooLarge(bringing, { sender, folder: folder.path });
    return;
  }
  const fetched = await folder.fetch(uid);
  if (!fetched) return;
  const recipients = await recipientsOf(bringing, fetched, cause);
  if (recipients.length === 0) return;
  await bringing.receive({
    bytes: fetched.bytes,
    source: bringing.settings.kind === 'imap' ? 'mailbox' : 'practice',
    recipients,
    envelopeFrom: '',
    place: placeOf(bringing, folder, { uid, fetched, cause }),
  });
}

async function noteTooLarge(
  { store, addressId, clock }: Bringing,
  { sender, folder }: { sender: string; folder: string },
): Promise<void> {
  const words = `It is in ${folder}; messages of at most ${String(SIZE_LIMIT / 1024 / 1024)} MB are taken.`;
  const turned = { addressId, sender, what: 'left there' as const, words };
  await noteTurnedAway(store, turned, clock().toISOString());
}

function placeOf(
  { mailboxId }: Bringing,
  folder: OpenFolder & { path: string },
  { uid, fetched, cause }: { uid: number; fetched: Fetched; cause: Cause },
): Place {
  return {
    mailbox_id: mailboxId,
    occasion: cause.kind,
    trigger: cause.kind === 'label' ? cause.name : '',
    labels: fetched.labels,
    flagged: fetched.flagged,
    folder: folder.path,
    uid,
    uid_validity: folder.uidValidity,
  };
}

/** The mailbox itself, or the intake addresses that plus-words of its addresses mean. */
async function recipientsOf(
  { directory, settings, addressId }: Bringing,
  { bytes }: Fetched,
  cause: Cause,
): Promise<Recipient[]> {
  const own = directory.byId(addressId);
  if (!own) return [];
  if (cause.kind !== 'arrival') return [own];
  const sentTo = await addressesIn(bytes);
  const byWord = cause.for.includes('plus-word')
    ? sentTo.flatMap((each) => directory.findPlus(each, settings.addresses) ?? [])
    : [];
  if (byWord.length > 0) return [...new Map(byWord.map((each) => [each.address.id, each])).values()];
  const isSentTo =
    cause.for.includes('recipient') && sentTo.some((each) => settings.recipients.includes(each));
  return cause.for.includes('arrival') || isSentTo ? [own] : [];
}

/** Headers that name who a message was sent to; the last two are written by the server that took it in. */
const RECIPIENT_HEADERS = ['to', 'cc', 'bcc', 'delivered-to', 'x-original-to'];

async function addressesIn(bytes: Buffer): Promise<string[]> {
  const { to, cc, headers } = await decode(bytes);
  const written = headers
    .filter(({ name }) => RECIPIENT_HEADERS.includes(name.toLowerCase()))
    .flatMap(({ value }) => value.match(/[^\s<>,;"]+@[^\s<>,;"]+/g) ?? []);
  const all = [...to, ...cc].map(({ address }) => address);
  return [...new Set([...all, ...written].map((address) => address.toLowerCase()))];
}
