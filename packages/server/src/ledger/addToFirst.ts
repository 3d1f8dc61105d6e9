import type { EvidenceSpan, Reading } from '@hatband/core/reading';
import { BUILT_IN, FieldEvidence, type MadeTask, type Proposal } from '@hatband/core/rules';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure } from '../errors.ts';
import { findProject } from '../named/projects.ts';
import { insertComment } from '../pipeline/insertComment.ts';
import { tasksOfMessage } from '../tasks/origins.ts';
import { saveReferences } from '../tasks/references.ts';
import { record, parseJson, type TaskRow } from '../store/index.ts';
import { columnOf, fieldsOf, stored, type StoredField } from '../tasks/columns.ts';

interface Again {
  arrivalId: number;
  /** The arrival that the first tasks came from. */
  first: number;
  /** What this arrival makes. */
  tasks: readonly MadeTask[];
}

/**
 * Fills what is empty in the first tasks of an original from the tasks that it would make again, and says so on them.
 * What they have stays; another due date is proposed.
 */
export async function addToFirst(
  trx: Knex.Transaction,
  reading: Reading,
  { arrivalId, first, tasks }: Again,
  clock: Clock,
): Promise<void> {
  const at = clock().toISOString();
  const rows = await tasksOfMessage(trx, first);
  if (rows.length === 0)
    throw new Failure(
      'conflict',
      'The earlier task was deleted. Bring it back from the bin, or make a separate task.',
    );
  const note = noteOf(reading);
  const text = note.map(({ quote }) => quote).join('');
  for (const row of rows) {
    const made = tasks.find(({ itemKey }) => itemKey === row.item_key) ?? tasks[0];
    if (made) await fill(trx, row, made, at);
    const { ruleId, version } = made?.rule ?? { ruleId: BUILT_IN, version: 1 };
    const evidence = { ruleId, version, readingId: null, readingKind: 'note', spans: note };
    const proposes = made ? proposals(row, made) : [];
    const on = { key: String(row.id), title: row.title, open: true };
    await insertComment(
      trx,
      arrivalId,
      { on, text: text.trim() || 'The same mail came once more.', evidence, proposes },
      at,
    );
    await record(trx, [{ kind: 'task', ref: String(row.id) }]);
  }
}

/** The tasks of an arrival whose words went to others; what they hold stays on them. */
export async function cancelTasks(trx: Knex.Transaction, arrivalId: number, clock: Clock): Promise<void> {
  const rows = await trx('tasks')
    .where({ arrival_id: arrivalId })
    .whereNull('completed_at')
    .whereNull('deleted_at')
    .select('id', 'status', 'revision');
  const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
  for (const { id, status, revision } of rows) {
    await trx('tasks')
      .where({ id })
      .update({ status: 'cancelled', revision: revision + 1 });
    await trx('task_changes').insert({ task_id: id, field: 'status', old: status, new: 'cancelled', ...by });
    await record(trx, [{ kind: 'task', ref: String(id) }]);
  }
}

/** What was written above the forward. */
const noteOf = ({ message: { text }, anatomy }: Reading): EvidenceSpan[] =>
  anatomy.parts
    .filter(({ kind }) => kind === 'note')
    .map(({ start, end }) => ({ part: 'text', start, end, quote: text.slice(start, end) }));

/** Another day that words of the message say. */
function proposals(row: TaskRow, { fields: { due }, evidence }: MadeTask): Proposal[] {
  const spans = evidence.due?.spans ?? [];
  return row.due === null || due === null || spans.length === 0 ? [] : [{ field: 'due', value: due, spans }];
}

const FILLED: readonly StoredField[] = [
  'due', 'start', 'deadline', 'priority', 'section', 'assignee', 'tags', 'notes', 'reminders',
]; // prettier-ignore

const isEmpty = (value: string | null) => value === null || value === '' || value === '[]';

async function fill(trx: Knex.Transaction, row: TaskRow, { fields, evidence }: MadeTask, at: string) {
  const filled = FILLED.flatMap((field) => {
    const old = stored(row[columnOf(field)]);
    const value = stored(fields[field as keyof typeof fields]);
    return isEmpty(old) && !isEmpty(value) ? [{ field, old, new: value }] : [];
  });
  const project = fields.project === null ? undefined : await findProject(trx, fields.project);
  if (row.project_id === null && project) filled.push({ field: 'project', old: null, new: project.id });
  const own = fieldsOf(row).fields;
  const more = Object.entries(fields.fields).filter(([name]) => !(name in own));
  if (filled.length === 0 && more.length === 0) return;
  const names = [...filled.map(({ field }) => field), ...more.map(([name]) => name)];
  const values = Object.fromEntries(filled.map(({ field, new: value }) => [columnOf(field), value]));
  const known = parseJson(FieldEvidence, row.evidence);
  const added = Object.fromEntries(names.flatMap((name) => (evidence[name] ? [[name, evidence[name]]] : [])));
  await trx('tasks')
    .where({ id: row.id })
    .update({
      ...values,
      own_fields: JSON.stringify({ ...own, ...Object.fromEntries(more) }),
      evidence: JSON.stringify({ ...known, ...added }),
      revision: row.revision + 1,
    });
  const by = { task_id: row.id, actor: 'rule' as const, run: randomUUID(), at };
  await trx('task_changes').insert([
    ...filled.map((each) => ({ ...by, ...each })),
    ...more.map(([field, value]) => ({ ...by, field, old: null, new: stored(value) })),
  ]);
  await saveReferences(trx, row.id, { title: row.title, fields: { ...own, ...Object.fromEntries(more) } });
}
