import { labelOfField, ownField, ownNameOf, type TaskColumn } from '@hatband/core/tasks';
import type { StoredProject } from '@hatband/contract';

/** What can be shown beside a task's title. */
const ALWAYS = [
  'due', 'start', 'deadline', 'project', 'section', 'assignee', 'priority', 'tags', 'effort', 'status', 'asks', 'waitingFor', 'rule',
  'notes', 'created', 'changed', 'completed',
]; // prettier-ignore

/** Fields that every task has and those of the projects, each with its label. */
export function knownFields(projects: readonly StoredProject[]): { value: string; label: string }[] {
  const own = new Set(projects.flatMap(({ fields }) => fields.map(({ name }) => ownField(name))));
  return ['title', ...ALWAYS, 'reminders', ...own].map((field) => ({
    value: field,
    label: labelOfField(field),
  }));
}

export const columnChoices = (projects: readonly StoredProject[]) =>
  knownFields(projects).filter(({ value }) => value !== 'title' && value !== 'reminders');

const WIDTHS: Readonly<Record<string, number>> = {
  due: 148,
  start: 120,
  deadline: 134,
  priority: 84,
  effort: 84,
  notes: 240,
  project: 120,
  asks: 150,
};

export const widthOf = ({ field, width }: TaskColumn) => width ?? WIDTHS[field] ?? 132;

/** Amounts and lengths of time stand at the right of their columns, so that they compare. */
export const isRight = (field: string, kindOf: (own: string) => string | null) => {
  const own = ownNameOf(field);
  return field === 'effort' || (own !== null && ['number', 'money'].includes(kindOf(own) ?? ''));
};
