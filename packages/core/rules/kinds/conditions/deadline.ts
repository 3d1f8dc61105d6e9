import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

const DAY_MS = 86_400_000;

export const deadline = conditionKind(
  z.strictObject({
    kind: z.literal('deadline'),
    /** Days from its arrival. */
    within: z.number().int().min(0).nullable().default(null),
  }),
  {
    label: 'has a deadline',
    doc: 'Its words state a deadline; if you say so, one within so many days of its arrival.',
    compile:
      ({ within }) =>
      ({ incoming: { reading, delivery } }) => {
        const { facts } = reading;
        const found = facts.deadline === null ? undefined : facts.dates[facts.deadline];
        if (!found) return answer(false, 'no deadline');
        const days = (Date.parse(found.date.slice(0, 10)) - Date.parse(delivery.at.slice(0, 10))) / DAY_MS;
        return answer(within === null || days <= within, found.date.replace('T', ' '), found.spans);
      },
    say: ({ within }) => `states a deadline${within === null ? '' : ` within ${within} days`}`,
    terms: () => [['deadline']],
  },
);
