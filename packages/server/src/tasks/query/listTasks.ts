import type { TaskGroup } from '@hatband/contract';
import {
  dayOfInstant,
  isDay,
  isInstant,
  ownNameOf,
  Value,
  wordsOfValue,
  type FilterContext,
  type TaskCondition,
  type TaskScope,
  type TaskFilter,
  type TaskView,
} from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { z } from 'zod';
import { parseJson } from '../../store/index.ts';
import { combined, filterSql } from './conditionSql.ts';
import { fieldSql, orderSql, sortSql } from './fieldSql.ts';
import { FROM, scopeSql, select, type Since } from './from.ts';
import { joined, sql, type Sql } from './sql.ts';

export interface Asked {
  context: FilterContext;
  since: Since;
}

/** The numbers of a view's tasks in its groups and order, with the sums of those that are open. */
export async function listGroups(db: Knex, view: TaskView, asked: Asked): Promise<TaskGroup[]> {
  const summed = view.columns.map(({ field }) => field).filter(isSummed);
  const { order, lines, sums } = await oneJson(db, Listed, listSql(view, summed, asked));
  const groups = new Map<string | null, TaskGroup>();
  const known = new Map<string | null, TaskGroup>();
  const groupOf = (json: string | null) => {
    const group = known.get(json) ?? groupAt(groups, valueOf(view.group, json, asked.context.zone));
    known.set(json, group);
    return group;
  };
  for (const json of order) groupOf(json);
  for (const [id, open, json] of lines) {
    const group = groupOf(json);
    group.ids.push(id);
    group.open += open;
  }
  for (const [i, field] of summed.entries())
    for (const [json, currency, amount] of sums[i] ?? []) addSum(groupOf(json), { field, currency, amount });
  return [...groups.values()];
}

/** Groups by their values as JSON: their order, each task's, each sum's with its currency. */
const Listed = z.object({
  order: z.array(z.string().nullable()),
  lines: z.array(z.tuple([z.number(), z.number(), z.string().nullable()])),
  sums: z.array(z.array(z.tuple([z.string().nullable(), z.string().nullable(), z.number()]))),
});

/** The filter is asked once; its answer is put in order, and summed once for each column. Groups are put in order by themselves. */
function listSql(view: TaskView, summed: readonly string[], { context, since }: Asked): Sql {
  const ownOrder = view.group === null ? null : orderSql(view.group);
  const columns = [
    'tasks.id',
    'tasks.completed_at IS NULL AS open',
    `${jsonOf(view.group)} AS value`,
    `${ownOrder ?? 'NULL'} AS own_order`,
    ...view.sort.map(({ field }, i) => `${sortSql(field)} AS k${String(i)}`),
    ...summed.map((field, i) => `${field === 'effort' ? 'tasks.effort' : jsonOf(field)} AS s${String(i)}`),
  ];
  const keys = view.sort.map(
    ({ descending }, i) => `k${String(i)} ${descending ? 'DESC' : 'ASC'} NULLS LAST`,
  );
  const sums = summed.map(
    (field, i) =>
      `(SELECT json_group_array(json_array(value, currency, amount)) FROM ${sumSql(field, `s${String(i)}`)})`,
  );
  const groups = `SELECT value, ${ownOrder === null ? 'sort_key(value)' : 'min(own_order)'} AS k FROM chosen GROUP BY value ORDER BY k NULLS LAST, value`;
  const lines = `SELECT id, open, value FROM chosen ORDER BY ${[...keys, 'id'].join(', ')}`;
  return joined(
    [
      sql(`WITH chosen AS MATERIALIZED (SELECT ${columns.join(', ')} ${FROM} WHERE`),
      scopeSql(view.scope, since),
      sql('AND'),
      filterSql(view.filter, context),
      sql(
        `) SELECT json_object('order', (SELECT json_group_array(value) FROM (${groups})), 'lines', (SELECT json_group_array(json_array(id, open, value)) FROM (${lines})), 'sums', json_array(${sums.join(', ')})) AS json`,
      ),
    ],
    ' ',
  );
}

