import { PRACTICE_FOLDERS, type PracticeLine, type PracticeMessage } from '@hatband/contract';
import { decode } from '@hatband/core/mail';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { missing } from '../errors.ts';
import type { Place } from '../intake/deposit.ts';
import type { Directory } from '../intake/directory.ts';
import type { Receive } from '../intake/receive.ts';
import { record, type ArrivalRow, type PracticeMessageRow, type Store } from '../store/index.ts';
import { labelsOf } from './account.ts';
import { LETTERS } from './letters.ts';

type LineRow = Omit<PracticeMessageRow, 'bytes'>;

const LINE = [
  'uid',
  'folder',
  'labels',
  'flagged',
  'seen',
  'from_name',
  'subject',
  'sent_at',
  'came_at',
] as const;

export async function listPractice(store: Store): Promise<{ items: PracticeLine[]; folders: string[] }> {
  const rows: LineRow[] = await store
    .read('practice_messages')
    .orderBy([
      { column: 'sent_at', order: 'desc' },
      { column: 'uid', order: 'desc' },
    ])
    .select(...LINE);
  const folders = [...new Set([...PRACTICE_FOLDERS, ...rows.map(({ folder }) => folder)])];
  return { items: rows.map(viewLine), folders };
}

const viewLine = (row: LineRow): PracticeLine => ({
  uid: row.uid,
  folder: row.folder,
  from: row.from_name,
  subject: row.subject,
  cameAt: row.sent_at,
  seen: Boolean(row.seen),
  flagged: Boolean(row.flagged),
  labels: labelsOf(row),
});

/** One that was moved meanwhile is found where it lies now. */
export async function practiceRow(store: Store, uid: number): Promise<PracticeMessageRow> {
  const row = await store.read('practice_messages').where({ uid }).orWhere({ was_uid: uid }).first();
  if (!row) throw missing('message in the practice mailbox');
  return row;
}

export async function getPractice(store: Store, uid: number): Promise<PracticeMessage> {
  const row = await practiceRow(store, uid);
  const message = await decode(row.bytes);
  const arrivals: Pick<ArrivalRow, 'id' | 'occasion' | 'trigger'>[] = await store
    .read('arrivals')
    .join('mailboxes', 'mailboxes.id', 'arrivals.mailbox_id')
    .where({ kind: 'practice', uid: row.uid })
    .whereNull('same_as')
    .orderBy('arrivals.id')
    .select('arrivals.id', 'occasion', 'trigger');
  return {
    ...viewLine(row),
    fromAddress: message.from?.address ?? '',
    to: [...message.to, ...message.cc].map(({ name, address }) => name || address),
    text: message.text,
    attachments: message.attachments.map(({ name }) => name),
    arrivals: arrivals.map(({ id, occasion, trigger }) => ({ id, words: wayIn(occasion, trigger) })),
  };
}

const WAYS: Readonly<Record<string, string>> = {
  flag: 'by its flag',
  hand: 'by hand',
  arrival: 'as it came',
};

const wayIn = (occasion: string, label: string) =>
  occasion === 'label' ? `by the label ${label}` : (WAYS[occasion] ?? occasion);

interface NewMessage {
  folder: string;
  bytes: Buffer;
  seen: boolean;
  at: Date;
}

/** Puts a message into the practice mailbox; its number there. */
export async function insertPractice(
  trx: Knex.Transaction,
  { folder, bytes, seen, at }: NewMessage,
): Promise<number> {
  const { from, subject, sentAt } = await decode(bytes);
  const [row] = await trx('practice_messages')
    .insert({
      folder,
      bytes,
      seen,
      from_name: from?.name || (from?.address ?? ''),
      subject,
      sent_at: new Date(sentAt ?? at).toISOString(),
      came_at: at.toISOString(),
    })
    .returning('uid');
  await record(trx, [{ kind: 'practice', ref: '' }]);
  return row?.uid ?? 0;
}

/** Puts the shipped letters into an empty mailbox, their dates before now. */
export async function layPractice(store: Store, own: string, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    if (await trx('practice_messages').first()) return;
    for (const letter of LETTERS) {
      const at = new Date(clock().getTime() - letter.hoursAgo * 60 * 60_000);
      await insertPractice(trx, { folder: 'INBOX', bytes: letter.bytes(own, at), seen: false, at });
    }
  });
}

interface Showing {
  store: Store;
  directory: Directory;
  receive: Receive;
}

/** Hands a message over, for rules by hand; the number of its arrival. */
export async function showPractice({ store, directory, receive }: Showing, uid: number): Promise<number> {
  const row = await practiceRow(store, uid);
  const mailbox = await store.read('mailboxes').where({ kind: 'practice' }).whereNull('removed_at').first();
  const recipient = directory.byId(mailbox?.address_id ?? 0);
  if (!mailbox || !recipient) throw missing('practice mailbox');
  const place: Place = {
    mailbox_id: mailbox.id,
    occasion: 'hand',
    trigger: '',
    labels: labelsOf(row),
    flagged: Boolean(row.flagged),
    folder: row.folder,
    uid: row.uid,
    uid_validity: '1',
  };
  const [receipt] = await receive({
    bytes: row.bytes,
    source: 'practice',
    recipients: [recipient],
    envelopeFrom: '',
    place,
  });
  if (receipt?.result !== 'taken') throw missing('way in for this message');
  return receipt.deposited.arrivalId;
}
