import type { Act, Named, TaskChange } from '@hatband/contract';
import { isDone, ownField } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import type { Store, TaskRow } from '../store/index.ts';
import { fieldsOf, stored } from '../tasks/columns.ts';
import { writeValues, type NewValues } from '../tasks/writeValues.ts';
import { keepAct } from './acts.ts';
import { sayChange } from './sayChange.ts';

/** The user's own change of a task as he saw it. */
export const changeTask = (
  store: Store,
  { id, revision }: { id: number; revision: number },
  change: TaskChange,
  clock: Clock,
): Promise<Act | null> =>
  store.write(async (trx) => {
    await requireRevision(trx, { id, revision });
    return changeByHand(trx, [id], change, clock);
  });

/** The task as the user saw it; throws where it was changed since. */
export async function requireRevision(
  trx: Knex.Transaction,
  { id, revision }: { id: number; revision: number },
): Promise<TaskRow> {
  const row = await trx('tasks').where({ id }).first();
  if (!row) throw missing('task');
  if (row.revision === revision) return row;
  throw new Failure('stale', 'This task was changed elsewhere meanwhile; look at it again.');
}

/** The same change of all these tasks, whatever they are now. */
export const changeTasks = (
  store: Store,
  ids: readonly number[],
  change: TaskChange,
  clock: Clock,
): Promise<Act | null> => store.write((trx) => changeByHand(trx, ids, change, clock));

/** What the user changes in one act; null where all was so already. */
export async function changeByHand(
  trx: Knex.Transaction,
  ids: readonly number[],
  change: TaskChange,
  clock: Clock,
): Promise<Act | null> {
  if (change.project != null) await requireProject(trx, change.project);
  const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
  const steps = [];
  for (const id of new Set(ids))
    steps.push(...(await writeValues(trx, id, (row) => newValues(row, change, by.at), by)));
  if (steps.length === 0) return null;
  const [first] = steps;
  const row = await trx('tasks')
    .where({ id: first?.task ?? 0 })
    .first('title');
  const tasks = new Set(steps.map(({ task }) => task)).size;
  const label = await sayChange(trx, change, { tasks, title: row?.title ?? '', today: by.at });
  return keepAct(trx, { id: by.run, at: by.at, label, steps });
}

/** The values that a change gives a task. */
export function newValues(row: TaskRow, change: TaskChange, at: string): NewValues {
  const { fields, addTags, deleted, waiting, ...columns } = change;
  // Sections are of one project.
  const isMoved = change.project !== undefined && change.project !== row.project_id;
  // What is done waits for nobody.
  const isOver = change.status !== undefined && isDone(change.status);
  return [
    ...Object.entries(columns).map(
      ([field, value]) => [field as keyof typeof columns, stored(value)] as const,
    ),
    ...Object.entries(fields ?? {}).map(
      ([name, value]) => [ownField(name), value === null ? null : JSON.stringify(value)] as const,
    ),
    ...(addTags === undefined ? [] : [withTags(row, addTags)]),
    ...(deleted === undefined ? [] : deletion(row, deleted, at)),
    ...(waiting === undefined && !isOver ? [] : waitingValues(isOver ? null : waiting)),
    ...(isMoved && change.section === undefined ? [['section', null] as const] : []),
  ];
}

type NewValue = NewValues[number];

const withTags = (row: TaskRow, tags: readonly string[]): NewValue => [
  'tags',
  JSON.stringify([...new Set([...fieldsOf(row).tags, ...tags])]),
];

/** What was deleted before stays as long in the bin as it would have; what is brought back is a part of no other task. */
const deletion = (row: TaskRow, deleted: boolean, at: string): NewValue[] =>
  deleted
    ? [['deleted', row.deleted_at ?? at]]
    : [
        ['deleted', null],
        ['mergedInto', null],
      ];

const waitingValues = (waiting: TaskChange['waiting']): NewValue[] => [
  ['waitingFor', waiting?.for ?? null],
  ['waitingUntil', waiting?.until ?? null],
];

export async function requireProject(trx: Knex.Transaction, project: Named['id']): Promise<void> {
  if (await trx('projects').where({ id: project }).whereNull('deleted_at').first()) return;
  throw new Failure('input', 'There is no such project.', [
    { path: 'project', message: 'Choose a project.' },
  ]);
}

/** Puts tasks right before or behind another in the order by hand. */
export const placeTasks = (
  store: Store,
  { ids, beside, side }: { ids: readonly number[]; beside: number; side: 'before' | 'behind' },
  clock: Clock,
): Promise<Act | null> =>
  store.write(async (trx) => {
    const at = await trx('tasks').where({ id: beside }).first('place', 'title');
    if (!at) throw missing('task');
    const moved = [...new Set(ids)].filter((id) => id !== beside);
    const next = await trx('tasks')
      .whereNotIn('id', moved)
      .where('place', side === 'before' ? '<' : '>', at.place)
      .orderBy('place', side === 'before' ? 'desc' : 'asc')
      .first('place');
    const end = next?.place ?? at.place + (side === 'before' ? -1 : 1);
    const [low, high] = side === 'before' ? [end, at.place] : [at.place, end];
    const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    const steps = [];
    for (const [i, id] of moved.entries()) {
      const place = low + ((high - low) * (i + 1)) / (moved.length + 1);
      steps.push(...(await writeValues(trx, id, () => [['place', place]], by)));
    }
    if (steps.length === 0) return null;
    const what = moved.length === 1 ? 'a task' : `${String(moved.length)} tasks`;
    return keepAct(trx, { id: by.run, at: by.at, label: `Moved ${what} ${side} “${at.title}”`, steps });
  });
