import { z } from 'zod';
import { TaskFilter } from './filter/filter.ts';

/** Which tasks a view looks at before its filter: those to be done now, with what was completed today; those that wait; done ones; the bin. */
export const TaskScope = z.enum(['open', 'waiting', 'done', 'all', 'bin']);
export type TaskScope = z.infer<typeof TaskScope>;

const field = z.string().min(1).max(200);

/** `place` is the order by hand. Tasks that have no value come last, whichever way. */
export const TaskSort = z.strictObject({ field, descending: z.boolean().default(false) });
export type TaskSort = z.infer<typeof TaskSort>;

export const TaskColumn = z.strictObject({
  field,
  /** In CSS pixels; null: as wide as its kind wants. */
  width: z.number().int().min(40).max(1200).nullable().default(null),
});
export type TaskColumn = z.infer<typeof TaskColumn>;

/** How tasks are shown: which, in which order, grouped by what, with which columns beside their titles. */
export const TaskView = z.strictObject({
  scope: TaskScope.default('open'),
  filter: TaskFilter.default({ all: [] }),
  sort: z
    .array(TaskSort)
    .max(5, 'Sort by at most five fields.')
    .default([{ field: 'due', descending: false }]),
  group: field.nullable().default(null),
  columns: z
    .array(TaskColumn)
    .max(30, 'At most 30 columns.')
    .default(['due', 'project', 'priority', 'asks'].map((name) => ({ field: name, width: null }))),
});
export type TaskView = z.infer<typeof TaskView>;

/** A view of these contents that somebody named. */
export const NamedView = z.strictObject({
  name: z.string().trim().min(1, 'A view needs a name.').max(60, 'A name has at most 60 characters.'),
  view: TaskView,
});
export type NamedView = z.infer<typeof NamedView>;
