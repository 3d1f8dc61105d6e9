import { BUILT_IN_FIELDS, isBuiltIn } from '../task.ts';
import type { FieldKind } from '../value.ts';

const { comment: _, ...READ } = BUILT_IN_FIELDS;

/** What every task has, as filters, sorts, groups and columns name it: what rules read, and what is known of it besides. */
export const TASK_FIELDS = {
  ...READ,
  effort: { kind: 'duration', name: 'effort' },
  status: { kind: 'choice', name: 'status' },
  rule: { kind: 'choice', name: 'made by' },
  asks: { kind: 'text', name: 'asked by' },
  waitingFor: { kind: 'text', name: 'waiting for' },
  created: { kind: 'instant', name: 'created' },
  changed: { kind: 'instant', name: 'changed' },
  completed: { kind: 'instant', name: 'completed' },
} as const satisfies Record<string, { kind: FieldKind | 'instant'; name: string }>;
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
  isTaskField(field) ? TASK_FIELDS[field].name : (ownNameOf(field) ?? field);

/** Whether its values are moments, which a day holds from its midnight to the next where the user is. */
export const isInstant = (field: string) => isTaskField(field) && TASK_FIELDS[field].kind === 'instant';

/** Whether its values are local days, some with a clock time. */
export const isDayKind = (kind: FieldKind | 'instant' | null) => kind === 'date' || kind === 'date and time';

/** Whether values of a field that every task has are such days. */
export const isDay = (field: string) => isTaskField(field) && isDayKind(TASK_FIELDS[field].kind);
