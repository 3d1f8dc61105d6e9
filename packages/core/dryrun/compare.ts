import type { Outcome } from '../rules/index.ts';
import type { TaskField } from '../tasks/index.ts';

export interface FieldChange {
  field: TaskField;
  before: string | null;
  after: string | null;
}

/** What another rule set would make of one message. `taker`: the task stays as it is, but another rule makes it. */
export type Difference =
  | { kind: 'same' }
  | { kind: 'gained' }
  | { kind: 'lost' }
  | { kind: 'taker' }
  | { kind: 'changed'; fields: FieldChange[] };

const FIELDS: readonly TaskField[] = ['title', 'due', 'priority', 'project'];

/** Compares what two rule sets make of the same message. */
export function compare(before: Outcome, after: Outcome): Difference {
  const [was] = before.tasks;
  const [is] = after.tasks;
  if (!was || !is) return { kind: was ? 'lost' : is ? 'gained' : 'same' };
  const fields = FIELDS.filter((field) => was.fields[field] !== is.fields[field]);
  if (fields.length === 0) return { kind: before.ruleId === after.ruleId ? 'same' : 'taker' };
  return {
    kind: 'changed',
    fields: fields.map((field) => ({ field, before: was.fields[field], after: is.fields[field] })),
  };
}
