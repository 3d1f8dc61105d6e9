import type { TaskChange } from '@hatband/contract';
import { dayText } from '@hatband/core/dates';
import { isTaskField, sayDuration, TASK_FIELDS, wordsOfValue, type Value } from '@hatband/core/tasks';
import type { Knex } from 'knex';

/** A change in words, for the list of what the user did. */
export async function sayChange(
  db: Knex,
  change: TaskChange,
  { tasks, title, today }: { tasks: number; title: string; today: string },
): Promise<string> {
  const what = tasks === 1 ? `“${title}”` : `${String(tasks)} tasks`;
  if (change.deleted !== undefined) return `${change.deleted ? 'Deleted' : 'Brought back'} ${what}`;
  if (change.status === 'completed') return `Completed ${what}`;
  if (change.status === 'cancelled') return `Cancelled ${what}`;
  if (change.addTags !== undefined) return `Tagged ${what} ${change.addTags.join(', ')}`;
  if (change.project !== undefined) {
    const project = await db('projects')
      .where({ id: change.project ?? '' })
      .first('name');
    return `Moved ${what} to ${project?.name ?? 'no project'}`;
  }
  if (change.waiting !== undefined) return `${sayWaiting(change.waiting, today)}: ${what}`;
  if (change.checklist !== undefined) return `Checklist changed: ${what}`;
  const { fields, waiting: _, checklist: __, ...others } = change;
  const values = [...Object.entries(others), ...Object.entries(fields ?? {})].filter(isSet);
  const said = values.map(
    ([field, value]) =>
      `${isTaskField(field) ? TASK_FIELDS[field].name : field} ${sayValue(field, value, today)}`,
  );
  return `${capital(said.join(', '))}: ${what}`;
}

const isSet = (entry: [string, Value | null | undefined]): entry is [string, Value | null] =>
  entry[1] !== undefined;

const DAY = /^\d{4}-\d{2}-\d{2}(?:T\d{2}:\d{2})?$/;

const sayWaiting = (waiting: TaskChange['waiting'], today: string) =>
  waiting
    ? `Waits for ${waiting.for}${waiting.until === null ? '' : ` until ${dayText(waiting.until, today)}`}`
    : 'Waits no longer';

function sayValue(field: string, value: Value | null, today: string): string {
  if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) return 'emptied';
  if (field === 'notes') return 'changed';
  if (field === 'effort' && typeof value === 'string') return `set to ${sayDuration(value)}`;
  const words = wordsOfValue(value);
  return `set to ${DAY.test(words) ? dayText(words, today) : words}`;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
