import { beyondKnown, countDay, LocalDate, type Calendar, type DayCount } from '../../dates/index.ts';
import {
  isBuiltIn,
  nameKey,
  Priority,
  sameName,
  wordsOfValue,
  type BuiltInField,
  type TaskFields,
  type TaskTemplate,
  type Value,
} from '../../tasks/index.ts';
import type { CompiledRule } from './compile.ts';
import type { Evidence } from '../model/evidence.ts';
import type { MadeTask } from '../model/madeTask.ts';
import { deadlineFound } from '../kinds/readings/facts.ts';
import type { RowsRead, Won } from './readRows.ts';
import type { Routed } from './routeTask.ts';
import { RuleFailure } from '../kinds/stops.ts';
import type { Unit } from '../message/unit.ts';
import type { View } from '../message/view.ts';

/** The title of a task where nothing gave one. */
export const NO_TITLE = '(no subject)';

interface Parts {
  rule: CompiledRule;
  view: View;
  unit: Unit;
  itemKey: string;
  read: RowsRead;
  routed: Routed;
}

/** The task of one unit: what was read, then what the route gives, then what its template fills. */
export function makeTask(parts: Parts): MadeTask {
  const { rule, read, routed, itemKey } = parts;
  const { ruleId, version, definition } = rule.version;
  const by = { ruleId, version };
  const task: MadeTask = {
    rule: { ...by, name: definition.name },
    itemKey,
    fields: readFields(read.values),
    evidence: evidenceOf(read.values, by),
    comment: textOf(read.values.get('comment')),
    checklist: [],
    effort: null,
    place: routed.place,
  };
  keepDeadline(task, parts, by);
  fillRoute(task, routed, by);
  if (routed.template !== null) fillTemplate(task, templateNamed(routed.template, parts.view), parts, by);
  warnBeyond(task, parts.view.context.calendar);
  return task;
}

type By = Pick<Evidence, 'ruleId' | 'version'>;

const textOf = (won: Won | undefined) => (won ? wordsOfValue(won.value) : null);

const dateOf = (won: Won | undefined) => LocalDate.safeParse(won?.value).data ?? null;

function readFields(values: ReadonlyMap<string, Won>): TaskFields {
  const text = (field: string) => textOf(values.get(field));
  const list = (field: string) => [values.get(field)?.value ?? []].flat().map(wordsOfValue);
  const own = [...values.values()].filter(({ field }) => !isBuiltIn(field));
  return {
    title: text('title') ?? NO_TITLE,
    due: dateOf(values.get('due')),
    start: dateOf(values.get('start')),
    deadline: dateOf(values.get('deadline')),
    priority: Priority.safeParse(text('priority')).data ?? null,
    project: text('project'),
    section: text('section'),
    assignee: text('assignee'),
    tags: list('tags'),
    notes: text('notes') ?? '',
    reminders: list('reminders').toSorted(),
    fields: Object.fromEntries(own.map(({ field, value }) => [field, value])),
  };
}

function evidenceOf(values: ReadonlyMap<string, Won>, by: By): MadeTask['evidence'] {
  return Object.fromEntries(
    [...values.values()].map(({ field, readingId, readingKind, spans }) => [
      field,
      { ...by, readingId, readingKind, spans },
    ]),
  );
}

const given = (by: By, readingKind: string): Evidence => ({ ...by, readingId: null, readingKind, spans: [] });

/** Counted days beyond those whose public holidays are known say so. */
function warnBeyond({ fields, evidence }: MadeTask, calendar: Calendar): void {
  for (const field of ['due', 'start', 'deadline'] as const) {
    const isLed = field === 'due' && fields.deadline !== null;
    const counted = isLed || evidence[field]?.readingKind === 'day';
    const warning = counted && fields[field] !== null ? beyondKnown(fields[field], calendar) : null;
    if (evidence[field] && warning !== null) evidence[field] = { ...evidence[field], warning };
  }
}

/** A due day that was counted from the deadline leaves the deadline itself on the task. */
function keepDeadline(task: MadeTask, { read, view, unit }: Parts, by: By): void {
  const due = read.values.get('due');
  if (task.fields.deadline !== null || due?.countedFrom !== 'deadline') return;
  const found = deadlineFound({ view, unit });
  const date = LocalDate.safeParse(found?.value).data;
  if (!found || date === undefined) return;
  task.fields.deadline = date;
  task.evidence.deadline = { ...by, readingId: due.readingId, readingKind: 'deadline', spans: found.spans };
}

