import { z } from 'zod';
import { Pattern } from './pattern.ts';
import { MessageScopes } from './scope.ts';

/** What a rule makes of a message, and how many. */
export const Makes = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('task') }),
  /** One task an item; of a message without items one. */
  z.strictObject({ kind: z.literal('items') }),
  /** One task a table row; `columns`: only of tables that have all of these. */
  z.strictObject({
    kind: z.literal('rows'),
    columns: z.array(z.string().trim().min(1)).default([]),
    in: z
      .array(z.enum(['note', 'newest', 'whole']))
      .min(1, 'Choose where to look.')
      .default(['note', 'newest']),
  }),
  z.strictObject({ kind: z.literal('matches'), in: MessageScopes, pattern: Pattern }),
  /** A comment on a task that is there already, found in this order; `otherwise`: where there is none. */
  z.strictObject({
    kind: z.literal('comment'),
    on: z
      .array(z.enum(['address', 'reference', 'thread']))
      .min(1, 'Choose how its task is found.')
      .default(['address', 'reference', 'thread']),
    otherwise: z.enum(['task', 'nothing', 'hold']).default('task'),
  }),
  /** A new project, named by a field; `tasks`: what it holds. */
  z.strictObject({
    kind: z.literal('project'),
    named: z.string().trim().min(1, 'Choose the field that names it.').default('title'),
    tasks: z.enum(['items', 'none']).default('items'),
  }),
  z.strictObject({ kind: z.literal('nothing') }),
  z.strictObject({ kind: z.literal('hold'), why: z.string().trim().default('') }),
]);
export type Makes = z.infer<typeof Makes>;

export function sayMakes(makes: Makes): string {
  switch (makes.kind) {
    case 'task':
      return 'becomes a task';
    case 'items':
      return 'becomes a task for each item';
    case 'rows':
      return 'becomes a task for each table row';
    case 'matches':
      return `becomes a task for each match of ${makes.pattern}`;
    case 'comment':
      return `becomes a comment on the task of its ${makes.on.join(' or ')} (where there is none: ${makes.otherwise === 'task' ? 'a task' : makes.otherwise})`;
    case 'project':
      return `opens a project named by its ${makes.named}`;
    case 'nothing':
      return 'becomes nothing';
    case 'hold':
      return `is held for you${makes.why === '' ? '' : ` (${makes.why})`}`;
  }
}
