import { z } from 'zod';
import { LocalDate } from '../dates/index.ts';

/** Task states, as in iCalendar (RFC 5545, section 3.8.1.11). */
export const Status = z.enum(['needs action', 'in process', 'completed', 'cancelled']);
export type Status = z.infer<typeof Status>;

/** No priority is null. */
export const Priority = z.enum(['high', 'medium', 'low']);
export type Priority = z.infer<typeof Priority>;

export const Title = z
  .string()
  .trim()
  .min(1, 'A task needs a title.')
  .max(500, 'A title has at most 500 characters.');

/** What a rule fills in; `project` is an id. */
export const TaskFields = z.object({
  title: Title,
  due: LocalDate.nullable(),
  priority: Priority.nullable(),
  project: z.string().nullable(),
});
export type TaskFields = z.infer<typeof TaskFields>;

export const TaskField = z.enum(['title', 'due', 'priority', 'project']);
export type TaskField = z.infer<typeof TaskField>;

/** The fields that readings fill; the project comes by the route. */
export const ReadField = TaskField.exclude(['project']);
export type ReadField = z.infer<typeof ReadField>;

export const FIELD_NAMES: Record<TaskField, string> = {
  title: 'title',
  due: 'due date',
  priority: 'priority',
  project: 'project',
};

/** Words beyond this length are cut from a title that was read. */
const TITLE_LENGTH = 80;

/** A title as it is read from mail: one line, at most 80 characters, no trailing stop. */
export function shortTitle(words: string): string {
  const line = words.replace(/\s+/g, ' ').trim().replace(/\.$/, '');
  if (line.length <= TITLE_LENGTH) return line;
  const cut = line.slice(0, TITLE_LENGTH - 1);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), TITLE_LENGTH / 2)).trimEnd()}…`;
}

/** A value for the field, or null where the words are none of its kind. */
export function valueOfKind(field: ReadField, words: string): string | null {
  if (field === 'title') return shortTitle(words) || null;
  const kind = field === 'due' ? LocalDate : Priority;
  const parsed = kind.safeParse(
    words
      .trim()
      .toLowerCase()
      .replace('t', field === 'due' ? 'T' : 't'),
  );
  return parsed.success ? parsed.data : null;
}
