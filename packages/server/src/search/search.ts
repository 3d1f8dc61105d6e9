import type { Found, MarkedWords, SearchQuery } from '@hatband/contract';
import { midnight, namesOf, plusDays, Status, type FilterContext } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { z } from 'zod';
import { joined, sql, type Sql } from '../tasks/query/sql.ts';
import { select } from '../tasks/query/from.ts';
import { searchExpression } from './expression.ts';

/** As many as one looks through; more words find what is behind. */
const MOST = 50;
/** Signs that no mail has in its text. */
const [FROM, TO] = ['\u0002', '\u0003'];
const EXCERPT_TOKENS = 24;

const Row = z.object({
  id: z.number(),
  at: z.string(),
  title: z.string(),
  excerpt: z.string(),
  who: z.string(),
});
const TaskRow = Row.extend({ status: Status, due: z.string().nullable(), project: z.string().nullable() });

/** Messages and tasks that have the words, the newest first, with the words marked. */
export async function search(
  db: Knex,
  query: SearchQuery,
  context: FilterContext,
): Promise<{ items: Found[]; more: boolean }> {
  const expression = searchExpression(query.words);
  if (expression === null) return { items: [], more: false };
  const messages = query.kind === 'task' ? [] : await select(db, messageSql(expression, query, context));
  const tasks = query.kind === 'message' ? [] : await select(db, taskSql(expression, query, context));
  const items: Found[] = [
    ...messages.map((row) => ({ kind: 'message' as const, ...shown(Row.parse(row)) })),
    ...tasks.map((row) => {
      const { status, due, project, ...rest } = TaskRow.parse(row);
      return { kind: 'task' as const, ...shown(rest), status, due, project };
    }),
  ];
  items.sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  return { items: items.slice(0, MOST), more: items.length > MOST };
}

function shown({ title, excerpt, ...rest }: z.infer<typeof Row>) {
  return { ...rest, title: markedWords(title), excerpt: markedWords(excerpt.replace(/\s+/g, ' ').trim()) };
}

function markedWords(text: string): MarkedWords {
  return text
    .split(FROM)
    .flatMap((part, i) => {
      if (i === 0) return [{ words: part, hit: false }];
      const [hit = '', ...rest] = part.split(TO);
      return [
        { words: hit, hit: true },
        { words: rest.join(''), hit: false },
      ];
    })
    .filter(({ words }) => words !== '');
}

const NAME = "coalesce(nullif(arrivals.asks_name, ''), arrivals.asks_address)";

function messageSql(expression: string, query: SearchQuery, context: FilterContext): Sql {
  return joined(
    [
      sql(
        `SELECT arrivals.id, arrivals.received_at AS at, highlight(message_search, 0, ?, ?) AS title, snippet(message_search, -1, ?, ?, '…', ${String(EXCERPT_TOKENS)}) AS excerpt, ${NAME} AS who FROM message_search JOIN arrivals ON arrivals.id = message_search.rowid WHERE message_search MATCH ? AND arrivals.same_as IS NULL`,
        FROM,
        TO,
        FROM,
        TO,
        expression,
      ),
      ...(query.project === undefined
        ? []
        : [
            sql(
              'AND EXISTS (SELECT 1 FROM tasks WHERE tasks.arrival_id = arrivals.id AND tasks.project_id = ? AND tasks.deleted_at IS NULL)',
              query.project,
            ),
          ]),
      ...personSql(query, context),
      ...daysSql('arrivals.received_at', query, context),
      sql(`ORDER BY message_search.rowid DESC LIMIT ${String(MOST + 1)}`),
    ],
    ' ',
  );
}

function taskSql(expression: string, query: SearchQuery, context: FilterContext): Sql {
  return joined(
    [
      sql(
        `SELECT tasks.id, tasks.created_at AS at, highlight(task_search, 0, ?, ?) AS title, snippet(task_search, -1, ?, ?, '…', ${String(EXCERPT_TOKENS)}) AS excerpt, ${NAME} AS who, tasks.status, tasks.due, projects.name AS project FROM task_search JOIN tasks ON tasks.id = task_search.rowid JOIN arrivals ON arrivals.id = tasks.arrival_id LEFT JOIN projects ON projects.id = tasks.project_id AND projects.deleted_at IS NULL WHERE task_search MATCH ? AND tasks.deleted_at IS NULL`,
        FROM,
        TO,
        FROM,
        TO,
        expression,
      ),
      ...(query.project === undefined ? [] : [sql('AND tasks.project_id = ?', query.project)]),
      ...personSql(query, context),
      ...daysSql('tasks.created_at', query, context),
      sql(`ORDER BY task_search.rowid DESC LIMIT ${String(MOST + 1)}`),
    ],
    ' ',
  );
}

/** Who asks. */
function personSql({ person }: SearchQuery, context: FilterContext): Sql[] {
  if (person === undefined) return [];
  const known = JSON.stringify([...namesOf(person, context)]);
  return [sql('AND (name_is(arrivals.asks_name, ?) OR name_is(arrivals.asks_address, ?))', known, known)];
}

/** Between two days where the user is, both of them with it. */
const daysSql = (at: string, { from, to }: SearchQuery, { zone, calendar }: FilterContext): Sql[] => [
  ...(from === undefined ? [] : [sql(`AND ${at} >= ?`, midnight(from, zone))]),
  ...(to === undefined ? [] : [sql(`AND ${at} < ?`, midnight(plusDays(to, 1, 'days', calendar), zone))]),
];
