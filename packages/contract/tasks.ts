import { Evidence } from '@hatband/core/rules';
import { Priority, Status, TaskField, TaskFields } from '@hatband/core/tasks';
import { z } from 'zod';
import { Named, Page, RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** Where a value came from: a rule's reading, or the user's hand over what the rule had read. */
export const ValueSource = z.discriminatedUnion('by', [
  z.object({ by: z.literal('rule'), ruleName: z.string(), ...Evidence.shape }),
  z.object({ by: z.literal('user'), at: z.string(), was: z.string().nullable() }),
]);
export type ValueSource = z.infer<typeof ValueSource>;

export const Task = z.object({
  id: z.number(),
  title: z.string(),
  due: z.string().nullable(),
  priority: Priority.nullable(),
  project: Named.nullable(),
  status: Status,
  arrivalId: z.number(),
  /** The rule that made it, null for the built-in reading. */
  ruleId: z.string().nullable(),
  evidence: z.partialRecord(TaskField, ValueSource),
  source: z.object({ subject: z.string(), from: z.string() }),
  createdAt: z.string(),
  revision: z.number(),
});
export type Task = z.infer<typeof Task>;

export const listTasks = endpoint({
  method: 'get',
  path: '/api/tasks',
  query: z.object({
    limit: Page.shape.limit,
    cursor: z.string().max(100).optional(),
    state: z.enum(['open', 'done', 'all']).default('all'),
    order: z.enum(['newest', 'due']).default('newest'),
  }),
  answer: z.object({
    items: z.array(Task),
    next: z.string().nullable(),
    counts: z.object({ open: z.number(), done: z.number() }),
  }),
});

export const getTask = endpoint({ method: 'get', path: '/api/tasks/:id', params: RowId, answer: Task });

export const TaskChange = TaskFields.extend({ status: Status })
  .partial()
  .strict()
  .refine((change) => Object.keys(change).length > 0, 'Name a field to change.');
export type TaskChange = z.infer<typeof TaskChange>;

export const changeTask = endpoint({
  method: 'patch',
  path: '/api/tasks/:id',
  params: RowId,
  body: TaskChange,
  revision: true,
  answer: Task,
});
