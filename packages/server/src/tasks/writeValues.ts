import { ownNameOf, TaskFields, Value } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { missing } from '../errors.ts';
import { parseJson, record, type TaskChangeRow, type TaskRow } from '../store/index.ts';
import {
  columnOf,
  fieldsOf,
  rawValue,
  stored,
  type ChangedField,
  type RawValue,
  type StoredField,
} from './columns.ts';
import { saveReferences } from './references.ts';

/** One value of a task that became another. */
export interface Step {
  task: number;
  field: ChangedField;
  before: RawValue;
  after: RawValue;
}

/** Who changes, in which run, when. */
export type By = Pick<TaskChangeRow, 'actor' | 'run' | 'at'>;

export type NewValues = readonly (readonly [ChangedField, RawValue])[];

/** Gives a task other values, with a line of its history for each that becomes another; these. Throws without the task. */
export async function writeValues(
  trx: Knex.Transaction,
  id: number,
  values: (row: TaskRow) => NewValues,
  by: By,
): Promise<Step[]> {
  const row = await trx('tasks').where({ id }).first();
  if (!row) throw missing('task');
  const steps = values(row)
    .map(([field, after]) => ({ task: id, field, before: rawValue(row, field), after }))
    .filter(({ before, after }) => before !== after);
  if (steps.length === 0) return [];
  const columns = columnsOf(row, steps);
  await trx('tasks')
    .where({ id })
    .update({ ...columns, revision: row.revision + 1 });
  await trx('task_changes').insert(
    steps.map(({ field, before, after }) => ({
      task_id: id,
      field: ownNameOf(field) ?? field,
      old: told(field, before),
      new: told(field, after),
      ...by,
    })),
  );
  await saveReferences(trx, id, fieldsOf({ ...row, ...columns }));
  await record(trx, [
    { kind: 'task', ref: String(id) },
    { kind: 'arrival', ref: String(row.arrival_id) },
  ]);
  return steps;
}

function columnsOf(row: TaskRow, steps: readonly Step[]): Partial<TaskRow> {
  const own = new Map(Object.entries(parseJson(TaskFields.shape.fields, row.own_fields)));
  const columns: Record<string, RawValue> = {};
  for (const { field, after } of steps) {
    const name = ownNameOf(field);
    if (name === null) columns[columnOf(field as StoredField)] = after;
    else if (after === null) own.delete(name);
    else own.set(name, parseJson(Value, String(after)));
  }
  const isOwn = steps.some(({ field }) => ownNameOf(field) !== null);
  return isOwn ? { ...columns, own_fields: JSON.stringify(Object.fromEntries(own)) } : columns;
}

/** A value of a row as histories keep it. */
export const keptValue = (row: TaskRow, field: ChangedField) => told(field, rawValue(row, field));

/** As histories keep it: a text as it is. */
const told = (field: ChangedField, raw: RawValue): string | null =>
  raw === null || ownNameOf(field) === null ? stored(raw) : stored(parseJson(Value, String(raw)));
