import {
  isTaskField,
  ownNameOf,
  TASK_CONDITIONS,
  TASK_FIELDS,
  TaskCondition,
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
export function kindsOf(field: string, kindOfOwn: string | null): readonly FieldConditionKind[] {
  const kind = ownNameOf(field) === null && isTaskField(field) ? TASK_FIELDS[field].kind : kindOfOwn;
  return kind === 'day' || kind === 'instant' || kind === 'date' || kind === 'date and time'
    ? OF_DAYS
    : OF_WORDS;
}

export const labelOfKind = (kind: TaskConditionKind) => TASK_CONDITIONS[kind].label;

/** A condition as it is being written. */
export type Draft = { kind: TaskConditionKind; field?: string | null } & Record<string, unknown>;

/** What a condition of a kind begins with; what the kinds share is carried over. */
export function draftOf(kind: TaskConditionKind, before: Draft | null, today: string): Draft {
  const field = before?.field ?? 'due';
  switch (kind) {
    case 'is':
      return { kind, field, values: before?.values ?? [] };
    case 'words':
      return { kind, field, words: before?.words ?? [] };
    case 'next':
    case 'last':
      return { kind, field, count: before?.count ?? 14, unit: before?.unit ?? 'days' };
    case 'before':
    case 'after':
    case 'on':
      return { kind, field, day: before?.day ?? today };
    case 'thisWeek':
    case 'set':
    case 'empty':
      return { kind, field };
    case 'gap':
      return { kind, field: null };
    case 'askedBy':
      return { kind, people: [] };
    case 'label':
      return { kind, labels: [] };
    case 'source':
      return { kind, values: [] };
    case 'address':
      return { kind, addresses: [] };
    default:
      return { kind };
  }
}

/** The condition, null while something is missing. */
export const finished = (draft: Draft): TaskCondition | null => TaskCondition.safeParse(draft).data ?? null;
