import { TaskFields } from '@hatband/core/tasks';
import { parseJson, type TaskRow } from '../store/index.ts';

export const DONE = ['completed', 'cancelled'] as const;

/** The row's columns for a task's fields; those that are lists or records are JSON. */
const COLUMNS = {
  title: 'title',
  due: 'due',
  start: 'start',
  deadline: 'deadline',
  priority: 'priority',
  project: 'project_id',
  section: 'section',
  assignee: 'assignee',
  tags: 'tags',
  notes: 'notes',
  reminders: 'reminders',
  fields: 'own_fields',
  status: 'status',
} as const;
export type StoredField = keyof typeof COLUMNS;

export const columnOf = (field: StoredField) => COLUMNS[field];

/** A value as its column holds it, and as changes keep it. */
export const stored = (value: unknown): string | null =>
  value === null || value === undefined ? null : typeof value === 'string' ? value : JSON.stringify(value);

/** The fields of a row, but for its project, which is an id there. */
export function fieldsOf(row: TaskRow): Omit<TaskFields, 'project'> {
  const { tags, reminders, fields } = TaskFields.shape;
  return {
    title: row.title,
    due: row.due,
    start: row.start,
    deadline: row.deadline,
    priority: row.priority,
    section: row.section,
    assignee: row.assignee,
    tags: parseJson(tags, row.tags),
    notes: row.notes,
    reminders: parseJson(reminders, row.reminders),
    fields: parseJson(fields, row.own_fields),
  };
}
