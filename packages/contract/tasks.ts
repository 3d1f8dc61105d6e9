import { Evidence, Proposal } from '@hatband/core/rules';
import { Status, TaskFields } from '@hatband/core/tasks';
import { z } from 'zod';
import { Named, Page, RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** Where a value came from: a rule's reading, or the user's hand over what the rule had read. */
export const ValueSource = z.discriminatedUnion('by', [
  /** `reading` is what the reading that took it is called. */
  z.object({ by: z.literal('rule'), ruleName: z.string(), reading: z.string(), ...Evidence.shape }),
  z.object({ by: z.literal('user'), at: z.string(), was: z.string().nullable() }),
]);
export type ValueSource = z.infer<typeof ValueSource>;

export const Task = z.object({
  id: z.number(),
  ...TaskFields.shape,
  title: z.string(),
  project: Named.nullable(),
  status: Status,
  checklist: z.array(z.string()),
  /** How long the work takes, as ISO 8601 writes a duration. */
  effort: z.string().nullable(),
  arrivalId: z.number(),
  /** The rule that made it, null for the built-in reading. */
  ruleId: z.string().nullable(),
  /** By field; a field of a project's own by its name. */
  evidence: z.record(z.string(), ValueSource),
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

/** `project` is an id. */
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

/** Words on a task: the user's, or those of a message that a rule made a comment of. */
export const Comment = z.object({
  id: z.number(),
  text: z.string(),
  at: z.string(),
  /** What came along with its message, by their numbers there. */
  attachments: z.array(z.object({ n: z.number(), name: z.string(), size: z.number() })),
  by: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('user') }),
    z.object({ kind: z.literal('rule'), ruleName: z.string(), arrivalId: z.number(), from: z.string() }),
  ]),
});
export type Comment = z.infer<typeof Comment>;

/** A change that a message asks for; it happens only if the user accepts it. */
export const StoredProposal = z.object({
  id: z.number(),
  field: Proposal.shape.field,
  value: z.string(),
  /** The words that ask for it. */
  words: z.string(),
  from: z.string(),
  arrivalId: z.number(),
  at: z.string(),
});
export type StoredProposal = z.infer<typeof StoredProposal>;

export const listProposals = endpoint({
  method: 'get',
  path: '/api/tasks/:id/proposals',
  params: RowId,
  answer: z.object({ items: z.array(StoredProposal) }),
});

export const settleProposal = endpoint({
  method: 'post',
  path: '/api/proposals/:id',
  params: RowId,
  body: z.object({ accept: z.boolean() }),
  answer: Task,
});

/** The task's own intake address, made when it is first asked for: mail there becomes a comment on it. */
export const taskAddress = endpoint({
  method: 'post',
  path: '/api/tasks/:id/address',
  params: RowId,
  answer: z.object({ address: z.string() }),
});

export const listComments = endpoint({
  method: 'get',
  path: '/api/tasks/:id/comments',
  params: RowId,
  answer: z.object({ items: z.array(Comment) }),
});

export const addComment = endpoint({
  method: 'post',
  path: '/api/tasks/:id/comments',
  params: RowId,
  body: z.object({ text: z.string().trim().min(1, 'Write something.').max(20_000) }),
  answer: z.object({ items: z.array(Comment) }),
});
