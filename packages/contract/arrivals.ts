import { Anatomy } from '@hatband/core/anatomy';
import { Mailbox, Message } from '@hatband/core/mail';
import { DateFact, EventFact } from '@hatband/core/reading';
import { DueEffect, Held } from '@hatband/core/rules';
import { z } from 'zod';
import { Page, RowId } from './common.ts';
import { endpoint } from './endpoint.ts';
import { Task } from './tasks.ts';

/** `waiting`: received and safe, not read yet. */
export const OutcomeKind = z.enum(['waiting', 'tasks', 'comment', 'unclaimed', 'nothing', 'held', 'failed']);
export type OutcomeKind = z.infer<typeof OutcomeKind>;

export const ArrivalOutcome = z.object({
  kind: OutcomeKind,
  taskIds: z.array(z.number()),
  /** The first rule that took it. */
  ruleId: z.string().nullable(),
  reason: z.string().optional(),
  /** Why it waits for a person, rule by rule. */
  held: z.array(Held),
});

export const Arrival = z.object({
  id: z.number(),
  receivedAt: z.string(),
  from: Mailbox,
  /** The sender of the newest words: of a forwarded message its own. */
  asks: Mailbox,
  subject: z.string(),
  outcome: ArrivalOutcome,
  /** How often the same bytes came to the same address. */
  deliveries: z.number(),
  /** What the ledger shows of its tasks. */
  tasks: z.array(
    Task.pick({ id: true, title: true, due: true, priority: true, status: true, project: true }),
  ),
});
export type Arrival = z.infer<typeof Arrival>;

export const listArrivals = endpoint({
  method: 'get',
  path: '/api/arrivals',
  query: Page.extend({ outcome: OutcomeKind.optional() }),
  answer: z.object({ items: z.array(Arrival), next: z.number().nullable() }),
});

export const countArrivals = endpoint({
  method: 'get',
  path: '/api/arrival-counts',
  answer: z.record(OutcomeKind, z.number()),
});

/** What was read of the message; null until it was, or where it could not be. */
export const ReadMessage = z.object({
  message: Message.omit({ headers: true }),
  anatomy: Anatomy,
  dates: z.array(DateFact),
  deadline: z.number().nullable(),
  events: z.array(EventFact),
  warnings: z.array(z.string()),
});
export type ReadMessage = z.infer<typeof ReadMessage>;

export const ArrivalSheet = z.object({
  arrival: Arrival,
  address: z.object({
    address: z.string(),
    plusWord: z.string().nullable(),
    name: z.string(),
    retired: z.boolean(),
  }),
  envelope: z.object({ from: z.string(), size: z.number() }),
  read: ReadMessage.nullable(),
  tasks: z.array(Task),
  /** The tasks that it is a comment on. */
  comments: z.array(z.object({ taskId: z.number(), title: z.string() })),
  /** What its rules would have done outside Hatband, so far: nothing carries it out yet. */
  effects: z.array(z.object({ ruleName: z.string(), effect: DueEffect })),
});
export type ArrivalSheet = z.infer<typeof ArrivalSheet>;

export const getArrival = endpoint({
  method: 'get',
  path: '/api/arrivals/:id',
  params: RowId,
  answer: ArrivalSheet,
});

/** Works a rule that held the message once more, as the rule is now, and no other. */
export const releaseArrival = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/release',
  params: RowId,
  body: z.object({ ruleId: z.string() }),
  answer: Arrival,
});

/** The raw bytes, `message/rfc822`, as a download. */
export const rawPath = '/api/arrivals/:id/raw';