/** By the group's value and the currency, of a column of efforts, or of JSON that is a number or an amount. */
function sumSql(field: string, column: string): string {
  const [amount, currency] =
    field === 'effort'
      ? [`effort_minutes(${column})`, 'NULL']
      : [
          `CASE json_type(${column}) WHEN 'object' THEN ${column} ->> '$.amount' WHEN 'integer' THEN ${column} + 0 WHEN 'real' THEN ${column} + 0.0 END`,
          `CASE json_type(${column}) WHEN 'object' THEN ${column} ->> '$.currency' END`,
        ];
  return `(SELECT value, ${currency} AS currency, sum(${amount}) AS amount FROM chosen WHERE open AND ${column} IS NOT NULL GROUP BY 1, 2 HAVING amount IS NOT NULL)`;
}

/** What a query answers as one JSON text; many rows are read several times faster so. */
async function oneJson<S extends z.ZodType>(db: Knex, schema: S, query: Sql): Promise<z.infer<S>> {
  const [row] = await select(db, query);
  return parseJson(schema, z.object({ json: z.string() }).parse(row).json);
}

function groupAt(groups: Map<string | null, TaskGroup>, value: string | null): TaskGroup {
  const group = groups.get(value) ?? { value, ids: [], open: 0, sums: [] };
  groups.set(value, group);
  return group;
}

/** Efforts, and values of a project's own that may be numbers or amounts. */
const isSummed = (field: string) => field === 'effort' || ownNameOf(field) !== null;

/** A field's value as JSON. */
function jsonOf(field: string | null): string {
  const at = field === null ? null : fieldSql(field);
  if (at === null) return 'NULL';
  return 'json' in at ? at.json : `json_quote(nullif(${at.text}, ''))`;
}

/** Values that are one in words are one group. */
function addSum({ sums }: TaskGroup, sum: TaskGroup['sums'][number]): void {
  const same = sums.find(({ field, currency }) => field === sum.field && currency === sum.currency);
  if (same) same.amount += sum.amount;
  else sums.push(sum);
}

/** What a group is called: the value in words; of moments and clock times the day. */
function valueOf(field: string | null, json: string | null, zone: string): string | null {
  if (field === null || json === null) return null;
  const value = parseJson(Value.nullable(), json);
  const words = value === null ? '' : wordsOfValue(value);
  if (words === '') return null;
  if (isInstant(field)) return dayOfInstant(words, zone);
  return isDay(field) ? words.slice(0, 10) : words;
}

/** How many tasks each filter holds for. Conditions that stand in several of them are asked once. */
export async function countFilters(
  db: Knex,
  { scope, filters }: { scope: TaskScope; filters: readonly TaskFilter[] },
  { context, since }: Asked,
): Promise<number[]> {
  if (filters.length === 0) return [];
  const leaves = new Map<string, { name: string; part: TaskCondition }>();
  const named = (part: TaskCondition): Sql => {
    const key = JSON.stringify(part);
    const leaf = leaves.get(key) ?? { name: `c${String(leaves.size)}`, part };
    leaves.set(key, leaf);
    return sql(leaf.name);
  };
  const sums = filters.map((filter) => sql(`coalesce(sum(${combined(filter, named).sql}), 0)`));
  const columns = [...leaves.values()].map(({ name, part }) =>
    joined([filterSql(part, context), sql(`AS ${name}`)], ' '),
  );
  return oneJson(
    db,
    z.array(z.number()),
    joined(
      [
        sql('WITH asked AS MATERIALIZED (SELECT'),
        joined([sql('1'), ...columns], ', '),
        sql(`${FROM} WHERE`),
        scopeSql(scope, since),
        sql(') SELECT json_array('),
        joined(sums, ', '),
        sql(') AS json FROM asked'),
      ],
      ' ',
    ),
  );
}
