import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { headerPriority } from '../../../requests/index.ts';
import { answer, conditionKind } from './kind.ts';

export const importance = conditionKind(
  z.strictObject({
    kind: z.literal('importance'),
    is: z.array(z.enum(['high', 'normal', 'low'])).min(1, 'Choose an importance.'),
  }),
  {
    label: 'importance',
    doc: 'It was sent with this importance: `high`, `normal` or `low`.',
    compile:
      ({ is }) =>
      ({ incoming: { reading } }) => {
        const level = headerPriority(reading.message)?.level ?? 'normal';
        const stated = level === 'medium' ? 'normal' : level;
        return answer(is.includes(stated), stated);
      },
    say: ({ is }) => `was sent with ${orList(is)} importance`,
  },
);
