import { sameName, type RenamedName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { record, parseJson } from '../store/index.ts';

/** Carries a new name of a person or a tag into the tasks that hold the old one. */
export async function renameInTasks(
  trx: Knex.Transaction,
  renamed: RenamedName,
  clock: Clock,
): Promise<void> {
  const { field } = renamed;
  const run = randomUUID();
  for (const { id, revision, [field]: old } of await trx('tasks').select(
    'id',
    'revision',
    'assignee',
    'tags',
  )) {
    const next = old === null ? null : renamedValue(old, renamed);
    if (next === old) continue;
    await trx('tasks')
      .where({ id })
      .update({ [field]: next, revision: revision + 1 });
    const at = clock().toISOString();
    await trx('task_changes').insert({ task_id: id, field, old, new: next, actor: 'user', run, at });
    await record(trx, [{ kind: 'task', ref: String(id) }]);
  }
}

/** A column's value with the new name. */
export const renamedValue = (value: string, { field, from, to }: RenamedName): string =>
  field === 'tags' ? inList(value, from, to) : inName(value, from, to);

const inName = (name: string, from: string, to: string) => (sameName(name, from) ? to : name);

const inList = (json: string, from: string, to: string) =>
  JSON.stringify(parseJson(z.array(z.string()), json).map((name) => inName(name, from, to)));
