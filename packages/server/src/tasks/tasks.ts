import type { Named, Task, TaskChange, ValueSource } from '@hatband/contract';
import { BUILT_IN, FieldEvidence, READING_KINDS, type ReadingKind } from '@hatband/core/rules';
import type { TaskFields } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { ruleNames, type RuleNames } from '../ruleVersions/ruleNames.ts';
import { record, parseJson, type Store, type TaskChangeRow, type TaskRow } from '../store/index.ts';
import { columnOf, DONE, fieldsOf, stored, type StoredField } from './columns.ts';
import { saveReferences } from './references.ts';

const CHECKLIST = z.array(z.string());

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

/** The user's latest change of each field, by task. */
async function correctionsOf(db: Knex, ids: number[]): Promise<Map<number, TaskChangeRow[]>> {
  const rows = await db('task_changes').whereIn('task_id', ids).where({ actor: 'user' }).orderBy('id');
  const byTask = new Map<number, TaskChangeRow[]>();
  for (const row of rows) byTask.set(row.task_id, [...(byTask.get(row.task_id) ?? []), row]);
  return byTask;
}

/** Where each value came from: its rule, or the user who corrected it. */
function sourcesOf(
  read: FieldEvidence,
  ruleName: RuleNames,
  corrections: TaskChangeRow[],
): Record<string, ValueSource> {
  const sources: Record<string, ValueSource> = {};
  for (const [field, taken] of Object.entries(read))
    sources[field] = {
      by: 'rule',
      ...taken,
      ruleName: ruleName(taken.ruleId, taken.version),
      reading: readingLabel(taken.readingKind),
    };
  for (const { field, at } of corrections) {
    const first = corrections.find((change) => change.field === field);
    sources[field] = { by: 'user', at, was: first?.old ?? null };
  }
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

export async function getTask(store: Store, id: number): Promise<Task> {
  const [task] = await viewTasks(store.read, (query) => query.where('tasks.id', id));
  if (!task) throw missing('task');
  return task;
}

export interface TaskPage {
  limit: number;
  cursor?: string | undefined;
  state: 'open' | 'done' | 'all';
  order: 'newest' | 'due';
}

/** Tasks without a due date stand behind all others. */
const DUE_KEY = "coalesce(tasks.due, '9')";

/** `cursor` is the `next` of the page before: the place of its last task in the order. */
export async function listTasks(store: Store, { limit, cursor, state, order }: TaskPage) {
  const [id, due] = (cursor ?? '').split(' ');
  const items = await viewTasks(store.read, (query) =>
    query
      .modify((q: Knex.QueryBuilder) => {
        if (state === 'open') void q.whereNotIn('tasks.status', DONE);
        if (state === 'done') void q.whereIn('tasks.status', DONE);
        if (order === 'due') void q.orderByRaw(`${DUE_KEY}, tasks.id`);
        else void q.orderBy('tasks.id', 'desc');
        if (id && order === 'due')
          void q.whereRaw(`(${DUE_KEY}, tasks.id) > (?, ?)`, [due ?? '', Number(id)]);
        if (id && order === 'newest') void q.where('tasks.id', '<', Number(id));
      })
      .limit(limit),
  );
  const last = items.length === limit ? items.at(-1) : undefined;
  return {
    items,
    next: last ? `${String(last.id)} ${last.due ?? '9'}` : null,
    counts: await countTasks(store),
  };
}

async function countTasks(store: Store): Promise<{ open: number; done: number }> {
  const done = (await store.read('tasks').whereIn('status', DONE).count({ n: '*' }).first())?.n;
  const all = (await store.read('tasks').count({ n: '*' }).first())?.n;
  return { open: Number(all) - Number(done), done: Number(done) };
}

/** The user's own change of a task as he saw it. */
export const changeTask = (
  store: Store,
  { id, revision }: { id: number; revision: number },
  change: TaskChange,
  clock: Clock,
): Promise<void> =>
  store.write(async (trx) => {
    const row = await trx('tasks').where({ id }).first('revision');
    if (row && row.revision !== revision)
      throw new Failure('stale', 'This task was changed elsewhere meanwhile; look at it again.');
    await changeInTask(trx, id, change, clock);
  });

/** Each field that becomes another is recorded with its old and new value. */
export async function changeInTask(
  trx: Knex.Transaction,
  id: number,
  change: TaskChange,
  clock: Clock,
): Promise<void> {
  const row = await trx('tasks').where({ id }).first();
  if (!row) throw missing('task');
  if (change.project != null) await requireProject(trx, change.project);
  const fields = (Object.keys(change) as StoredField[]).filter(
    (field) => row[columnOf(field)] !== columnValue(field, change),
  );
  if (fields.length === 0) return;
  const values = Object.fromEntries(fields.map((field) => [columnOf(field), columnValue(field, change)]));
  await trx('tasks')
    .where({ id })
    .update({ ...values, revision: row.revision + 1 });
  const by = { task_id: id, actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
  await trx('task_changes').insert(
    changesOf(fieldsOf(row).fields, fields, change, row).map((each) => ({ ...by, ...each })),
  );
  await saveReferences(trx, id, fieldsOf({ ...row, ...values }));
  await record(trx, [
    { kind: 'task', ref: String(id) },
    { kind: 'arrival', ref: String(row.arrival_id) },
  ]);
}

/** One change a field; a field of a project's own goes by its name. */
function changesOf(
  own: TaskFields['fields'],
  fields: readonly StoredField[],
  change: TaskChange,
  row: TaskRow,
) {
  return fields.flatMap((field) => {
    if (field !== 'fields')
      return [{ field: field, old: stored(row[columnOf(field)]), new: columnValue(field, change) }];
    const next = change.fields ?? {};
    return [...new Set([...Object.keys(own), ...Object.keys(next)])]
      .map((name) => ({ field: name, old: stored(own[name]), new: stored(next[name]) }))
      .filter((each) => each.old !== each.new);
  });
}

const columnValue = (field: StoredField, change: TaskChange) => stored(change[field]);

async function requireProject(trx: Knex.Transaction, project: Named['id']): Promise<void> {
  if (await trx('projects').where({ id: project }).whereNull('deleted_at').first()) return;
  throw new Failure('input', 'There is no such project.', [
    { path: 'project', message: 'Choose a project.' },
  ]);
}
