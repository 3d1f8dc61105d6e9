import { labelOfField, ownNameOf, TaskFields } from '@hatband/core/tasks';
import { parseJson, type TaskRow } from '../store/index.ts';

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
  effort: 'effort',
  place: 'place',
  deleted: 'deleted_at',
  checklist: 'checklist',
  waitingFor: 'waiting_for',
  waitingUntil: 'waiting_until',
  mergedInto: 'merged_into',
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

/** What can be changed in a task by itself: a column's field, or one field of its project's own. */
export type ChangedField = Exclude<StoredField, 'fields'> | `own:${string}`;

export const isChangedField = (field: string): field is ChangedField =>
  ownNameOf(field) !== null || (field !== 'fields' && Object.hasOwn(COLUMNS, field));

/** What the user does with a task that corrects no value of it. */
export const NO_CORRECTION = [
  'status',
  'place',
  'deleted',
  'checklist',
  'waitingFor',
  'waitingUntil',
  'mergedInto',
] as const satisfies readonly ChangedField[];

const NAMES: Partial<Record<ChangedField, string>> = {
  checklist: 'checklist',
  waitingUntil: 'waiting until',
  mergedInto: 'merged into',
  deleted: 'deleted',
  place: 'place',
};

/** What a field is called. */
export const nameOfField = (field: ChangedField): string =>
  ownNameOf(field) ?? NAMES[field] ?? labelOfField(field);

/** A value as it stands in the row: that of a column, or the JSON of a project's own field. */
export type RawValue = string | number | null;

export function rawValue(row: TaskRow, field: ChangedField): RawValue {
  const own = ownNameOf(field);
  if (own === null) return row[columnOf(field as StoredField)];
  const value = fieldsOf(row).fields[own];
  return value === undefined ? null : JSON.stringify(value);
}
