import { z } from 'zod';
import { DatePhrase } from '../dates/index.ts';
import { CalendarEvent } from '../mail/index.ts';
import { FoundValue } from '../requests/index.ts';
import { Priority } from '../tasks/index.ts';

/** Where a value stands: UTF-16 units of the message's text, its subject or a named header, with the words there. */
export const EvidenceSpan = z.object({
  part: z.enum(['text', 'subject', 'header']),
  header: z.string().optional(),
  start: z.number().int(),
  end: z.number().int(),
  quote: z.string(),
});
export type EvidenceSpan = z.infer<typeof EvidenceSpan>;

const Spans = z.array(EvidenceSpan);

const Region = z.enum(['note', 'latest', 'subject']);
export type Region = z.infer<typeof Region>;

/** A date phrase with the region it stands in. */
export const DateFact = DatePhrase.omit({ start: true, end: true }).extend({ region: Region, spans: Spans });
export type DateFact = z.infer<typeof DateFact>;

export const PairFact = z.object({ region: Region, label: z.string(), value: z.string(), spans: Spans });
export type PairFact = z.infer<typeof PairFact>;

/** An amount, a reference number and the like. */
export const ValueFact = FoundValue.omit({ start: true, end: true }).extend({ region: Region, spans: Spans });
export type ValueFact = z.infer<typeof ValueFact>;

/** What takes place: an appointment of a calendar part, without spans, or an event of the text, without a summary. */
export const EventFact = CalendarEvent.extend({
  region: Region.nullable().default(null),
  spans: Spans.default([]),
});
export type EventFact = z.infer<typeof EventFact>;

/** One of several tasks in the message. `due` is the deadline of its own words. */
export const ItemFact = z.object({
  title: z.string(),
  due: z.string().nullable(),
  priority: Priority.nullable(),
  owner: z.string().nullable(),
  notes: z.string(),
  spans: z.object({ title: Spans, due: Spans, priority: Spans, owner: Spans }),
});
export type ItemFact = z.infer<typeof ItemFact>;

/** Where a title comes from: the user's own subject, a request in his note, one in the newest words, the subject. */
const TitleSource = z.enum(['own subject', 'note', 'request', 'subject']);

/** What the built-in reading found in a message. `deadline` is an index into `dates`. */
export const Facts = z.object({
  subject: z.object({ value: z.string(), spans: Spans }),
  title: z.object({ value: z.string(), source: TitleSource, spans: Spans }),
  /** The note or the newest words ask for something, whatever the title is made of. */
  asks: z.boolean().default(false),
  dates: z.array(DateFact),
  deadline: z.number().int().nullable(),
  priority: z.object({ value: Priority, spans: Spans }).nullable(),
  items: z.array(ItemFact),
  pairs: z.array(PairFact),
  values: z.array(ValueFact),
  events: z.array(EventFact),
  automatic: z.enum(['reply', 'notice']).nullable(),
});
export type Facts = z.infer<typeof Facts>;
