import { z } from 'zod';
import { LocalDate } from '../dates/index.ts';
import { sameName } from './name.ts';
import { Value, type FieldKind } from './value.ts';

/** Task states, as in iCalendar (RFC 5545, section 3.8.1.11). */
export const Status = z.enum(['needs action', 'in process', 'completed', 'cancelled']);
export type Status = z.infer<typeof Status>;

/** Whether nothing is to be done any more. */
export const isDone = (status: Status) => status === 'completed' || status === 'cancelled';

/** No priority is null. */
export const Priority = z.enum(['high', 'medium', 'low']);
export type Priority = z.infer<typeof Priority>;

export const Title = z
  .string()
  .trim()
  .min(1, 'A task needs a title.')
  .max(500, 'A title has at most 500 characters.');

/** A step of a task, ticked off by itself. */
export const ChecklistLine = z.object({ text: z.string().trim().min(1).max(500), done: z.boolean() });
export type ChecklistLine = z.infer<typeof ChecklistLine>;

/** A task's fields. `project`, `section` and `assignee` are names; days are local, with a clock time where one is known. */
export const TaskFields = z.object({
  title: Title,
  /** By when to act; `deadline` is the day by which somebody else wants it, where that is another. */
  due: LocalDate.nullable(),
  start: LocalDate.nullable(),
  deadline: LocalDate.nullable(),
  priority: Priority.nullable(),
  project: z.string().nullable(),
  section: z.string().nullable(),
  assignee: z.string().nullable(),
  tags: z.array(z.string()),
  notes: z.string(),
  reminders: z.array(LocalDate),
  /** The fields of its project's own, by name. */
  fields: z.record(z.string(), Value),
});
export type TaskFields = z.infer<typeof TaskFields>;

/** The built-in fields that rules read, with their kinds. `comment` becomes a first comment on the task. */
export const BUILT_IN_FIELDS = {
  title: { kind: 'text', name: 'title' },
  due: { kind: 'date and time', name: 'due date' },
  start: { kind: 'date and time', name: 'start date' },
  deadline: { kind: 'date and time', name: 'deadline' },
  priority: { kind: 'choice', name: 'priority' },
  project: { kind: 'project', name: 'project' },
  section: { kind: 'text', name: 'section' },
  assignee: { kind: 'person', name: 'assignee' },
  tags: { kind: 'several choices', name: 'tags' },
  notes: { kind: 'long text', name: 'notes' },
  reminders: { kind: 'date and time', name: 'reminders' },
  comment: { kind: 'long text', name: 'comment' },
} as const satisfies Record<string, { kind: FieldKind; name: string }>;
export type BuiltInField = keyof typeof BUILT_IN_FIELDS;

/** The name of a built-in field however it is written (“Assignee”), else the name as it is. */
export const builtInName = (name: string): string =>
  Object.keys(BUILT_IN_FIELDS).find((each) => sameName(each, name)) ?? name;

export const isBuiltIn = (field: string): field is BuiltInField => Object.hasOwn(BUILT_IN_FIELDS, field);

/** Fields that hold several values: what each reading finds is added. */
export const isList = (field: string) => field === 'tags' || field === 'reminders';

/** Words beyond this length are cut from a title that was read. */
const TITLE_LENGTH = 80;

/** A title as it is read from mail: one line, at most 80 characters, no trailing stop. */
export function shortTitle(words: string): string {
  const line = words.replace(/\s+/g, ' ').trim().replace(/\.$/, '');
  if (line.length <= TITLE_LENGTH) return line;
  const cut = line.slice(0, TITLE_LENGTH - 1);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), TITLE_LENGTH / 2)).trimEnd()}…`;
}
