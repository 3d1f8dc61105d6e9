import { EvidenceSpan } from '@hatband/core/reading';
import { Title } from '@hatband/core/tasks';
import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';
import { Act, Task, TaskChange } from './tasks.ts';

/** What happened to a task, the newest first; values in words, null where there is none. */
export const HistoryLine = z.discriminatedUnion('kind', [
  /** `rule` is null where the user made it, as a copy or out of a line of another. */
  z.object({ kind: z.literal('made'), at: z.string(), rule: z.string().nullable(), values: z.number() }),
  z.object({
    kind: z.literal('changed'),
    id: z.number(),
    at: z.string(),
    by: z.enum(['rule', 'user', 'undo']),
    field: z.string(),
    old: z.string().nullable(),
    new: z.string().nullable(),
    /** Whether it still is as this change left it, so that it can be taken back. */
    stands: z.boolean(),
  }),
]);
export type HistoryLine = z.infer<typeof HistoryLine>;

export const taskHistory = endpoint({
  method: 'get',
  path: '/api/tasks/:id/history',
  params: RowId,
  answer: z.object({ items: z.array(HistoryLine) }),
});

/** Gives a field the value back that it had before a change. */
export const takeBack = endpoint({
  method: 'post',
  path: '/api/task-changes/:id/take-back',
  params: RowId,
  answer: z.object({ act: Act }),
});

/** What belongs together with a task: the mail that it came of, or that speaks of it, and the other tasks of that mail. */
export const TaskThread = z.object({
  messages: z.array(
    z.object({
      arrivalId: z.number(),
      subject: z.string(),
      from: z.string(),
      at: z.string(),
      /** Of the message that the task was made of, or one that was merged into it. */
      isSource: z.boolean(),
    }),
  ),
  tasks: z.array(Task.pick({ id: true, title: true, status: true, due: true })),
});
export type TaskThread = z.infer<typeof TaskThread>;

export const taskThread = endpoint({
  method: 'get',
  path: '/api/tasks/:id/thread',
  params: RowId,
  answer: TaskThread,
});

/** A value that the mail of a task holds, the field that it could stand in, and the change that puts it there. */
export const TaskCandidate = z.object({
  field: z.string(),
  words: z.string(),
  change: TaskChange,
  spans: z.array(EvidenceSpan),
});
export type TaskCandidate = z.infer<typeof TaskCandidate>;

/** By field, the likeliest first; what stands in a field already is left out. */
export const taskCandidates = endpoint({
  method: 'get',
  path: '/api/tasks/:id/candidates',
  params: RowId,
  answer: z.object({ items: z.array(TaskCandidate) }),
});

/** Words that are typed for a day, “fri” or “2 wd before deadline”; of a task whose other days they may name. */
export const TypedDay = z.object({
  words: z.string().max(200),
  task: z.coerce.number().int().positive().optional(),
});
export type TypedDay = z.infer<typeof TypedDay>;

export const readDay = endpoint({
  method: 'get',
  path: '/api/typed-day',
  query: TypedDay,
  answer: z.object({ day: z.string().nullable() }),
});

const copied = { params: RowId, revision: true, answer: Task };

/** Another task like this one. */
export const duplicateTask = endpoint({ method: 'post', path: '/api/tasks/:id/duplicate', ...copied });

/** A task of its own, of the same message, project and people, with that title; a line of the checklist goes. */
export const splitTask = endpoint({
  method: 'post',
  path: '/api/tasks/:id/split',
  body: z.object({ title: Title, line: z.number().int().min(0).nullable() }),
  ...copied,
});

/** Makes another task a part of this one: its comments and messages belong to this from then on; the values are those chosen. */
export const mergeTask = endpoint({
  method: 'post',
  path: '/api/tasks/:id/merge',
  body: z.object({ other: z.number().int().positive(), change: TaskChange.nullable() }),
  ...copied,
});
