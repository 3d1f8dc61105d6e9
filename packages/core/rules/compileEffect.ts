import type { DueEffect } from './dueEffect.ts';
import type { Effect } from './effects.ts';
import { RuleFailure } from './stops.ts';
import { compileTemplate } from './template.ts';
import type { ReadInput } from './unit.ts';
import type { View } from './view.ts';

/** An effect on a message; `readWhole`, asked only where mail goes out, reads the values that its texts are made of. */
export type MakeEffect = (view: View, readWhole: () => ReadInput['read']) => DueEffect;

export function compileEffect(effect: Effect): MakeEffect {
  if (effect.kind !== 'send') return () => effect;
  const subject = compileTemplate(effect.subject);
  const text = compileTemplate(effect.text);
  return (view, readWhole) => {
    const asker = view.incoming.reading.anatomy.who?.address ?? '';
    const to = effect.to.map((each) => (each === 'asker' ? asker : each)).filter((each) => each !== '');
    if (to.length === 0) throw new RuleFailure('There is nobody to send the mail to.');
    const input: ReadInput = { view, unit: { kind: 'message' }, read: readWhole(), shorthand: [] };
    return { ...effect, to, subject: subject.render(input), text: text.render(input) };
  };
}
