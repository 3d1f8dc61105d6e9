import {
  instantsOf,
  isExact,
  isGroup,
  isInstant,
  namesOf,
  openGroup,
  rangeOf,
  requiredField,
  type ConditionOf,
  type DayConditionKind,
  type FilterContext,
  type TaskCondition,
  type TaskConditionKind,
  type TaskFilter,
} from '@hatband/core/tasks';
import { BUILT_IN } from '@hatband/core/rules';
import { NO_CORRECTION } from '../columns.ts';
import { aliveId } from '../origins.ts';
import { fieldSql, filledSql } from './fieldSql.ts';
import { ALWAYS, joined, marks, NEVER, sql, type Sql } from './sql.ts';

type ToSql<K extends TaskConditionKind> = (condition: ConditionOf<K>, context: FilterContext) => Sql;

/** Each kind of condition as SQL over tasks with their arrival and project, as `from.ts` joins them. */
const CONDITION_SQL: { [K in TaskConditionKind]: ToSql<K> } = {
  is: ({ field, values }) => {
    const at = fieldSql(field);
    if (at === null) return NEVER;
    if ('json' in at) return sql(`json_is(${at.json}, ?)`, JSON.stringify(values));
    return isExact(field)
      ? sql(`coalesce(${at.text} IN (${marks(values)}), 0)`, ...values)
      : sql(`text_is(${at.text}, ?)`, JSON.stringify(values));
  },
  words: ({ field, words }) => {
    const at = fieldSql(field);
    if (at === null) return NEVER;
    return 'json' in at
      ? sql(`json_has(${at.json}, ?)`, JSON.stringify(words))
      : sql(`text_has(${at.text}, ?)`, JSON.stringify(words));
  },
  empty: ({ field }) => sql(`NOT (${filledSql(field)})`),
  set: ({ field }) => sql(filledSql(field)),
  before: daySql,
  after: daySql,
  on: daySql,
  next: daySql,
  last: daySql,
  thisWeek: daySql,
  overdue: (_, { today }) =>
    sql("(coalesce(tasks.due < ?, 0) AND tasks.status IN ('needs action', 'in process'))", today),
  gap: ({ field }, context) => gapSql(field, context),
  source: ({ values }) => sql(`arrivals.source IN (${marks(values)})`, ...values),
  address: ({ addresses }) => sql(`arrivals.address_id IN (${marks(addresses)})`, ...addresses),
  label: ({ labels }) => sql('json_is(arrivals.labels, ?)', JSON.stringify(labels)),
  unclaimed: () => sql('tasks.rule_id = ?', BUILT_IN),
  askedBy: ({ people }, context) => {
    const known = JSON.stringify(people.flatMap((each) => [...namesOf(each, context)]));
    return sql('(name_is(arrivals.asks_name, ?) OR name_is(arrivals.asks_address, ?))', known, known);
  },
  corrected: () => sql(`tasks.id IN (${CORRECTED})`),
  attachments: () => sql("arrivals.attachment_names <> '[]'"),
  proposals: () =>
    sql(
      `tasks.id IN (SELECT ${aliveId('own')} FROM proposals JOIN tasks AS own ON own.id = proposals.task_id WHERE state = 'open')`,
    ),
};

const CORRECTING = `FROM task_changes WHERE actor <> 'rule' AND field NOT IN (${NO_CORRECTION.map((field) => `'${field}'`).join(', ')}) GROUP BY task_id, field`;

/** Values that the user changed and that are not again as they were before him: beside min(id) and max(id) stand their rows' values. */
const CORRECTED = `SELECT task_id FROM (SELECT task_id, field, old, min(id) ${CORRECTING}) JOIN (SELECT task_id, field, new, max(id) ${CORRECTING}) USING (task_id, field) WHERE old IS NOT new`;

/** The filter as SQL that is 1 or 0 for each task. */
export const filterSql = (filter: TaskFilter, context: FilterContext): Sql =>
  combined(filter, (condition) => conditionSql(condition, context));

/** The groups of a filter around what stands for its conditions. */
export function combined(filter: TaskFilter, leaf: (condition: TaskCondition) => Sql): Sql {
  if (!isGroup(filter)) return leaf(filter);
  const { how, of } = openGroup(filter);
  const parts = of.map((part) => combined(part, leaf));
  if (how === 'all') return parts.length === 0 ? ALWAYS : inBrackets(joined(parts, ' AND '));
  const any = parts.length === 0 ? NEVER : inBrackets(joined(parts, ' OR '));
  return how === 'any' ? any : { sql: `NOT ${any.sql}`, bindings: any.bindings };
}

const inBrackets = ({ sql: text, bindings }: Sql): Sql => ({ sql: `(${text})`, bindings });

const conditionSql = <K extends TaskConditionKind>(condition: ConditionOf<K>, context: FilterContext): Sql =>
  CONDITION_SQL[condition.kind as K](condition, context);

function daySql<K extends DayConditionKind>(condition: ConditionOf<K>, context: FilterContext): Sql {
  const days = rangeOf(condition, context);
  const at = fieldSql(condition.field);
  if (at === null) return NEVER;
  if ('json' in at) return sql(`json_within(${at.json}, ?, ?)`, days.from ?? '', days.to ?? '');
  const isMoment = isInstant(condition.field);
  const { from, to } = isMoment ? instantsOf(days, context.zone) : days;
  const value = isMoment ? at.text : `substr(${at.text}, 1, 10)`;
  return joined(
    [
      sql(`(coalesce(${at.text}, '') <> ''`),
      ...(from === null ? [] : [sql(`${value} >= ?`, from)]),
      ...(to === null ? [] : [sql(`${value} ${isMoment ? '<' : '<='} ?`, to)]),
      sql('1)'),
    ],
    ' AND ',
  );
}

/** By the requirements of each project. */
function gapSql(field: string | null, { requirements: { inbox, projects } }: FilterContext): Sql {
  const lacks = (of: typeof inbox): string => {
    const names = of.map((each) => each.map(requiredField));
    const asked = names.filter((each) => field === null || each.includes(field));
    return asked.length === 0
      ? '0'
      : asked.map((each) => `NOT (${each.map((name) => `(${filledSql(name)})`).join(' OR ')})`).join(' OR ');
  };
  const cases = [...projects].map(([id, of]) => sql(`WHEN projects.id = ? THEN (${lacks(of)})`, id));
  return joined(
    [sql(`(CASE WHEN projects.id IS NULL THEN (${lacks(inbox)})`), ...cases, sql('ELSE 0 END)')],
    ' ',
  );
}
