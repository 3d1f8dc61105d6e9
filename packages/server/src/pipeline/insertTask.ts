import { type MadeTask } from '@hatband/core/rules';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { findProject } from '../named/projects.ts';
import { columnOf, stored, type StoredField } from '../tasks/columns.ts';
import { placeAt } from '../tasks/place.ts';
import { saveReferences } from '../tasks/references.ts';

interface NewTasks {
  arrivalId: number;
  tasks: readonly MadeTask[];
  at: string;
}

/** The tasks of one arrival, with their changes; their ids. A task that is there already is left as it is. */
export async function insertTasks(
  trx: Knex.Transaction,
  { arrivalId, tasks, at }: NewTasks,
): Promise<number[]> {
  const run = randomUUID();
  const ids: number[] = [];
  for (const task of tasks) ids.push(...(await insertTask(trx, { arrivalId, task, run, at })));
  return ids;
}

interface NewTask {
  arrivalId: number;
  task: MadeTask;
  run: string;
  at: string;
}

const FIELDS: readonly StoredField[] = [
  'title', 'due', 'start', 'deadline', 'priority', 'project', 'section', 'assignee', 'tags', 'notes', 'reminders',
  'fields',
]; // prettier-ignore

async function insertTask(trx: Knex.Transaction, { arrivalId, task, run, at }: NewTask): Promise<number[]> {
  const { rule, fields, evidence, itemKey, checklist, effort } = task;
  const project = fields.project === null ? undefined : await findProject(trx, fields.project);
  const values = { ...fields, project: project?.id ?? null, section: project ? fields.section : null };
  const columns = Object.fromEntries(
    FIELDS.filter((field) => field !== 'title').map((field) => [
      columnOf(field),
      field === 'notes' ? values.notes : stored(values[field as keyof typeof values]),
    ]),
  );
  const [row] = await trx('tasks')
    .insert({
      arrival_id: arrivalId,
      rule_id: rule.ruleId,
      item_key: itemKey,
      title: values.title,
      ...columns,
      status: 'needs action',
      checklist: JSON.stringify(checklist.map((text) => ({ text, done: false }))),
      effort,
      place: await placeAt(trx, task.place),
      evidence: JSON.stringify(evidence),
      created_at: at,
    })
    .onConflict(['arrival_id', 'rule_id', 'item_key'])
    .ignore()
    .returning('id');
  if (!row) return [];
  const { fields: own, ...builtIn } = values;
  const filled = Object.entries({ ...builtIn, ...own }).flatMap(([field, each]) => {
    const value = stored(each);
    const isEmpty = value === null || value === '' || value === '[]';
    return isEmpty
      ? []
      : [{ task_id: row.id, field, old: null, new: value, actor: 'rule' as const, run, at }];
  });
  await trx('task_changes').insert(filled);
  await saveReferences(trx, row.id, fields);
  if (task.comment !== null)
    await trx('comments').insert({
      task_id: row.id,
      arrival_id: arrivalId,
      rule_id: rule.ruleId,
      version: rule.version,
      text: task.comment,
      created_at: at,
    });
  return [row.id];
}
