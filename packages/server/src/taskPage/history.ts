import type { HistoryLine } from '@hatband/contract';
import { dayText } from '@hatband/core/dates';
import { ChecklistLine, ownField, sayDuration, Value, wordsOfValue } from '@hatband/core/tasks';
import { FieldEvidence } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { z } from 'zod';
import { missing } from '../errors.ts';
import { listProjects } from '../named/projects.ts';
import { ruleNames } from '../ruleVersions/ruleNames.ts';
import { parseJson, type TaskChangeRow, type TaskRow } from '../store/index.ts';
import { isChangedField, nameOfField, type ChangedField } from '../tasks/columns.ts';
import { COPY } from '../tasks/origins.ts';
import { keptValue } from '../tasks/writeValues.ts';

/** The order by hand is no news; where a task was merged into stands with its deletion. */
const UNTOLD = ['place', 'mergedInto'];
const MOST = 300;

/** What a line of the history is about. */
export const changedField = (field: string): ChangedField =>
  isChangedField(field) ? field : ownField(field);

/** What happened to a task, the newest first. */
export async function historyOf(db: Knex, id: number, now: Date): Promise<HistoryLine[]> {
  const task = await db('tasks').where({ id }).first();
  if (!task) throw missing('task');
  const rows = await db('task_changes')
    .where({ task_id: id })
    .whereNotIn('field', UNTOLD)
    .orderBy('id', 'desc')
    .limit(MOST);
  const first = rows.at(-1);
  const isMade = ({ run, actor }: TaskChangeRow) => run === first?.run && (actor === 'rule' || isCopy(task));
  // The rows come the newest first, and the last that is set stays.
  const newest = new Map(rows.toReversed().map(({ field, id: changeId }) => [field, changeId]));
  const say = await sayer(db, now);
  return [
    ...rows
      .filter((row) => !isMade(row))
      .map((row) => ({
        kind: 'changed' as const,
        id: row.id,
        at: row.at,
        by: row.actor,
        field: nameOfField(changedField(row.field)),
        old: say(row.field, row.old),
        new: say(row.field, row.new),
        stands: newest.get(row.field) === row.id && keptValue(task, changedField(row.field)) === row.new,
      })),
    {
      kind: 'made',
      at: task.created_at,
      rule: isCopy(task) ? null : await nameOfRule(db, task),
      values: rows.filter(isMade).length,
    },
  ];
}

const isCopy = (task: TaskRow) => task.item_key.startsWith(COPY);

/** As it was called when it made the task. */
async function nameOfRule(db: Knex, { rule_id, evidence }: TaskRow): Promise<string> {
  const values = Object.values(parseJson(FieldEvidence, evidence));
  const version = values.find(({ ruleId }) => ruleId === rule_id)?.version ?? 1;
  return (await ruleNames(db, [rule_id]))(rule_id, version);
}

const DAY = /^\d{4}-\d{2}-\d{2}(?:T\d{2}:\d{2})?$/;
const Checklist = z.array(ChecklistLine);

/** Values of histories in words. */
async function sayer(db: Knex, now: Date): Promise<(field: string, value: string | null) => string | null> {
  const projects = new Map((await listProjects(db)).map(({ id, name }) => [id, name]));
  const today = now.toISOString();
  return (field, value) => {
    if (value === null || value === '' || value === '[]') return null;
    if (field === 'project') return projects.get(value) ?? 'a project that is gone';
    if (field === 'effort') return sayDuration(value);
    if (field === 'deleted') return dayText(value.slice(0, 10), today);
    if (DAY.test(value)) return dayText(value, today);
    const json = jsonIn(value);
    if (field === 'checklist')
      return Checklist.parse(json)
        .map(({ text, done }) => `${done ? '✓ ' : ''}${text}`)
        .join(', ');
    const parsed = Value.safeParse(json);
    return parsed.success ? wordsOfValue(parsed.data) : value;
  };
}

/** Histories keep lists and amounts as JSON, and texts as they are. */
function jsonIn(value: string): unknown {
  if (!/^[[{]/.test(value)) return value;
  try {
    return JSON.parse(value);
  } catch {
    return value;
  }
}
