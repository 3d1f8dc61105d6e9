import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** The folders of the practice mailbox. */
export const PRACTICE_FOLDERS = ['INBOX', 'Sent', 'Archive'] as const;

export const PracticeLine = z.object({
  uid: z.number(),
  folder: z.string(),
  from: z.string(),
  subject: z.string(),
  cameAt: z.string(),
  seen: z.boolean(),
  flagged: z.boolean(),
  labels: z.array(z.string()),
});
export type PracticeLine = z.infer<typeof PracticeLine>;

export const PracticeMessage = PracticeLine.extend({
  fromAddress: z.string(),
  to: z.array(z.string()),
  text: z.string(),
  attachments: z.array(z.string()),
  /** The arrivals that came of it. */
  arrivals: z.array(z.object({ id: z.number(), words: z.string() })),
});
export type PracticeMessage = z.infer<typeof PracticeMessage>;

export const listPractice = endpoint({
  method: 'get',
  path: '/api/practice',
  answer: z.object({
    items: z.array(PracticeLine),
    folders: z.array(z.string()),
    /** Whose mailbox it is. */
    own: z.string(),
  }),
});

const onMessage = { path: '/api/practice/:id', params: RowId };
export const getPractice = endpoint({ method: 'get', ...onMessage, answer: PracticeMessage });

/** Puts the shipped letters into the mailbox. */
export const layPractice = endpoint({ method: 'post', path: '/api/practice/letters', answer: z.object({}) });

export const markPractice = endpoint({
  method: 'patch',
  ...onMessage,
  body: z.strictObject({
    seen: z.boolean().optional(),
    flagged: z.boolean().optional(),
    labels: z.array(z.string().trim().min(1).max(60)).optional(),
    folder: z.string().trim().min(1).max(100).optional(),
  }),
  /** Its number; another one where it was moved. */
  answer: z.object({ uid: z.number() }),
});

/** Hands a message of it over to Hatband, where rules by hand take it. */
export const showPractice = endpoint({
  method: 'post',
  path: '/api/practice/:id/show',
  params: RowId,
  answer: z.object({ arrivalId: z.number() }),
});

/** A letter that goes out. `of`: the message that it answers or passes on. */
export const Letter = z.strictObject({
  to: z.string().trim().min(1, 'Name a recipient.').max(1000),
  copy: z.string().trim().max(1000).default(''),
  subject: z.string().max(500),
  text: z.string().max(100_000),
  of: z
    .object({ uid: z.number(), how: z.enum(['reply', 'forward']) })
    .nullable()
    .default(null),
});

/** What the post did with it, for each recipient in its own words. */
export const sendPractice = endpoint({
  method: 'post',
  path: '/api/practice/send',
  body: Letter,
  answer: z.object({
    delivered: z.array(z.object({ to: z.string(), ok: z.boolean(), words: z.string() })),
  }),
});
