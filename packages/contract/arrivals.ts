import { Anatomy } from '@hatband/core/anatomy';
import { Mailbox, Message } from '@hatband/core/mail';
import { DateFact, EventFact } from '@hatband/core/reading';
import { Band, Held, MadeTask, Occasion, RuleOutcomeKind, SourceKind } from '@hatband/core/rules';
import { z } from 'zod';
import { Page, RowId } from './common.ts';
import { endpoint } from './endpoint.ts';
import { Task } from './tasks.ts';

/** What the rules made of it; `waiting`: received and safe, not read yet. */
export const OutcomeKind = z.enum(['waiting', ...RuleOutcomeKind.options, 'failed']);
export type OutcomeKind = z.infer<typeof OutcomeKind>;

/** Why a message waits at the door, before any rule. */
export const Gate = z.enum(['unwelcome sender', 'over a limit']);
export type Gate = z.infer<typeof Gate>;

export const ArrivalOutcome = z.object({
  kind: OutcomeKind,
  taskIds: z.array(z.number()),
  /** The first rule that took it. */
  ruleId: z.string().nullable(),
  reason: z.string().optional(),
  /** Why it waits for a person, rule by rule. */
  held: z.array(Held),
  gate: z.object({ why: Gate, words: z.string() }).nullable(),
});

export const Arrival = z.object({
  id: z.number(),
  receivedAt: z.string(),
  source: SourceKind,
  occasion: Occasion,
  /** The label that brought it in. */
  label: z.string().nullable(),
  from: Mailbox,
  /** The sender of the newest words: of a forwarded message its own. */
  asks: Mailbox,
  subject: z.string(),
  outcome: ArrivalOutcome,
  /** How often the same message came to the same address. */
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
  /** `person`: who wrote the newest words, a name or an address. */
  query: Page.extend({ outcome: OutcomeKind.optional(), person: z.string().min(1).max(200).optional() }),
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
  /** What its rules do outside Hatband: in its mailbox, or by mail that goes out. */
  effects: z.array(z.object({ ruleName: z.string(), words: z.string(), inMailbox: z.boolean() })),
  /** What the user should know of how it was worked, in words: shorthand that was not understood, and the like. */
  remarks: z.array(z.string()),
  /** How far that is, of what its mailbox is to do. */
  carriedOut: z.array(
    z.object({ state: z.enum(['waiting', 'done', 'failed']), problem: z.string().nullable() }),
  ),
  /** Of mail whose original came another way before: the first arrival of it, and its tasks. */
  before: z
    .object({
      arrivalId: z.number(),
      tasks: z.array(Task.pick({ id: true, title: true, due: true, priority: true })),
    })
    .nullable(),
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

const onArrival = { params: RowId, answer: Arrival };

/** Lets in what waits at the door: this message, or its sender from now on. */
export const letIn = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/let-in',
  body: z.object({ sender: z.enum(['once', 'from now on']) }),
  ...onArrival,
});

/** Refuses the sender of what waits at the door, now and from now on. */
export const blockSender = endpoint({ method: 'post', path: '/api/arrivals/:id/block', ...onArrival });

/** What a message could become: as it would be if it were let in, and by each rule that is started by hand. */
export const listPossible = endpoint({
  method: 'get',
  path: '/api/arrivals/:id/possible',
  params: RowId,
  answer: z.object({
    asItWouldBe: z.array(MadeTask),
    byHand: z.array(
      z.object({
        ruleId: z.string(),
        name: z.string(),
        band: Band,
        tasks: z.array(MadeTask),
        /** Why it cannot be started, in words. */
        problem: z.string().nullable(),
      }),
    ),
  }),
});

/** Starts a rule by hand. */
export const startByHand = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/by-hand',
  body: z.object({ ruleId: z.string() }),
  ...onArrival,
});

/** What is done with several messages at once. */
export const ManyWork = z.discriminatedUnion('do', [
  /** Starts a rule by hand; the built-in reading is one too. */
  z.object({ do: z.literal('rule'), ruleId: z.string() }),
  z.object({ do: z.literal('let in') }),
  z.object({ do: z.literal('block') }),
  /** Nothing is to be done with them any more, whatever they are held for. */
  z.object({ do: z.literal('dealt with') }),
]);
export type ManyWork = z.infer<typeof ManyWork>;

/** Each by itself: those that it is not possible for are told with the reason, and the others are done. */
export const workMany = endpoint({
  method: 'post',
  path: '/api/arrivals/many',
  body: z.object({
    ids: z.array(z.number().int()).min(1).max(200, 'At most 200 messages at one time.'),
    work: ManyWork,
  }),
  answer: z.object({
    done: z.number(),
    refused: z.array(z.object({ id: z.number(), subject: z.string(), detail: z.string() })),
  }),
});

/** What waits for the user besides tasks. */
export const Attention = z.object({
  atDoor: z.number(),
  held: z.number(),
  again: z.number(),
  failed: z.number(),
  /** Messages whose mailbox could not do what a rule asked, the newest first; at most ten. */
  effects: z.array(z.object({ arrivalId: z.number(), subject: z.string(), problem: z.string() })),
});
export type Attention = z.infer<typeof Attention>;

export const getAttention = endpoint({ method: 'get', path: '/api/attention', answer: Attention });

/** Of mail whose original came before: adds what is new to the first task, or makes a task of its own. */
export const settleAgain = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/again',
  body: z.object({ how: z.enum(['add to the first', 'make its own']) }),
  ...onArrival,
});

/** An attachment by its number, always as a download. */
export const attachmentPath = '/api/arrivals/:id/attachments/:n';

/** The raw bytes, `message/rfc822`, as a download. */
export const rawPath = '/api/arrivals/:id/raw';
