import type { Import, ImportItem, MailboxSettings, TurnedAway } from '@hatband/contract';

/** Rows of the ways in besides the arrivals themselves: mailboxes, files, sessions. */

/** As SQLite gives it back. */
export type SqlBoolean = boolean | 0 | 1;

/** Who was refused or dropped at a way in, and how often. */
export interface TurnedAwayRow {
  id: number;
  address_id: number;
  sender: string;
  what: TurnedAway['what'];
  words: string;
  times: number;
  last_at: string;
}

export interface MailboxRow {
  id: number;
  address_id: number;
  kind: MailboxSettings['kind'];
  name: string;
  settings: string;
  /** The password, encrypted. */
  secret: Buffer | null;
  paused_at: string | null;
  /** It is watched no more; its arrivals stay. */
  removed_at: string | null;
  revision: number;
  created_at: string;
}

/** How far a folder was looked through (RFC 9051, section 2.3.1.1). */
export interface MailboxFolderRow {
  mailbox_id: number;
  folder: string;
  uid_validity: string;
  last_uid: number;
  /** When its newest message came as the watch began, by the mailbox's own clock; what is no newer does not come in. */
  since: string;
}

/** A label or flag that was seen on a message. */
export interface MailboxMarkRow {
  mailbox_id: number;
  folder: string;
  /** `flag`, or `label` and its name. */
  mark: string;
  uid: number;
  message_ref: string | null;
}

export interface PracticeMessageRow {
  uid: number;
  folder: string;
  bytes: Buffer;
  labels: string;
  flagged: SqlBoolean;
  seen: SqlBoolean;
  from_name: string;
  subject: string;
  sent_at: string;
  came_at: string;
  /** Its number in the folder that it was moved from. */
  was_uid: number | null;
}

export interface ImportRow {
  id: number;
  address_id: number;
  name: string;
  state: Import['state'];
  /** In bytes, of which `read` were looked through. */
  size: number;
  read: number;
  problem: string | null;
  begun_at: string;
}

export interface ImportItemRow {
  import_id: number;
  n: number;
  name: string;
  result: ImportItem['result'];
  words: string | null;
  arrival_id: number | null;
}

/** What is to be done outside the database, at least once. */
export interface OutboxRow {
  id: number;
  idempotency_key: string;
  kind: 'mailbox';
  arrival_id: number;
  payload: string;
  state: 'waiting' | 'done' | 'failed';
  attempts: number;
  next_attempt_at: string;
  /** Why it was given up, in words. */
  problem: string | null;
}

export interface SessionRow {
  token_hash: Buffer;
  begun_at: string;
  ends_at: string;
}
