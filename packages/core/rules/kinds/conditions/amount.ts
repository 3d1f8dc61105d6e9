import { z } from 'zod';
import { parseMoney, Money } from '../../../tasks/index.ts';
import { answer, conditionKind } from './kind.ts';

export const amount = conditionKind(
  z.strictObject({
    kind: z.literal('amount'),
    over: z.number().nullable().default(null),
    under: z.number().nullable().default(null),
    currency: z
      .string()
      .trim()
      .toUpperCase()
      .length(3, 'A currency’s code, as in EUR.')
      .nullable()
      .default(null),
  }),
  {
    label: 'has an amount',
    doc: 'It names an amount of money; if you say so, one over or under a number, or in one currency (`EUR`).',
    compile:
      ({ over, under, currency }) =>
      ({ incoming: { reading } }) => {
        const amounts = reading.facts.values.filter(({ kind }) => kind === 'money');
        const fit = amounts.find(({ value }) => {
          const money = Money.safeParse(parseMoney(value)).data;
          return (
            money !== undefined &&
            (over === null || money.amount > over) &&
            (under === null || money.amount < under) &&
            (currency === null || money.currency === currency)
          );
        });
        return answer(fit !== undefined, fit?.value ?? amounts[0]?.value ?? 'no amount', fit?.spans ?? []);
      },
    say: ({ over, under, currency }) =>
      [
        'names an amount',
        ...(over === null ? [] : [`over ${over}`]),
        ...(under === null ? [] : [`under ${under}`]),
        ...(currency === null ? [] : [`in ${currency}`]),
      ].join(' '),
    terms: () => [['amount']],
  },
);
