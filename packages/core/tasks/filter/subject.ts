import type { TaskFields } from '../task.ts';
import type { Status } from '../task.ts';
import type { Value } from '../value.ts';
import { isTaskField, ownNameOf } from './fields.ts';

/** A task with what a filter may ask of it. `project` is an id; moments are ISO instants. */
export interface FilterableTask extends Omit<TaskFields, 'project'> {
  project: string | null;
  status: Status;
  /** An ISO 8601 duration. */
  effort: string | null;
  /** The rule that made it; the built-in reading has an id too. */
  rule: string;
  isUnclaimed: boolean;
  asks: { name: string; address: string };
  /** For whom it waits, or waited. */
  waitingFor: string | null;
  created: string;
  changed: string;
  completed: string | null;
  source: string;
  /** The way in. */
  address: number;
  labels: readonly string[];
  isCorrected: boolean;
  hasAttachments: boolean;
  hasProposals: boolean;
}

/** What stands in a field, null where it is empty. */
export function valueIn(task: FilterableTask, field: string): Value | null {
  const own = ownNameOf(field);
  const value = own === null ? builtInValue(task, field) : (task.fields[own] ?? null);
  return value === '' || (Array.isArray(value) && value.length === 0) ? null : value;
}

function builtInValue(task: FilterableTask, field: string): Value | null {
  if (!isTaskField(field)) return null;
  return field === 'asks' ? task.asks.name || task.asks.address : task[field];
}
