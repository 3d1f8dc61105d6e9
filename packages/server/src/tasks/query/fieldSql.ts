import { isDay, isInstant, isTaskField, ownNameOf, type TaskFieldName } from '@hatband/core/tasks';

/** Where a field's value stands: a text, null or '' where it is empty, or JSON. */
export type FieldSql = { text: string } | { json: string };

const COLUMNS: Record<TaskFieldName, FieldSql> = {
  title: { text: 'tasks.title' },
  due: { text: 'tasks.due' },
  start: { text: 'tasks.start' },
  deadline: { text: 'tasks.deadline' },
  reminders: { json: 'tasks.reminders' },
  priority: { text: 'tasks.priority' },
  project: { text: 'projects.id' },
  section: { text: 'tasks.section' },
  assignee: { text: 'tasks.assignee' },
  tags: { json: 'tasks.tags' },
  notes: { text: 'tasks.notes' },
  effort: { text: 'tasks.effort' },
  status: { text: 'tasks.status' },
  rule: { text: 'tasks.rule_id' },
  asks: { text: "coalesce(nullif(arrivals.asks_name, ''), arrivals.asks_address)" },
  waitingFor: { text: 'tasks.waiting_for' },
  created: { text: 'tasks.created_at' },
  changed: { text: 'tasks.changed_at' },
  completed: { text: 'tasks.completed_at' },
};

/** The SQL of a field's value; null of a field that there is not. */
export function fieldSql(field: string): FieldSql | null {
  const own = ownNameOf(field);
  if (own !== null) return { json: `(tasks.own_fields -> ${quoted(`$.${JSON.stringify(own)}`)})` };
  return isTaskField(field) ? COLUMNS[field] : null;
}

/** A text as SQLite writes one; a question mark would be taken for a value's place. */
const quoted = (text: string) => `('${text.replaceAll("'", "''").replaceAll('?', "' || char(63) || '")}')`;

/** Whether it is filled. */
export function filledSql(field: string): string {
  const at = fieldSql(field);
  if (at === null) return '0';
  return 'text' in at
    ? `coalesce(${at.text}, '') <> ''`
    : `coalesce(${at.json}, 'null') NOT IN ('null', '""', '[]')`;
}

/** Fields whose order is not that of their values' words. */
const ORDERS: Readonly<Record<string, string>> = {
  place: 'tasks.place',
  priority: "CASE tasks.priority WHEN 'high' THEN 1 WHEN 'medium' THEN 2 WHEN 'low' THEN 3 END",
  status:
    "CASE tasks.status WHEN 'in process' THEN 1 WHEN 'needs action' THEN 2 WHEN 'completed' THEN 3 ELSE 4 END",
  project: 'folded(projects.name)',
  rule: 'rules.position',
  effort: 'effort_minutes(tasks.effort)',
};

/** The order of a field that is told by more than its values; null of all others. */
export const orderSql = (field: string): string | null => ORDERS[field] ?? null;

/** What tasks are sorted by: null where the field is empty, and fitting the kind of its values. */
export function sortSql(field: string): string {
  const order = orderSql(field);
  if (order !== null) return order;
  const at = fieldSql(field);
  if (at === null) return 'NULL';
  if ('json' in at) return `sort_key(${at.json})`;
  return isDay(field) || isInstant(field) ? at.text : `folded(nullif(${at.text}, ''))`;
}
