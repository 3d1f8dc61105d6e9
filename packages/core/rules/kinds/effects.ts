import { z } from 'zod';
import type { KindWords } from './kindWords.ts';
import { RuleFailure } from './stops.ts';
import { compileTemplate, Template } from './template.ts';
import type { ReadInput } from '../message/unit.ts';
import { unionOf } from './unionOf.ts';
import type { View } from '../message/view.ts';

/** An effect on a message; `readWhole`, asked only where mail goes out, reads the values that its texts are made of. */
export type MakeEffect = (view: View, readWhole: () => ReadInput['read']) => DueEffect;

/** What is done with an effect `E`, whatever its kind. What carries it out: `server/mailbox`. */
interface EffectWork<E> extends KindWords<E> {
  /** Where its texts are made for each message; without it it is due as it is written. */
  compile?: (effect: E) => (view: View, readWhole: () => ReadInput['read']) => E;
  /** The texts of it that may name fields. */
  templates?: readonly (keyof E & string)[];
}

const effectKind = <S extends z.ZodType>(schema: S, work: EffectWork<z.infer<S>>) => ({ schema, ...work });

const names = z.array(z.string().trim().min(1)).default([]);

const kinds = {
  label: effectKind(z.strictObject({ kind: z.literal('label'), add: names, remove: names }), {
    label: 'set or remove labels',
    doc: 'Sets labels on the message in its mailbox, and removes others.',
    say: ({ add, remove }) =>
      [
        ...(add.length === 0 ? [] : [`label it ${add.join(', ')}`]),
        ...(remove.length === 0 ? [] : [`remove the label ${remove.join(', ')}`]),
      ].join(' and '),
  }),
  flag: effectKind(z.strictObject({ kind: z.literal('flag'), set: z.boolean().default(true) }), {
    label: 'flag it',
    doc: 'Flags the message in its mailbox, or removes its flag.',
    say: ({ set }) => (set ? 'flag it' : 'remove its flag'),
  }),
  move: effectKind(
    z.strictObject({ kind: z.literal('move'), folder: z.string().trim().min(1, 'Name a folder.') }),
    {
      label: 'move it to a folder',
      doc: 'Moves the message to another folder of its mailbox.',
      say: ({ folder }) => `move it to ${folder}`,
    },
  ),
  'mark as read': effectKind(z.strictObject({ kind: z.literal('mark as read') }), {
    label: 'mark it as read',
    doc: 'Marks the message in its mailbox as read.',
    say: () => 'mark it as read',
  }),
  send: effectKind(
    z.strictObject({
      kind: z.literal('send'),
      to: z
        .array(z.union([z.literal('asker'), z.email('An address, or asker.')]))
        .min(1, 'Name a recipient.'),
      subject: Template,
      text: Template,
    }),
    {
      label: 'send mail',
      doc: 'Sends mail to addresses, or to whoever wrote the newest words (`asker`), with texts that may name fields.',
      say: ({ subject, to }) =>
        `send “${subject}” to ${to.map((each) => (each === 'asker' ? 'who asks' : each)).join(', ')}`,
      compile: (effect) => {
        const subject = compileTemplate(effect.subject);
        const text = compileTemplate(effect.text);
        return (view, readWhole) => {
          const asker = view.incoming.reading.anatomy.who?.address ?? '';
          const to = effect.to.map((each) => (each === 'asker' ? asker : each)).filter((each) => each !== '');
          if (to.length === 0) throw new RuleFailure('There is nobody to send the mail to.');
          const input: ReadInput = { view, unit: { kind: 'message' }, read: readWhole(), shorthand: [] };
          return { ...effect, to, subject: subject.render(input), text: text.render(input) };
        };
      },
      templates: ['subject', 'text'],
    },
  ),
};

/** What else happens, outside Hatband: to the message in its mailbox, or by mail that goes out. */
export const Effect = unionOf(kinds);
export type Effect = z.infer<typeof Effect>;
export type EffectKind = keyof typeof kinds;
type EffectOf<K extends EffectKind> = { [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']> }[K];

export const EFFECT_KINDS: { [K in EffectKind]: EffectWork<EffectOf<K>> & { schema: z.ZodObject } } = kinds;

/** An effect as it is handed to the mailbox or the outbox: its texts are made, its recipients are addresses. */
export const DueEffect = z.discriminatedUnion('kind', [
  kinds.label.schema,
  kinds.flag.schema,
  kinds.move.schema,
  kinds['mark as read'].schema,
  z.object({ kind: z.literal('send'), to: z.array(z.string()), subject: z.string(), text: z.string() }),
]);
export type DueEffect = z.infer<typeof DueEffect>;

export const compileEffect = <K extends EffectKind>(effect: EffectOf<K>): MakeEffect =>
  EFFECT_KINDS[effect.kind].compile?.(effect) ?? (() => effect);

/** An effect in words. */
export const sayEffect = (effect: DueEffect): string => sayOf(effect);

const sayOf = <K extends EffectKind>(effect: EffectOf<K>): string => EFFECT_KINDS[effect.kind].say(effect);

/** The texts of an effect that may name fields, by the part that they stand in. */
export function templatesOf<K extends EffectKind>(effect: EffectOf<K>): { part: string; text: string }[] {
  const parts: readonly (keyof EffectOf<K> & string)[] = EFFECT_KINDS[effect.kind].templates ?? [];
  return parts.map((part) => ({ part, text: String(effect[part]) }));
}
