import { z } from 'zod';
import { LocalDate } from '../../dates/index.ts';
import { Reading } from '../../reading/index.ts';

/** What a message was sent to: an intake address of the inbox, of a project, of a task, or a watched mailbox. */
export const Target = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('inbox') }),
  z.object({ kind: z.literal('project'), name: z.string() }),
  z.object({ kind: z.literal('task'), taskId: z.number().int() }),
  z.object({ kind: z.literal('mailbox'), name: z.string() }),
]);
export type Target = z.infer<typeof Target>;

export const SourceKind = z.enum(['smtp', 'mailbox', 'file', 'http', 'practice']);
export type SourceKind = z.infer<typeof SourceKind>;

/** What comes in so comes by it. */
export const SOURCE_NAMES: Record<SourceKind, string> = {
  smtp: 'an intake address',
  mailbox: 'a watched mailbox',
  file: 'a file',
  http: 'HTTP',
  practice: 'the practice mailbox',
};

/** What set the rules to work on a message. */
export const Occasion = z.enum(['arrival', 'label', 'flag', 'hand']);
export type Occasion = z.infer<typeof Occasion>;

/** The way a message came. `at` is the local wall clock of its arrival, `2026-11-24T14:00`. */
export const Delivery = z.object({
  source: SourceKind.default('smtp'),
  target: Target.default({ kind: 'inbox' }),
  address: z.string().nullable().default(null),
  plusWord: z.string().nullable().default(null),
  labels: z.array(z.string()).default([]),
  /** The label that was just set; null: it does not matter which. */
  set: z.string().nullable().default(null),
  flagged: z.boolean().default(false),
  folder: z.string().nullable().default(null),
  at: LocalDate,
  occasion: Occasion.default('arrival'),
});
export type Delivery = z.infer<typeof Delivery>;

/** A task that is there already. `key` is its number, or what stands for one where it has none yet. */
export const KnownTask = z.object({ key: z.string(), title: z.string(), open: z.boolean() });
export type KnownTask = z.infer<typeof KnownTask>;

/** The tasks that a message may speak of: of its thread, by the reference numbers in it, of the address it came by, of its original. */
export const KnownTasks = z.object({
  thread: z.array(KnownTask).default([]),
  /** By reference number, as it stands in the message. */
  byReference: z.record(z.string(), z.array(KnownTask)).default({}),
  ofAddress: KnownTask.nullable().default(null),
  /** Those of the same original, where it came another way before. */
  ofOriginal: z.array(KnownTask).default([]),
});
export type KnownTasks = z.infer<typeof KnownTasks>;

/** All that rules may look at: the message as it was read, the way it came, and the tasks it may speak of. */
export const Incoming = z.object({
  reading: Reading,
  delivery: Delivery,
  tasks: KnownTasks.prefault({}),
});
export type Incoming = z.infer<typeof Incoming>;
