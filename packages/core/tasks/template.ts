import { z } from 'zod';
import { DayCount } from '../dates/index.ts';
import { parseDuration } from './kinds.ts';
import { Value } from './value.ts';

/** What a task of a kind starts with. It fills only what is empty; tags are added. */
export const TaskTemplate = z.object({
  name: z.string().trim().min(1, 'A template needs a name.').max(80),
  /** By the name of the field. */
  values: z.record(z.string(), Value).default({}),
  checklist: z.array(z.string().trim().min(1)).default([]),
  tags: z.array(z.string().trim().min(1)).default([]),
  /** How long the work takes: written as people do (“1 h 30 min”), kept as ISO 8601 writes a duration. */
  effort: z
    .string()
    .transform((words) => parseDuration(words) ?? words)
    .nullable()
    .default(null),
  /** So many working days before its deadline the task is due; the deadline itself is kept. */
  lead: z.number().int().min(0).max(200).default(0),
  reminders: z.array(DayCount).default([]),
});
export type TaskTemplate = z.infer<typeof TaskTemplate>;

/** A template as it is saved from now on: its effort is a length of time. */
export const WrittenTemplate = TaskTemplate.refine(
  ({ effort }) => effort === null || effort === '' || parseDuration(effort) !== null,
  { path: ['effort'], message: 'Write an effort as in “1 h 30 min” or “2 days”.' },
).transform((template) => ({ ...template, effort: template.effort || null }));
