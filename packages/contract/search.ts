import { Status } from '@hatband/core/tasks';
import { z } from 'zod';
import { endpoint } from './endpoint.ts';

/** Words with those marked that were searched. */
export const MarkedWords = z.array(z.object({ words: z.string(), hit: z.boolean() }));
export type MarkedWords = z.infer<typeof MarkedWords>;

const found = {
  id: z.number(),
  /** When the message came, or the task was made. */
  at: z.string(),
  title: MarkedWords,
  /** What stands around the words, where they are not in the title alone. */
  excerpt: MarkedWords,
  who: z.string(),
};
export const Found = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('message'), ...found }),
  z.object({
    kind: z.literal('task'),
    ...found,
    status: Status,
    due: z.string().nullable(),
    project: z.string().nullable(),
  }),
]);
export type Found = z.infer<typeof Found>;

const day = z.iso.date('A day, as in 2026-12-24.');

/** Which messages and tasks have all these words, or begin with them; words in quotes stand together. The newest first. */
export const SearchQuery = z.object({
  words: z.string().trim().max(200, 'At most 200 characters.'),
  kind: z.enum(['message', 'task']).optional(),
  project: z.string().min(1).max(100).optional(),
  person: z.string().trim().min(1).max(200).optional(),
  from: day.optional(),
  to: day.optional(),
});
export type SearchQuery = z.infer<typeof SearchQuery>;

export const search = endpoint({
  method: 'get',
  path: '/api/search',
  query: SearchQuery,
  answer: z.object({
    items: z.array(Found),
    /** Whether there is more than is listed. */
    more: z.boolean(),
  }),
});
