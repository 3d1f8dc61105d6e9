import { coveringWords, mayBeOneSending, originalOf } from '@hatband/core/intake';
import type { Reading } from '@hatband/core/reading';
import type { Knex } from 'knex';
import { createHash } from 'node:crypto';
import type { ArrivalRow } from '../store/index.ts';
import type { Arrived } from '../arrivals/arrived.ts';
import { policyOf } from './policyOf.ts';
import { REPORT } from './reportTask.ts';

/** An arrival's columns by which the same original is found again. */
export type OriginColumns = Pick<ArrivalRow, 'origin_hash' | 'origin_exact' | 'origin_id' | 'origin_sent'>;

/**
 * `origin_exact` is kept only of mail that may stand for another: what it brings is nobody's but its writer's and the
 * user's, and whoever sent it was let in by name.
 */
export function originColumns(arrival: Arrived, reading: Reading, me: readonly string[]): OriginColumns {
  const { alike, exact, messageId, sentAt } = originalOf(reading);
  const isOwn = isMine(reading, me);
  const stands = (coveringWords(reading) === '' || isOwn) && (isOwn || isKnownWay(arrival, reading));
  return {
    origin_hash: hashOf(alike),
    origin_exact: stands ? hashOf(exact) : null,
    origin_id: messageId,
    origin_sent: sentAt,
  };
}

const isMine = ({ message }: Reading, me: readonly string[]) =>
  me.some((own) => own.toLowerCase() === message.from?.address.toLowerCase());

/** The user's own mailbox and files, an address that takes named senders only, or a message from its writer himself. */
function isKnownWay(arrival: Arrived, { message, anatomy }: Reading): boolean {
  const isWriter =
    message.from !== null && message.from.address.toLowerCase() === anatomy.who?.address.toLowerCase();
  return arrival.source !== 'smtp' || policyOf(arrival).senders.kind !== 'anyone' || isWriter;
}

/** Earlier arrivals whose tasks speak of the same original. */
export interface Originals {
  /** Its tasks stand for this arrival's too. */
  same: number | null;
  /** It may be the same: what this one makes can be merged into its tasks. */
  alike: number | null;
}

/**
 * The same message by another way: its words, subject, attachments, time and, where they are known, Message-IDs agree,
 * and nothing was written above it. Whatever is only alike gets tasks of its own.
 */
export async function findOriginals(
  db: Knex,
  arrival: Arrived,
  reading: Reading,
  me: readonly string[],
): Promise<Originals> {
  const own = originColumns(arrival, reading, me);
  if (own.origin_hash === null) return { same: null, alike: null };
  const rows: Candidate[] = await db('arrivals')
    .join('addresses', 'addresses.id', 'arrivals.address_id')
    .where({ origin_hash: own.origin_hash })
    .where('arrivals.id', '<', arrival.id)
    .whereExists((tasks: Knex.QueryBuilder) =>
      tasks
        .from('tasks')
        .whereRaw('tasks.arrival_id = arrivals.id')
        .whereNot('tasks.rule_id', REPORT)
        // What was cancelled, deleted, or merged into another, stands for nothing.
        .whereNot('tasks.status', 'cancelled')
        .whereNull('tasks.deleted_at')
        .select(db.raw('1')),
    )
    .orderBy('arrivals.id')
    .limit(50)
    .select(...CANDIDATE);
  const alike = rows.filter((row) => mayBeOneSending(sendingOf(row), sendingOf(own)));
  const isBare = coveringWords(reading) === '';
  const same = alike.find((row) => isBare && isAnotherWay(row, arrival) && hasSame(row, own));
  return { same: same?.id ?? null, alike: alike[0]?.id ?? null };
}

type Candidate = OriginColumns &
  Pick<ArrivalRow, 'id' | 'address_id' | 'occasion' | 'trigger'> & { project_id: string | null };

const CANDIDATE = [
  'arrivals.id', 'address_id', 'occasion', 'trigger', 'project_id', 'origin_hash', 'origin_exact', 'origin_id',
  'origin_sent',
] as const; // prettier-ignore

const sendingOf = ({ origin_id, origin_sent }: OriginColumns) => ({
  messageId: origin_id,
  sentAt: origin_sent,
});

const hasSame = (row: OriginColumns, own: OriginColumns) =>
  row.origin_exact !== null && own.origin_exact !== null && row.origin_exact.equals(own.origin_exact);

/** Two projects' addresses want a task each; twice by one way is two messages. */
function isAnotherWay(row: Candidate, arrival: Arrived): boolean {
  const isOneWay =
    row.address_id === arrival.address_id &&
    row.occasion === arrival.occasion &&
    row.trigger === arrival.trigger;
  const isOtherProject = row.project_id !== null && arrival.project_id !== null && row.project_id !== arrival.project_id; // prettier-ignore
  return !isOneWay && !isOtherProject;
}

export const hashOf = (key: string | null) =>
  key === null ? null : createHash('sha256').update(key).digest().subarray(0, 16);
