import { z } from 'zod';
import { Template } from './template.ts';

const names = z.array(z.string().trim().min(1)).default([]);

/** What else happens, outside Hatband: to the message in its mailbox, or by mail that goes out. */
export const Effect = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('label'), add: names, remove: names }),
  z.strictObject({ kind: z.literal('flag'), set: z.boolean().default(true) }),
  z.strictObject({ kind: z.literal('move'), folder: z.string().trim().min(1, 'Name a folder.') }),
  z.strictObject({ kind: z.literal('mark as read') }),
  /** `asker`: whoever wrote the newest words. */
  z.strictObject({
    kind: z.literal('send'),
    to: z.array(z.union([z.literal('asker'), z.email('An address, or asker.')])).min(1, 'Name a recipient.'),
    subject: Template,
    text: Template,
  }),
]);
export type Effect = z.infer<typeof Effect>;
