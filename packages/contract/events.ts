import { z } from 'zod';

/** What changed; `id` is null where many rows did. `everything`: what was missed can no longer be told. */
export const ChangeEvent = z.object({
  seq: z.number(),
  kind: z.enum([
    'arrival', 'task', 'rule', 'address', 'project', 'named', 'mailbox', 'practice', 'import', 'settings', 'act', 'view',
    'everything',
  ]), // prettier-ignore
  id: z.string().nullable(),
});
export type ChangeEvent = z.infer<typeof ChangeEvent>;

/** Server-sent events, each a list of changes; resumable by Last-Event-ID. */
export const eventsPath = '/api/events';
export const ChangeEvents = z.array(ChangeEvent);
