import { z } from 'zod';

const names = z.array(z.string());

/** An effect as it is handed to the mailbox or the outbox: its texts are made. */
export const DueEffect = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('label'), add: names, remove: names }),
  z.object({ kind: z.literal('flag'), set: z.boolean() }),
  z.object({ kind: z.literal('move'), folder: z.string() }),
  z.object({ kind: z.literal('mark as read') }),
  z.object({ kind: z.literal('send'), to: z.array(z.string()), subject: z.string(), text: z.string() }),
]);
export type DueEffect = z.infer<typeof DueEffect>;

/** An effect in words. */
export function sayEffect(effect: DueEffect): string {
  switch (effect.kind) {
    case 'label':
      return [
        ...(effect.add.length === 0 ? [] : [`label it ${effect.add.join(', ')}`]),
        ...(effect.remove.length === 0 ? [] : [`remove the label ${effect.remove.join(', ')}`]),
      ].join(' and ');
    case 'flag':
      return effect.set ? 'flag it' : 'remove its flag';
    case 'move':
      return `move it to ${effect.folder}`;
    case 'send':
      return `send “${effect.subject}” to ${effect.to.map((to) => (to === 'asker' ? 'who asks' : to)).join(', ')}`;
    case 'mark as read':
      return 'mark it as read';
  }
}
