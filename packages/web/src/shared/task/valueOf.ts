import type { Task } from '@hatband/contract';
import { ownNameOf, type Value } from '@hatband/core/tasks';

/** What stands in a field of a task, as columns name fields; of a project its id. Null where it is empty. */
export function valueOf(task: Task, field: string): Value | null {
  const own = ownNameOf(field);
  const value = own === null ? builtInValue(task, field) : (task.fields[own] ?? null);
  return value === '' || (Array.isArray(value) && value.length === 0) ? null : value;
}

const PLAIN = [
  'title', 'due', 'start', 'deadline', 'priority', 'section', 'assignee', 'tags', 'notes', 'reminders', 'effort',
  'status',
] as const; // prettier-ignore

function builtInValue(task: Task, field: string): Value | null {
  if (field === 'project') return task.project?.id ?? null;
  const plain = PLAIN.find((name) => name === field);
  return plain === undefined ? null : task[plain];
}
