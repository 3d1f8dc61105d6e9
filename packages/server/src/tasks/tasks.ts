import type { Task, ValueSource } from '@hatband/contract';
import { BUILT_IN, FieldEvidence, READING_KINDS, type ReadingKind } from '@hatband/core/rules';
import { ChecklistLine } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { z } from 'zod';
import { missing } from '../errors.ts';
import { ruleNames, type RuleNames } from '../ruleVersions/ruleNames.ts';
import { parseJson, type Store, type TaskRow } from '../store/index.ts';
import { fieldsOf, NO_CORRECTION } from './columns.ts';

const CHECKLIST = z.array(ChecklistLine);

type JoinedRow = TaskRow & {
  project_name: string | null;
  subject: string;
  asks_name: string;
  asks_address: string;
};

/** The tasks that the query chooses, with the names and sources of their values. */
export async function viewTasks(
  db: Knex,
  choose: (query: Knex.QueryBuilder) => Knex.QueryBuilder,
): Promise<Task[]> {
  const query = db('tasks')
    .join('arrivals', 'arrivals.id', 'tasks.arrival_id')
    .leftJoin('projects', (join) =>
      join.on('projects.id', 'tasks.project_id').andOnNull('projects.deleted_at'),
    )
    .select(
      'tasks.*',
      { project_name: 'projects.name' },
      'arrivals.subject',
      'arrivals.asks_name',
      'arrivals.asks_address',
    );
  const rows = ((await choose(query)) as JoinedRow[]).map((row) => ({
    row,
    read: parseJson(FieldEvidence, row.evidence),
  }));
  const ruleIds = rows.flatMap(({ read }) => Object.values(read).map(({ ruleId }) => ruleId));
  const ruleName = await ruleNames(db, ruleIds);
  const corrections = await correctionsOf(
    db,
    rows.map(({ row }) => row.id),
  );
  return rows.map(({ row, read }) => view(row, sourcesOf(read, ruleName, corrections.get(row.id) ?? [])));
}

/** What the user made of a field that had another value before him. */
interface Correction {
  field: string;
  at: string;
  was: string | null;
}

/** By task. What was changed and is again as it was before the user is none. */
async function correctionsOf(db: Knex, ids: number[]): Promise<Map<number, Correction[]>> {
  const rows = await db('task_changes')
    .whereIn('task_id', ids)
    .whereNot({ actor: 'rule' })
    .whereNotIn(
      'field',
      NO_CORRECTION.filter((field) => field !== 'status'),
    )
    .orderBy('id');
  const byTask = new Map<number, Correction[]>();
  for (const [id, of] of groupedBy(rows, (row) => row.task_id))
    byTask.set(
      id,
      [...groupedBy(of, (row) => row.field)].flatMap(([field, lines]) => {
        const [first, last] = [lines[0], lines.at(-1)];
        return first && last && first.old !== last.new ? [{ field, at: last.at, was: first.old }] : [];
      }),
    );
  return byTask;
}

function groupedBy<T, K>(rows: readonly T[], keyOf: (row: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const row of rows) {
    const group = groups.get(keyOf(row));
    if (group) group.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return groups;
}

/** Where each value came from: its rule, or the user who corrected it. */
function sourcesOf(
  read: FieldEvidence,
  ruleName: RuleNames,
  corrections: readonly Correction[],
): Record<string, ValueSource> {
  const sources: Record<string, ValueSource> = {};
  for (const [field, taken] of Object.entries(read))
    sources[field] = {
      by: 'rule',
      ...taken,
      ruleName: ruleName(taken.ruleId, taken.version),
      reading: readingLabel(taken.readingKind),
    };
  for (const { field, at, was } of corrections) sources[field] = { by: 'user', at, was };
  return sources;
}

function view(row: JoinedRow, evidence: Record<string, ValueSource>): Task {
  return {
    id: row.id,
    ...fieldsOf(row),
    checklist: parseJson(CHECKLIST, row.checklist),
    effort: row.effort,
    project:
      row.project_id === null || row.project_name === null
        ? null
        : { id: row.project_id, name: row.project_name },
    status: row.status,
    arrivalId: row.arrival_id,
    ruleId: row.rule_id === BUILT_IN ? null : row.rule_id,
    evidence,
    source: { subject: row.subject, from: row.asks_name || row.asks_address },
    createdAt: row.created_at,
    changedAt: row.changed_at,
    completedAt: row.completed_at,
    deletedAt: row.deleted_at,
    waiting: row.waiting_for === null ? null : { for: row.waiting_for, until: row.waiting_until },
    mergedInto: row.merged_into,
    revision: row.revision,
  };
}

const readingLabel = (kind: string) =>
  isReadingKind(kind)
    ? READING_KINDS[kind].label
    : kind === 'task template'
      ? 'its task template'
      : 'its route';

const isReadingKind = (kind: string): kind is ReadingKind => kind in READING_KINDS;

/** Tasks by their numbers, in that order; those that are gone are left out. */
export async function readTasks(db: Knex, ids: readonly number[]): Promise<Task[]> {
  const known = new Map(
    (await viewTasks(db, (query) => query.whereIn('tasks.id', ids))).map((task) => [task.id, task]),
  );
  return ids.flatMap((id) => known.get(id) ?? []);
}

export async function getTask(store: Store, id: number): Promise<Task> {
  const [task] = await viewTasks(store.read, (query) => query.where('tasks.id', id));
  if (!task) throw missing('task');
  return task;
}
