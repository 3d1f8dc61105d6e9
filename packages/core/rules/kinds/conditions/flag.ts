import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

export const flag = conditionKind(z.strictObject({ kind: z.literal('flag') }), {
  label: 'flag',
  doc: 'It is flagged in its mailbox.',
  compile:
    () =>
    ({ incoming: { delivery } }) =>
      answer(delivery.flagged, delivery.flagged ? 'a flag' : 'no flag'),
  say: () => 'is flagged',
  terms: () => [['flagged']],
});
