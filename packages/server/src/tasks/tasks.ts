import type { Named, Task, TaskChange, ValueSource } from '@hatband/contract';
import { BUILT_IN, FieldEvidence, RuleDefinition } from '@hatband/core/rules';
import { TaskField } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { record } from '../events.ts';
import { parseJson, type Store, type TaskChangeRow, type TaskRow } from '../store/index.ts';

export const DONE = ['completed', 'cancelled'] as const;

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
    .leftJoin('projects', 'projects.id', 'tasks.project_id')
    .select(
      'tasks.*',
      { project_name: 'projects.name' },
      'arrivals.subject',
      'arrivals.asks_name',
      'arrivals.asks_address',
    );
  const rows = (await choose(query)) as JoinedRow[];
  const ruleNames = await namesOfRules(db);
  const corrections = await correctionsOf(
    db,
    rows.map((row) => row.id),
  );
  return rows.map((row) => view(row, ruleNames, corrections.get(row.id) ?? []));
}

async function namesOfRules(db: Knex): Promise<(ruleId: string, version: number) => string> {
  const rows = await db('rule_versions').select('rule_id', 'version', 'definition');
  const names = new Map(
    rows.map((row) => [
      `${row.rule_id} ${String(row.version)}`,
      parseJson(RuleDefinition, row.definition).name,
    ]),
  );
  return (ruleId, version) =>
    ruleId === BUILT_IN ? 'Built-in reading' : (names.get(`${ruleId} ${String(version)}`) ?? 'a rule');
}

/** The user's latest change of each field, by task. */
async function correctionsOf(db: Knex, ids: number[]): Promise<Map<number, TaskChangeRow[]>> {
  const rows = await db('task_changes').whereIn('task_id', ids).where({ actor: 'user' }).orderBy('id');
  const byTask = new Map<number, TaskChangeRow[]>();
  for (const row of rows) byTask.set(row.task_id, [...(byTask.get(row.task_id) ?? []), row]);
  return byTask;
}

function view(
  row: JoinedRow,
  ruleName: (ruleId: string, version: number) => string,
  corrections: TaskChangeRow[],
): Task {
  const read = parseJson(FieldEvidence, row.evidence);
  const evidence: Partial<Record<TaskField, ValueSource>> = {};
  for (const field of TaskField.options) {
    const own = corrections.filter((change) => change.field === field);
    const taken = read[field];
    if (own.length > 0) evidence[field] = { by: 'user', at: own.at(-1)?.at ?? '', was: own[0]?.old ?? null };
    else if (taken)
      evidence[field] = { by: 'rule', ...taken, ruleName: ruleName(taken.ruleId, taken.version) };
  }
  return {
    id: row.id,
    title: row.title,
    due: row.due,
    priority: row.priority,
    project: row.project_id === null ? null : { id: row.project_id, name: row.project_name ?? '' },
    status: row.status,
    arrivalId: row.arrival_id,
    ruleId: row.rule_id === BUILT_IN ? null : row.rule_id,
    evidence,
    source: { subject: row.subject, from: row.asks_name || row.asks_address },
    createdAt: row.created_at,
    revision: row.revision,
  };
}

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

const COLUMNS = {
  title: 'title',
  due: 'due',
  priority: 'priority',
  project: 'project_id',
  status: 'status',
} as const;
type ChangedField = keyof typeof COLUMNS;

/** The user's own change; each field that becomes another is recorded with its old and new value. */
export async function changeTask(
  store: Store,
  seen: { id: number; revision: number },
  change: TaskChange,
  clock: Clock,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await trx('tasks').where({ id: seen.id }).first();
    if (!row) throw missing('task');
    if (row.revision !== seen.revision)
      throw new Failure('stale', 'This task was changed elsewhere meanwhile; look at it again.');
    if (change.project != null) await requireProject(trx, change.project);
    const fields = (Object.keys(change) as ChangedField[]).filter(
      (field) => row[COLUMNS[field]] !== change[field],
    );
    if (fields.length === 0) return;
    const values = Object.fromEntries(fields.map((field) => [COLUMNS[field], change[field]]));
    await trx('tasks')
      .where({ id: seen.id })
      .update({ ...values, revision: row.revision + 1 });
    const by = { task_id: seen.id, actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    await trx('task_changes').insert(
      fields.map((field) => ({ ...by, field, old: row[COLUMNS[field]], new: change[field] ?? null })),
    );
    await record(trx, [
      { kind: 'task', ref: String(seen.id) },
      { kind: 'arrival', ref: String(row.arrival_id) },
    ]);
  });
}

async function requireProject(trx: Knex.Transaction, project: Named['id']): Promise<void> {
  if (await trx('projects').where({ id: project }).first()) return;
  throw new Failure('input', 'There is no such project.', [
    { path: 'project', message: 'Choose a project.' },
  ]);
}
