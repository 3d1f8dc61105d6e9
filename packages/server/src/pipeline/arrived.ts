import { localTime, type Reading } from '@hatband/core/reading';
import { Delivery, type Incoming, type Target } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { z } from 'zod';
import { parseJson, type ArrivalRow } from '../store/index.ts';
import { knownTasks } from './knownTasks.ts';

/** An arrival as rules see it: its row, with the way in that it came by. */
export type Arrived = Pick<
  ArrivalRow,
  | 'id'
  | 'message_id'
  | 'address_id'
  | 'received_at'
  | 'source'
  | 'plus_word'
  | 'occasion'
  | 'trigger'
  | 'labels'
  | 'flagged'
  | 'mailbox_id'
  | 'folder'
  | 'gate'
> &
  AddressOf;

interface AddressOf {
  target_kind: 'inbox' | 'project' | 'task' | 'mailbox';
  task_id: number | null;
  policy: string;
  project_id: string | null;
  project_name: string | null;
  mailbox_name: string | null;
  local_part: string;
}

/** Arrivals with their ways in. */
export const withAddress = (db: Knex) =>
  db('arrivals')
    .join('addresses', 'addresses.id', 'arrivals.address_id')
    .leftJoin('projects', 'projects.id', 'addresses.project_id')
    .leftJoin('mailboxes', 'mailboxes.address_id', 'addresses.id');

/** The columns of `Arrived`. */
export const ARRIVED = [
  'arrivals.id',
  'arrivals.message_id',
  'arrivals.address_id',
  'received_at',
  'source',
  'arrivals.plus_word',
  'occasion',
  'trigger',
  'labels',
  'flagged',
  'arrivals.mailbox_id',
  'folder',
  'gate',
  'target_kind',
  'addresses.task_id',
  'policy',
  'addresses.project_id',
  'projects.name as project_name',
  'mailboxes.name as mailbox_name',
  'local_part',
] as const;

interface Around {
  threadId: number;
  domain: string;
  zone: string;
}

/** A message with all that rules may look at. */
export async function incomingOf(
  db: Knex,
  arrival: Arrived,
  reading: Reading,
  { threadId, domain, zone }: Around,
): Promise<Incoming> {
  const asked = { arrivalId: arrival.id, threadId, taskId: arrival.task_id };
  return {
    reading,
    delivery: deliveryOf(arrival, domain, zone),
    tasks: await knownTasks(db, asked, reading),
  };
}

function deliveryOf(row: Arrived, domain: string, zone: string): Delivery {
  return Delivery.parse({
    source: row.source,
    target: targetOf(row),
    address: row.target_kind === 'mailbox' ? null : `${row.local_part}@${domain}`,
    plusWord: row.plus_word,
    labels: parseJson(z.array(z.string()), row.labels),
    set: row.occasion === 'label' ? row.trigger : null,
    flagged: Boolean(row.flagged),
    folder: row.folder,
    at: localTime(row.received_at, zone),
    occasion: row.occasion,
  });
}

function targetOf({ target_kind, task_id, project_name, mailbox_name }: AddressOf): Target {
  if (target_kind === 'task' && task_id !== null) return { kind: 'task', taskId: task_id };
  if (target_kind === 'mailbox') return { kind: 'mailbox', name: mailbox_name ?? '' };
  return project_name === null ? { kind: 'inbox' } : { kind: 'project', name: project_name };
}
