import { z } from 'zod';
import { DatePhrase } from '../dates/index.ts';

/** Where a value stands: UTF-16 units of the message's text, its subject or a named header, with the words there. */
export const EvidenceSpan = z.object({
  part: z.enum(['text', 'subject', 'header']),
  header: z.string().optional(),
  start: z.number().int(),
  end: z.number().int(),
  quote: z.string(),
});
export type EvidenceSpan = z.infer<typeof EvidenceSpan>;

const Region = z.enum(['note', 'latest', 'subject']);
export type Region = z.infer<typeof Region>;

/** A date phrase with the region it stands in. */
export const DateFact = DatePhrase.omit({ start: true, end: true }).extend({
  region: Region,
  spans: z.array(EvidenceSpan),
});
export type DateFact = z.infer<typeof DateFact>;

export const PairFact = z.object({
  region: Region,
  label: z.string(),
  value: z.string(),
  spans: z.array(EvidenceSpan),
});
export type PairFact = z.infer<typeof PairFact>;

/** What the built-in reading found in a message. `deadline` is an index into `dates`. */
export const Facts = z.object({
  subject: z.object({ value: z.string(), spans: z.array(EvidenceSpan) }),
  dates: z.array(DateFact),
  deadline: z.number().int().nullable(),
  pairs: z.array(PairFact),
  automatic: z.enum(['reply', 'notice']).nullable(),
});
export type Facts = z.infer<typeof Facts>;
