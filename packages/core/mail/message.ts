import { z } from 'zod';

export const Mailbox = z.object({ name: z.string(), address: z.string() });
export type Mailbox = z.infer<typeof Mailbox>;

/** `size` in bytes, `digest` the SHA-256 of its content in hex; empty where it was read before that was kept. */
export const Attachment = z.object({
  name: z.string(),
  type: z.string(),
  size: z.number(),
  digest: z.string().default(''),
});
export type Attachment = z.infer<typeof Attachment>;

/** A message that came attached to this one: its words stand in `text` from `start` on. */
export const AttachedMessage = z.object({
  start: z.number().int(),
  from: Mailbox.nullable(),
  sentAt: z.string().nullable(),
  subject: z.string().nullable(),
  messageId: z.string().nullable().default(null),
});
export type AttachedMessage = z.infer<typeof AttachedMessage>;

/** An appointment of a calendar part (RFC 5545): local wall clock or, with a `Z`, UTC. */
export const CalendarEvent = z.object({
  summary: z.string(),
  starts: z.string(),
  ends: z.string().nullable(),
  place: z.string().nullable(),
  participants: z.array(z.string()).default([]),
});
export type CalendarEvent = z.infer<typeof CalendarEvent>;

/**
 * A decoded message. `text` is its one text, with LF line ends; every span of evidence counts UTF-16 units in it or in
 * `subject`. `sentAt` is ISO 8601 with the offset that the message states, null where it states none that can be.
 */
export const Message = z.object({
  subject: z.string(),
  from: Mailbox.nullable(),
  to: z.array(Mailbox),
  cc: z.array(Mailbox),
  sentAt: z.string().nullable(),
  messageId: z.string().nullable(),
  inReplyTo: z.string().nullable(),
  headers: z.array(z.object({ name: z.string(), value: z.string() })),
  text: z.string(),
  attached: z.array(AttachedMessage),
  events: z.array(CalendarEvent),
  attachments: z.array(Attachment),
  warnings: z.array(z.string()),
});
export type Message = z.infer<typeof Message>;

/** The value of the first header of that name (any case), or null. */
export function header(message: Message, name: string): string | null {
  const wanted = name.toLowerCase();
  return message.headers.find((h) => h.name.toLowerCase() === wanted)?.value ?? null;
}
