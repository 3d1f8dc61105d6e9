import {
  isDayKind,
  isTaskField,
  ownNameOf,
  TASK_CONDITIONS,
  TASK_FIELDS,
  TaskCondition,
  type FieldKind,
  type TaskConditionKind,
} from '@hatband/core/tasks';

/** Conditions that ask of no field. */
export const OF_NO_FIELD = [
  'overdue', 'gap', 'unclaimed', 'corrected', 'attachments', 'proposals', 'askedBy', 'label', 'source', 'address',
] as const satisfies readonly TaskConditionKind[]; // prettier-ignore

const OF_DAYS = ['next', 'last', 'thisWeek', 'before', 'after', 'on', 'set', 'empty'] as const;
const OF_WORDS = ['is', 'words', 'set', 'empty'] as const;

export type FieldConditionKind = (typeof OF_DAYS)[number] | (typeof OF_WORDS)[number];

/** The kinds of conditions that fit a field. */
export function kindsOf(field: string, kindOfOwn: FieldKind | null): readonly FieldConditionKind[] {
  const kind = ownNameOf(field) === null && isTaskField(field) ? TASK_FIELDS[field].kind : kindOfOwn;
  return kind === 'instant' || isDayKind(kind) ? OF_DAYS : OF_WORDS;
}

export const labelOfKind = (kind: TaskConditionKind) => TASK_CONDITIONS[kind].label;

/** A condition as it is being written. */
export type Draft = { kind: TaskConditionKind; field?: string | null } & Record<string, unknown>;

type Begin = (before: Draft | null, today: string) => Record<string, unknown>;

const fieldOf: Begin = (before) => ({ field: before?.field ?? 'due' });
const count: Begin = (before, today) => ({
  ...fieldOf(before, today),
  count: before?.count ?? 14,
  unit: before?.unit ?? 'days',
});
const day: Begin = (before, today) => ({ ...fieldOf(before, today), day: before?.day ?? today });
const nothing: Begin = () => ({});

/** What a condition of a kind begins with; what the kinds share is carried over. */
const BEGIN: Record<TaskConditionKind, Begin> = {
  is: (before, today) => ({ ...fieldOf(before, today), values: before?.values ?? [] }),
  words: (before, today) => ({ ...fieldOf(before, today), words: before?.words ?? [] }),
  empty: fieldOf,
  set: fieldOf,
  before: day,
  after: day,
  on: day,
  next: count,
  last: count,
  thisWeek: fieldOf,
  overdue: nothing,
  gap: () => ({ field: null }),
  source: () => ({ values: [] }),
  address: () => ({ addresses: [] }),
  label: () => ({ labels: [] }),
  unclaimed: nothing,
  askedBy: () => ({ people: [] }),
  corrected: nothing,
  attachments: nothing,
  proposals: nothing,
};

export const draftOf = (kind: TaskConditionKind, before: Draft | null, today: string): Draft => ({
  kind,
  ...BEGIN[kind](before, today),
});

/** The condition, null while something is missing. */
export const finished = (draft: Draft): TaskCondition | null => TaskCondition.safeParse(draft).data ?? null;
