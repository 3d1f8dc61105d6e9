import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

export const asks = conditionKind(z.strictObject({ kind: z.literal('asks') }), {
  label: 'asks for something',
  doc: 'Its words (or your note) ask for something, or it has several items.',
  compile:
    () =>
    ({ incoming: { reading } }) => {
      const { title, items, asks: asked } = reading.facts;
      const holds = asked || title.source === 'request' || title.source === 'note' || items.length > 0;
      return answer(holds, holds ? `“${title.value}”` : 'no request', holds ? title.spans : []);
    },
  say: () => 'asks for something',
});
