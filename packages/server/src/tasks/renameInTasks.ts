import { sameName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { record, parseJson } from '../store/index.ts';

interface Renamed {
  field: 'assignee' | 'tags';
  from: string;
  to: string;
}

/** Carries a new name of a person or a tag into the tasks that hold the old one. */
export async function renameInTasks(
  trx: Knex.Transaction,
  { field, from, to }: Renamed,
  clock: Clock,
): Promise<void> {
  if (from === to) return;
  const run = randomUUID();
  for (const { id, revision, [field]: old } of await trx('tasks').select(
    'id',
    'revision',
    'assignee',
    'tags',
  )) {
    const renamed = old === null ? null : field === 'tags' ? inList(old, from, to) : inName(old, from, to);
    if (renamed === old) continue;
    await trx('tasks')
      .where({ id })
      .update({ [field]: renamed, revision: revision + 1 });
    const at = clock().toISOString();
    await trx('task_changes').insert({ task_id: id, field, old, new: renamed, actor: 'user', run, at });
    await record(trx, [{ kind: 'task', ref: String(id) }]);
  }
}

const inName = (name: string, from: string, to: string) => (sameName(name, from) ? to : name);

const inList = (json: string, from: string, to: string) =>
  JSON.stringify(parseJson(z.array(z.string()), json).map((name) => inName(name, from, to)));
