import { z } from 'zod';
import { sameName } from '../../tasks/index.ts';
import type { Delivery } from '../message/incoming.ts';
import type { KindWords } from './kindWords.ts';
import { unionOf } from './unionOf.ts';

/** What is done with a start `S`, whatever its kind; each goes by the occasion that it waits for. */
interface StartWork<S> extends KindWords<S> {
  /** Whether it is set to work by what happened on its occasion; always, where this is left out. */
  isMeant?: (start: S, delivery: Delivery) => boolean;
}

const startKind = <S extends z.ZodType>(schema: S, work: StartWork<z.infer<S>>) => ({ schema, ...work });

const kinds = {
  arrival: startKind(z.strictObject({ kind: z.literal('arrival') }), {
    label: 'as soon as it arrives',
    doc: 'As soon as a message arrives.',
    say: () => '',
  }),
  label: startKind(
    z.strictObject({
      kind: z.literal('label'),
      is: z.array(z.string().trim().min(1)).min(1, 'Name a label.'),
    }),
    {
      label: 'when it is labelled',
      doc: 'Once a message in a watched mailbox gets one of these labels.',
      say: ({ is }) => `, once it is labelled ${is.join(' or ')},`,
      isMeant: ({ is }, { set, labels }) =>
        (set === null ? labels : [set]).some((label) => is.some((wanted) => sameName(wanted, label))),
    },
  ),
  flag: startKind(z.strictObject({ kind: z.literal('flag') }), {
    label: 'when it is flagged',
    doc: 'Once a message in a watched mailbox is flagged.',
    say: () => ', once it is flagged,',
  }),
  hand: startKind(z.strictObject({ kind: z.literal('hand'), look: z.boolean().default(false) }), {
    label: 'when I choose so',
    doc: 'When you choose it on the reading sheet; `look`: the task is shown filled in before it is saved.',
    say: ({ look }) => `, when you choose so${look ? ' and have looked at it' : ''},`,
  }),
};

/** What sets a rule to work. */
export const Start = unionOf(kinds);
export type Start = z.infer<typeof Start>;
export type StartKind = keyof typeof kinds;
type StartOf<K extends StartKind> = { [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']> }[K];

export const START_KINDS: { [K in StartKind]: StartWork<StartOf<K>> & { schema: z.ZodObject } } = kinds;

export const sayStart = <K extends StartKind>(start: StartOf<K>): string =>
  START_KINDS[start.kind].say(start);

export const isStartedBy = <K extends StartKind>(start: StartOf<K>, delivery: Delivery): boolean =>
  start.kind === delivery.occasion && (START_KINDS[start.kind].isMeant?.(start, delivery) ?? true);
