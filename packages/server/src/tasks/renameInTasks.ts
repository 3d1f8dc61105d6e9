import { sameName, type RenamedName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { parseJson } from '../store/index.ts';
import { columnOf, rawValue } from './columns.ts';
import { writeValues } from './writeValues.ts';

/** Carries a new name of a person or a tag into the tasks that hold the old one. */
export async function renameInTasks(
  trx: Knex.Transaction,
  renamed: RenamedName,
  clock: Clock,
): Promise<void> {
  const { field } = renamed;
  const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
  for (const row of await trx('tasks').whereNotNull(columnOf(field))) {
    const old = rawValue(row, field);
    const next = typeof old === 'string' ? renamedValue(old, renamed) : old;
    if (next !== old) await writeValues(trx, row.id, () => [[field, next]], by);
  }
}

/** A column's value with the new name. */
export const renamedValue = (value: string, { field, from, to }: RenamedName): string =>
  field === 'tags' ? inList(value, from, to) : inName(value, from, to);

const inName = (name: string, from: string, to: string) => (sameName(name, from) ? to : name);

const inList = (json: string, from: string, to: string) =>
  JSON.stringify(parseJson(z.array(z.string()), json).map((name) => inName(name, from, to)));
