import type { MadeTask, Outcome } from '../rules/index.ts';
import type { Value } from '../tasks/index.ts';

/** Of an outcome what a proof shows; without its traces it is small enough to be sent for each key that is pressed. */
export type ProvedOutcome = Pick<Outcome, 'kind' | 'rules' | 'tasks'>;

/** `tasks` stands for the number of tasks; a field of a project's own goes by its name. */
export interface FieldChange {
  field: string;
  before: Value | null;
  after: Value | null;
}

/** What another rule set would make of one message. `taker`: the tasks stay as they are, but other rules make them. */
export type Difference =
  | { kind: 'same' }
  | { kind: 'gained' }
  | { kind: 'lost' }
  | { kind: 'taker' }
  | { kind: 'changed'; fields: FieldChange[] };

/** Compares what two rule sets make of the same message; tasks are matched by their item. */
export function compare(before: ProvedOutcome, after: ProvedOutcome): Difference {
  if (before.tasks.length === 0 || after.tasks.length === 0) {
    if (before.tasks.length > 0) return { kind: 'lost' };
    return { kind: after.tasks.length > 0 ? 'gained' : 'same' };
  }
  const fields = [
    ...countChange(before, after),
    ...after.tasks.flatMap((task) => changesOf(task, before.tasks)),
  ];
  if (fields.length > 0) return { kind: 'changed', fields };
  return { kind: takers(before) === takers(after) ? 'same' : 'taker' };
}

/** The rules that took the message, as one word. */
export const takers = ({ rules }: Pick<Outcome, 'rules'>): string =>
  rules.map(({ ruleId }) => ruleId).join(' ');

function countChange(before: ProvedOutcome, after: ProvedOutcome): FieldChange[] {
  const [was, is] = [before.tasks.length, after.tasks.length];
  return was === is ? [] : [{ field: 'tasks', before: was, after: is }];
}

function changesOf(task: MadeTask, earlier: readonly MadeTask[]): FieldChange[] {
  const other =
    earlier.find(({ itemKey }) => itemKey === task.itemKey) ??
    (earlier.length === 1 ? earlier[0] : undefined);
  if (!other) return [];
  const [was, is] = [valuesOf(other), valuesOf(task)];
  return [...new Set([...was.keys(), ...is.keys()])]
    .map((field) => ({ field, before: was.get(field) ?? null, after: is.get(field) ?? null }))
    .filter((change) => JSON.stringify(change.before) !== JSON.stringify(change.after));
}

/** All fields that have a value. */
function valuesOf({ fields: { fields: own, ...builtIn } }: MadeTask): Map<string, Value> {
  const all: [string, Value | null][] = [...Object.entries(builtIn), ...Object.entries(own)];
  return new Map(
    all.flatMap(([field, value]) =>
      value === null || value === '' || (Array.isArray(value) && value.length === 0)
        ? []
        : [[field, value] as const],
    ),
  );
}
