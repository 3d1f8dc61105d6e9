import type { ChangeEvent, Gate, OutcomeKind } from '@hatband/contract';
import type { Occasion, RuleState, SourceKind, Target } from '@hatband/core/rules';
import type {
  ImportItemRow,
  ImportRow,
  MailboxFolderRow,
  MailboxMarkRow,
  MailboxRow,
  OutboxRow,
  PracticeMessageRow,
  SessionRow,
  SqlBoolean,
  TurnedAwayRow,
} from './mailRows.ts';
import type {
  ActRow,
  CommentRow,
  ProposalRow,
  TaskChangeRow,
  TaskReferenceRow,
  TaskRow,
  ViewRow,
} from './taskRows.ts';

/** The rows as the tables hold them; JSON columns are text here and are parsed by their schemas where they are read. */
export interface MessageRow {
  id: number;
  sha256: Buffer;
  size: number;
}

export interface ChunkRow {
  message_id: number;
  n: number;
  bytes: Buffer;
}

export interface ProjectRow {
  id: string;
  name: string;
  created_at: string;
  description: string;
  sections: string;
  fields: string;
  requirements: string;
  revision: number;
  /** Its name is free again, and its tasks are in no project. */
  deleted_at: string | null;
}

/** A person, a lookup table, a task template or a tag. */
export interface NamedRow {
  id: string;
  kind: 'people' | 'tables' | 'templates' | 'tags';
  name: string;
  body: string;
  revision: number;
}

export interface SettingRow {
  key: 'inboxRequirements' | 'user' | 'passphrase';
  value: string;
}

/** A way in: an intake address of the inbox, of a project or of a task, or a watched mailbox. */
export interface AddressRow {
  id: number;
  /** Of a watched mailbox a name that no address can have. */
  local_part: string;
  target_kind: Target['kind'];
  project_id: string | null;
  task_id: number | null;
  policy: string;
  /** Behind the `+` of a watched mailbox's own address it means this address. */
  plus_word: string | null;
  token_hash: Buffer | null;
  created_at: string;
  paused_at: string | null;
  /** Set when it was renewed: refused from then on, or from the end of its grace on. */
  retired_at: string | null;
  grace_until: string | null;
  revision: number;
}

export type ArrivalState = 'stored' | 'ready' | 'applied' | 'failed';

export interface ArrivalRow {
  id: number;
  message_id: number;
  address_id: number;
  plus_word: string | null;
  source: SourceKind;
  envelope_from: string;
  received_at: string;
  deliveries: number;
  occasion: Occasion;
  /** The label that was set. */
  trigger: string;
  labels: string;
  flagged: SqlBoolean;
  /** Where it lies in its mailbox. */
  mailbox_id: number | null;
  folder: string | null;
  uid: number | null;
  uid_validity: string | null;
  /** Why it waits at the door, before any rule. */
  gate: Gate | null;
  gate_words: string | null;
  /** When what failed is tried again. */
  retry_at: string | null;
  retries: number;
  /** The arrival of the same message at the same address, which speaks for this one too. */
  same_as: number | null;
  /** The earlier arrival of the same original by another way, or of what is alike. */
  again_of: number | null;
  delivery_hash: Buffer | null;
  /** Of the writer and his words: what may be the same original. */
  origin_hash: Buffer | null;
  /** Of all that makes it the same original; null where it cannot stand for another. */
  origin_exact: Buffer | null;
  /** The original's own Message-ID. */
  origin_id: string | null;
  /** When the newest words were sent. */
  origin_sent: string | null;
  state: ArrivalState;
  attempts: number;
  reading_id: number | null;
  subject: string;
  from_name: string;
  from_address: string;
  /** The sender of the newest words. */
  asks_name: string;
  asks_address: string;
  outcome_kind: OutcomeKind;
  outcome_reason: string | null;
  /** The first rule that took it. */
  rule_id: string | null;
  trace: Buffer | null;
  /** Messages that answer one another have the same; null until it was read. */
  thread_id: number | null;
  held: string;
  effects: string;
  /** What the user should know of how it was worked, in words. */
  remarks: string;
  attachment_names: string;
}

/** Which thread a message id belongs to (RFC 5322, section 3.6.4). */
export interface ThreadMessageRow {
  message_ref: string;
  thread_id: number;
}

/** Each rule that took an arrival. */
export interface ArrivalRuleRow {
  arrival_id: number;
  rule_id: string;
  received_at: string;
}

export interface ReadingRow {
  id: number;
  message_id: number;
  reader_version: number;
  context: string;
  body: Buffer;
}

export interface RuleRow {
  id: string;
  position: number;
  state: RuleState;
  version: number | null;
  draft: string | null;
  revision: number;
  created_at: string;
  deleted_at: string | null;
}

export interface RuleVersionRow {
  rule_id: string;
  version: number;
  definition: string;
  made_at: string;
}

export interface EventRow {
  seq: number;
  kind: Exclude<ChangeEvent['kind'], 'everything'>;
  /** Its id; empty for several at once. */
  ref: string;
}

declare module 'knex/types/tables.js' {
  interface Tables {
    messages: MessageRow;
    message_chunks: ChunkRow;
    projects: ProjectRow;
    addresses: AddressRow;
    arrivals: ArrivalRow;
    readings: ReadingRow;
    rules: RuleRow;
    rule_versions: RuleVersionRow;
    tasks: TaskRow;
    task_changes: TaskChangeRow;
    task_references: TaskReferenceRow;
    comments: CommentRow;
    views: ViewRow;
    acts: ActRow;
    named: NamedRow;
    settings: SettingRow;
    thread_messages: ThreadMessageRow;
    arrival_rules: ArrivalRuleRow;
    turned_away: TurnedAwayRow;
    mailboxes: MailboxRow;
    mailbox_folders: MailboxFolderRow;
    mailbox_marks: MailboxMarkRow;
    practice_messages: PracticeMessageRow;
    imports: ImportRow;
    import_items: ImportItemRow;
    proposals: ProposalRow;
    sessions: SessionRow;
    outbox: OutboxRow;
    events: EventRow;
  }
}
