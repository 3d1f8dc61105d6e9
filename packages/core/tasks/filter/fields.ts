import { isBuiltIn } from '../task.ts';

/** What every task has, as filters, sorts, groups and columns name it, and what kind of value it is. */
export const TASK_FIELDS = {
  title: { label: 'title', kind: 'text' },
  due: { label: 'due date', kind: 'day' },
  start: { label: 'start date', kind: 'day' },
  deadline: { label: 'deadline', kind: 'day' },
  reminders: { label: 'reminders', kind: 'day' },
  priority: { label: 'priority', kind: 'choice' },
  project: { label: 'project', kind: 'choice' },
  section: { label: 'section', kind: 'text' },
  assignee: { label: 'assignee', kind: 'text' },
  tags: { label: 'tags', kind: 'text' },
  notes: { label: 'notes', kind: 'text' },
  effort: { label: 'effort', kind: 'duration' },
  status: { label: 'status', kind: 'choice' },
  rule: { label: 'made by', kind: 'choice' },
  asks: { label: 'asked by', kind: 'text' },
  created: { label: 'created', kind: 'instant' },
  changed: { label: 'changed', kind: 'instant' },
  completed: { label: 'completed', kind: 'instant' },
} as const satisfies Record<string, { label: string; kind: string }>;
export type TaskFieldName = keyof typeof TASK_FIELDS;

export const isTaskField = (field: string): field is TaskFieldName => Object.hasOwn(TASK_FIELDS, field);

const OWN = 'own:';

export type OwnFieldName = `${typeof OWN}${string}`;

/** A field of a project's own, as it is named beside those that every task has. */
export const ownField = (name: string): OwnFieldName => `${OWN}${name}`;

/** The name of a project's own field, null for one that every task has. */
export const ownNameOf = (field: string): string | null =>
  field.startsWith(OWN) ? field.slice(OWN.length) : null;

/** A field as a requirement names it. */
export const requiredField = (name: string): string => (isBuiltIn(name) ? name : ownField(name));

export const labelOfField = (field: string): string =>
  isTaskField(field) ? TASK_FIELDS[field].label : (ownNameOf(field) ?? field);

/** Whether its values are moments, which a day holds from its midnight to the next where the user is. */
export const isInstant = (field: string) => isTaskField(field) && TASK_FIELDS[field].kind === 'instant';
