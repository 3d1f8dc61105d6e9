import { z } from 'zod';
import { endpoint } from './endpoint.ts';

/** Somebody who wrote mail that asks for something, by the name he writes under. */
export const Writer = z.object({
  name: z.string(),
  address: z.string(),
  messages: z.number(),
  openTasks: z.number(),
  lastAt: z.string(),
});
export type Writer = z.infer<typeof Writer>;

/** Who wrote, the last of them first; at most 300. */
export const listWriters = endpoint({
  method: 'get',
  path: '/api/writers',
  answer: z.object({ items: z.array(Writer) }),
});