function fillRoute({ fields, evidence }: MadeTask, routed: Routed, by: By): void {
  for (const field of ['project', 'section', 'assignee'] as const) {
    if (fields[field] !== null || routed[field] === null) continue;
    fields[field] = routed[field];
    evidence[field] = given(by, 'route');
  }
  addTags({ fields, evidence }, routed.tags, given(by, 'route'));
}

function addTags(
  { fields, evidence }: Pick<MadeTask, 'fields' | 'evidence'>,
  tags: readonly string[],
  by: Evidence,
): void {
  const fresh = tags.filter((tag) => !fields.tags.some((known) => sameName(known, tag)));
  if (fresh.length === 0) return;
  fields.tags = [...fields.tags, ...fresh];
  if (!('tags' in evidence)) evidence.tags = by;
}

function templateNamed(name: string, { context }: View): TaskTemplate {
  const template = context.templates.find((each) => sameName(each.name, name));
  if (!template) throw new RuleFailure(`There is no task template “${name}”.`);
  return template;
}

function fillTemplate(task: MadeTask, template: TaskTemplate, { view }: Parts, by: By): void {
  const { fields, evidence } = task;
  const evident = given(by, 'task template');
  for (const [field, value] of Object.entries(template.values)) {
    if (!fillField(fields, field, value)) continue;
    evidence[field] = evident;
  }
  addTags(task, template.tags, evident);
  task.checklist = template.checklist;
  task.effort = template.effort;
  if (template.lead > 0 && fields.due !== null && fields.deadline === null) {
    const lead: DayCount = {
      from: 'due',
      plus: -template.lead,
      unit: 'working days',
      to: null,
      offDays: 'stay',
      time: null,
    };
    fields.deadline = fields.due;
    fields.due = countDay(fields.due, lead, view.context.calendar);
    if (evidence.due) evidence.deadline = evidence.due;
  }
  if (fields.reminders.length === 0) {
    fields.reminders = template.reminders.flatMap((count) => remind(count, fields, view)).toSorted();
    if (fields.reminders.length > 0) evidence.reminders = evident;
  }
}

/** A field that is still empty takes the value; false where it was not, or the value does not fit. */
export function fillField(fields: TaskFields, field: string, value: Value): boolean {
  if (isBuiltIn(field)) return FILL[field](fields, value);
  if (Object.keys(fields.fields).some((known) => sameName(known, field))) return false;
  fields.fields[field] = value;
  return true;
}

type Fill = (fields: TaskFields, value: Value) => boolean;

const fillDay =
  (field: 'due' | 'start' | 'deadline'): Fill =>
  (fields, value) => {
    const day = LocalDate.safeParse(wordsOfValue(value)).data;
    if (fields[field] !== null || day === undefined) return false;
    fields[field] = day;
    return true;
  };

const fillName =
  (field: 'project' | 'section' | 'assignee'): Fill =>
  (fields, value) => {
    if (fields[field] !== null) return false;
    fields[field] = wordsOfValue(value);
    return true;
  };

const fillList =
  (field: 'tags' | 'reminders'): Fill =>
  (fields, value) => {
    if (fields[field].length > 0) return false;
    fields[field] = [value].flat().map(wordsOfValue);
    return true;
  };

const fillWords =
  (field: 'title' | 'notes', empty: string): Fill =>
  (fields, value) => {
    if (fields[field] !== empty) return false;
    fields[field] = wordsOfValue(value);
    return true;
  };

const FILL: Record<BuiltInField, Fill> = {
  due: fillDay('due'),
  start: fillDay('start'),
  deadline: fillDay('deadline'),
  priority: (fields, value) => {
    const priority = Priority.safeParse(wordsOfValue(value).toLowerCase()).data;
    if (fields.priority !== null || priority === undefined) return false;
    fields.priority = priority;
    return true;
  },
  project: fillName('project'),
  section: fillName('section'),
  assignee: fillName('assignee'),
  tags: fillList('tags'),
  reminders: fillList('reminders'),
  title: fillWords('title', NO_TITLE),
  notes: fillWords('notes', ''),
  // It is no field of the task itself.
  comment: () => false,
};

function remind(count: DayCount, fields: TaskFields, view: View): string[] {
  const { delivery } = view.incoming;
  const own = nameKey(count.from);
  const start =
    own === 'arrival'
      ? delivery.at
      : own === 'due'
        ? fields.due
        : own === 'start'
          ? fields.start
          : own === 'deadline'
            ? (fields.deadline ?? fields.due)
            : null;
  return start === null ? [] : [countDay(start, count, view.context.calendar)];
}
