import type { StoredProposal } from '@hatband/contract';
import type { Priority, Status } from '@hatband/core/tasks';

/** The rows around tasks as the tables hold them. */
/** A change of a task that a message asks for, and that only the user makes. */
export interface ProposalRow {
  id: number;
  task_id: number;
  arrival_id: number;
  field: StoredProposal['field'];
  value: string;
  spans: string;
  state: 'open' | 'accepted' | 'declined';
  made_at: string;
}

export interface TaskRow {
  id: number;
  arrival_id: number;
  rule_id: string;
  item_key: string;
  title: string;
  due: string | null;
  priority: Priority | null;
  project_id: string | null;
  status: Status;
  start: string | null;
  deadline: string | null;
  section: string | null;
  assignee: string | null;
  tags: string;
  notes: string;
  reminders: string;
  own_fields: string;
  checklist: string;
  effort: string | null;
  /** Its place in its section; lower is higher. */
  place: number;
  evidence: string;
  revision: number;
  created_at: string;
  /** The newest change of it. */
  changed_at: string;
  /** When it was completed or cancelled; null while it is to be done. */
  completed_at: string | null;
  /** In the bin since then. */
  deleted_at: string | null;
  /** Out of sight until that person's next mail in its thread, or until the day. */
  waiting_for: string | null;
  waiting_until: string | null;
  /** The task that it became a part of when it was deleted. */
  merged_into: number | null;
}

/** How tasks are shown, under a name. */
export interface ViewRow {
  id: string;
  name: string;
  view: string;
  position: number;
  revision: number;
}

/** Something that the user did, with the values it changed, so that it can be taken back. */
export interface ActRow {
  id: string;
  at: string;
  label: string;
  steps: string;
  undone_at: string | null;
}

/** A reference number in a task's title or own fields. */
export interface TaskReferenceRow {
  task_id: number;
  reference: string;
}

export interface CommentRow {
  id: number;
  task_id: number;
  /** Null for the user's own. */
  arrival_id: number | null;
  rule_id: string | null;
  version: number | null;
  text: string;
  evidence: string | null;
  created_at: string;
}

export interface TaskChangeRow {
  id: number;
  task_id: number;
  field: string;
  old: string | null;
  new: string | null;
  /** `undo`: the user, who took back what he did or did it again. */
  actor: 'rule' | 'user' | 'undo';
  run: string;
  at: string;
}
