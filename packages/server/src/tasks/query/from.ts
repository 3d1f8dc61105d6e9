import type { TaskScope } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { sql, type Sql } from './sql.ts';

/** Tasks with what filters and orders ask of; SQLite leaves out a join that nothing asks of. */
export const FROM =
  'FROM tasks LEFT JOIN arrivals ON arrivals.id = tasks.arrival_id LEFT JOIN projects ON projects.id = tasks.project_id AND projects.deleted_at IS NULL LEFT JOIN rules ON rules.id = tasks.rule_id';

/** Today, and the moments from which what was completed is still among the open ones, and what was deleted in the bin. */
export interface Since {
  today: string;
  completed: string;
  deleted: string;
}

/** Whether it still waits today. */
const WAITS = "(tasks.waiting_for IS NOT NULL AND coalesce(tasks.waiting_until, '9') > ?)";

export function scopeSql(scope: TaskScope, since: Since): Sql {
  switch (scope) {
    case 'open':
      return sql(
        `tasks.deleted_at IS NULL AND coalesce(tasks.completed_at, '9') >= ? AND NOT ${WAITS}`,
        since.completed,
        since.today,
      );
    case 'waiting':
      return sql(`tasks.deleted_at IS NULL AND tasks.completed_at IS NULL AND ${WAITS}`, since.today);
    case 'done':
      return sql('tasks.deleted_at IS NULL AND tasks.completed_at IS NOT NULL');
    case 'all':
      return sql('tasks.deleted_at IS NULL');
    case 'bin':
      return sql('tasks.deleted_at >= ?', since.deleted);
  }
}

/** The rows of a query; each is checked by who takes it. */
export const select = async (db: Knex, { sql: text, bindings }: Sql): Promise<unknown[]> => {
  const rows: unknown = await db.raw(text, bindings);
  return Array.isArray(rows) ? (rows as unknown[]) : [];
};
