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
}

export interface AddressRow {
  id: number;
  local_part: string;
  target_kind: 'inbox' | 'project';
  project_id: string | null;
  created_at: string;
  /** Set when it was renewed: refused from then on. */
  retired_at: string | null;
}

export type ArrivalState = 'stored' | 'ready' | 'applied' | 'failed';

export interface ArrivalRow {
  id: number;
  message_id: number;
  address_id: number;
  plus_word: string | null;
  source: 'smtp';
  envelope_from: string;
  received_at: string;
  deliveries: number;
  state: ArrivalState;
  attempts: number;
  reading_id: number | null;
  subject: string;
  from_name: string;
  from_address: string;
  /** The sender of the newest words. */
  asks_name: string;
  asks_address: string;
  outcome_kind: 'waiting' | 'tasks' | 'unclaimed' | 'nothing' | 'failed';
  outcome_reason: string | null;
  rule_id: string | null;
  trace: Buffer | null;
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
  state: 'draft' | 'live' | 'paused';
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

export interface TaskRow {
  id: number;
  arrival_id: number;
  rule_id: string;
  item_key: string;
  title: string;
  due: string | null;
  priority: 'high' | 'medium' | 'low' | null;
  project_id: string | null;
  status: 'needs action' | 'in process' | 'completed' | 'cancelled';
  evidence: string;
  revision: number;
  created_at: string;
}

export interface TaskChangeRow {
  id: number;
  task_id: number;
  field: string;
  old: string | null;
  new: string | null;
  actor: 'rule' | 'user';
  run: string;
  at: string;
}

export interface EventRow {
  seq: number;
  kind: 'arrival' | 'task' | 'rule' | 'address' | 'project';
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
    events: EventRow;
  }
}
