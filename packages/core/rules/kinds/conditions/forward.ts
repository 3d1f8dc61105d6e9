import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

export const forward = conditionKind(z.strictObject({ kind: z.literal('forward') }), {
  label: 'forward',
  doc: 'It is a forwarded message.',
  compile:
    () =>
    ({ incoming: { reading } }) =>
      answer(reading.anatomy.forwarded, reading.anatomy.forwarded ? 'a forward' : 'no forward'),
  say: () => 'is a forward',
  terms: () => [['forward']],
});
