import { Evidence, Proposal } from '@hatband/core/rules';
import { LocalDate } from '@hatband/core/dates';
import {
  ChecklistLine,
  parseDuration,
  Status,
  TaskFields,
  TaskFilter,
  TaskScope,
  TaskView,
  Value,
} from '@hatband/core/tasks';
import { z } from 'zod';
import { Named, RowId, TextId } from './common.ts';
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
  checklist: z.array(ChecklistLine),
  /** Out of sight until that person's next mail in its thread, or until the day; null where only the mail brings it back. */
  waiting: z.object({ for: z.string(), until: z.string().nullable() }).nullable(),
  /** The task that it became a part of. */
  mergedInto: z.number().nullable(),
  /** How long the work takes, as ISO 8601 writes a duration. */
  effort: z.string().nullable(),
  arrivalId: z.number(),
  /** The rule that made it, null for the built-in reading. */
  ruleId: z.string().nullable(),
  /** By field; a field of a project's own by its name. */
  evidence: z.record(z.string(), ValueSource),
  source: z.object({ subject: z.string(), from: z.string() }),
  createdAt: z.string(),
  changedAt: z.string(),
  completedAt: z.string().nullable(),
  /** In the bin since then. */
  deletedAt: z.string().nullable(),
  revision: z.number(),
});
export type Task = z.infer<typeof Task>;

/** Tasks that share a value, in the view's order. */
export const TaskGroup = z.object({
  /** The value in words, of a project or a rule its id; null: they have none, or the view has no groups. */
  value: z.string().nullable(),
  ids: z.array(z.number()),
  /** How many of them are to be done. Sums are over these. */
  open: z.number(),
  /** By the shown column; an amount's currency is null where it is a number, the minutes of an effort, or not stated. */
  sums: z.array(z.object({ field: z.string(), currency: z.string().nullable(), amount: z.number() })),
});
export type TaskGroup = z.infer<typeof TaskGroup>;

/** The numbers of all tasks of a view in their order, and the first of them whole; the others are asked for as they are shown. */
export const listTasks = endpoint({
  method: 'post',
  path: '/api/tasks/list',
  body: TaskView,
  answer: z.object({ groups: z.array(TaskGroup), total: z.number(), first: z.array(Task) }),
});

/** Tasks by their numbers; those that are gone are left out. */
export const readTasks = endpoint({
  method: 'post',
  path: '/api/tasks/read',
  body: z.object({ ids: z.array(z.number().int()).max(200) }),
  answer: z.object({ items: z.array(Task) }),
});

/** How many tasks each filter holds for. */
export const countTasks = endpoint({
  method: 'post',
  path: '/api/tasks/counts',
  body: z.object({ scope: TaskScope, filters: z.array(TaskFilter).max(100) }),
  answer: z.object({ counts: z.array(z.number()) }),
});

export const getTask = endpoint({ method: 'get', path: '/api/tasks/:id', params: RowId, answer: Task });

/** A length of time as people write one, kept as ISO 8601 writes it. */
const Effort = z.string().transform((words, context) => {
  const effort = parseDuration(words);
  if (effort === null) context.addIssue('Write an effort as in “1 h 30 min” or “2 days”.');
  return effort ?? z.NEVER;
});

/** `project` is an id; what is deleted is in the bin. Fields of a project's own that are not named stay; null empties one. */
export const TaskChange = TaskFields.extend({ status: Status, checklist: z.array(ChecklistLine).max(200) })
  .partial()
  .extend({
    fields: z.record(z.string(), Value.nullable()).optional(),
    effort: Effort.nullable().optional(),
    /** Added to the tags that it has. */
    addTags: z.array(z.string().trim().min(1)).optional(),
    deleted: z.boolean().optional(),
    waiting: z
      .object({
        for: z.string().trim().min(1, 'Say for whom it waits.').max(200),
        until: LocalDate.nullable(),
      })
      .nullable()
      .optional(),
  })
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

/** Something that the user did, for the list from which it is taken back. */
export const Act = z.object({ id: z.string(), at: z.string(), label: z.string(), undone: z.boolean() });
export type Act = z.infer<typeof Act>;

/** The same change of many tasks. */
export const changeTasks = endpoint({
  method: 'post',
  path: '/api/tasks/change',
  body: z.object({
    ids: z.array(z.number().int()).min(1).max(2000, 'At most 2,000 tasks at one time.'),
    change: TaskChange,
  }),
  answer: z.object({ act: Act.nullable() }),
});

/** Puts tasks right before or behind another in the order by hand. */
export const placeTasks = endpoint({
  method: 'post',
  path: '/api/tasks/place',
  body: z.object({
    ids: z.array(z.number().int()).min(1).max(500),
    beside: z.number().int(),
    side: z.enum(['before', 'behind']),
  }),
  answer: z.object({ act: Act.nullable() }),
});

/** What the user did, the newest first. */
export const listActs = endpoint({
  method: 'get',
  path: '/api/acts',
  answer: z.object({ items: z.array(Act) }),
});

/** Takes back what was done, or does again what was taken back; values that something else changed since are kept. */
export const undoAct = endpoint({
  method: 'post',
  path: '/api/acts/:id',
  params: TextId,
  body: z.object({ undo: z.boolean() }),
  answer: z.object({
    act: Act,
    kept: z.array(z.object({ task: z.string(), field: z.string(), now: z.string().nullable() })),
  }),
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
  task: z.object({
    id: z.number(),
    title: z.string(),
    /** What the field is now. */
    now: z.string().nullable(),
  }),
});
export type StoredProposal = z.infer<typeof StoredProposal>;

/** Those that are not settled, of a task, of a message, or all; the oldest first. */
export const listProposals = endpoint({
  method: 'get',
  path: '/api/proposals',
  query: z.object({
    task: z.coerce.number().int().optional(),
    arrival: z.coerce.number().int().optional(),
  }),
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
