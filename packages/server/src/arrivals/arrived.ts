import type { Knex } from 'knex';
import type { ArrivalRow } from '../store/index.ts';

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

/** The way in, of an arrival's row. */
export interface AddressOf {
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
