import { z } from 'zod';
import type { KindWords } from './kindWords.ts';
import { Pattern } from '../message/pattern.ts';
import { MessageScopes } from '../message/scope.ts';
import { unionOf } from './unionOf.ts';

/** What is said of what a rule makes, whatever its kind. How it is made: `runRule.ts`. */
interface MakesWords<M> extends KindWords<M> {
  /** Its tasks go where the route says. */
  routed: boolean;
}

const makesKind = <S extends z.ZodType>(schema: S, words: MakesWords<z.infer<S>>) => ({ schema, ...words });

const kinds = {
  task: makesKind(z.strictObject({ kind: z.literal('task') }), {
    label: 'one task',
    doc: 'One task of the whole message.',
    say: () => 'becomes a task',
    routed: true,
  }),
  items: makesKind(z.strictObject({ kind: z.literal('items') }), {
    label: 'a task for each item',
    doc: 'One task for each item of a list, minutes or a table that the built-in reading finds; of a message without items one.',
    say: () => 'becomes a task for each item',
    routed: true,
  }),
  rows: makesKind(
    z.strictObject({
      kind: z.literal('rows'),
      columns: z.array(z.string().trim().min(1)).default([]),
      in: z
        .array(z.enum(['note', 'newest', 'whole']))
        .min(1, 'Choose where to look.')
        .default(['note', 'newest']),
    }),
    {
      label: 'a task for each table row',
      doc: 'One task for each table row, of tables that have all of these columns; of a message without such a table one.',
      say: () => 'becomes a task for each table row',
      routed: true,
    },
  ),
  matches: makesKind(z.strictObject({ kind: z.literal('matches'), in: MessageScopes, pattern: Pattern }), {
    label: 'a task for each match of a pattern',
    doc: 'One task for each match of a pattern (the syntax of RE2); of a message without a match one.',
    say: ({ pattern }) => `becomes a task for each match of ${pattern}`,
    routed: true,
  }),
  comment: makesKind(
    z.strictObject({
      kind: z.literal('comment'),
      on: z
        .array(z.enum(['address', 'reference', 'thread']))
        .min(1, 'Choose how its task is found.')
        .default(['address', 'reference', 'thread']),
      otherwise: z.enum(['task', 'nothing', 'hold']).default('task'),
    }),
    {
      label: 'a comment on a task',
      doc: 'A comment on the task of its address, of a reference number in it or of its thread, looked for in this order; `otherwise`: what becomes of it where there is none.',
      say: ({ on, otherwise }) =>
        `becomes a comment on the task of its ${on.join(' or ')} (where there is none: ${otherwise === 'task' ? 'a task' : otherwise})`,
      routed: false,
    },
  ),
  project: makesKind(
    z.strictObject({
      kind: z.literal('project'),
      named: z.string().trim().min(1, 'Choose the field that names it.').default('title'),
      tasks: z.enum(['items', 'none']).default('items'),
    }),
    {
      label: 'a new project',
      doc: 'A new project, named by a field that the rule reads, with a task for each item, or with none.',
      say: ({ named }) => `opens a project named by its ${named}`,
      routed: false,
    },
  ),
  nothing: makesKind(z.strictObject({ kind: z.literal('nothing') }), {
    label: 'nothing',
    doc: 'Nothing; the message is filed in the Ledger.',
    say: () => 'becomes nothing',
    routed: false,
  }),
  hold: makesKind(z.strictObject({ kind: z.literal('hold'), why: z.string().trim().default('') }), {
    label: 'hold it for me',
    doc: 'Nothing before you release it.',
    say: ({ why }) => `is held for you${why === '' ? '' : ` (${why})`}`,
    routed: false,
  }),
};

/** What a rule makes of a message, and how many. */
export const Makes = unionOf(kinds);
export type Makes = z.infer<typeof Makes>;
export type MakesKind = keyof typeof kinds;
export type MakesOf<K extends MakesKind> = {
  [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']>;
}[K];

export const MAKES_KINDS: { [K in MakesKind]: MakesWords<MakesOf<K>> & { schema: z.ZodObject } } = kinds;

export const sayMakes = <K extends MakesKind>(makes: MakesOf<K>): string =>
  MAKES_KINDS[makes.kind].say(makes);
