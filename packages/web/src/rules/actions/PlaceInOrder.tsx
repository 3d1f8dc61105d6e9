import type { Rule } from '@hatband/contract';
import { Choose } from '../../shared/forms/Choose.tsx';
import { moveTo } from '../stack/order.ts';

interface Props {
  rule: Rule;
  all: readonly Rule[];
  onMove: (ids: string[]) => void;
}

/** Where the rule stands among the others, to be chosen from a list. */
export function PlaceInOrder({ rule, all, onMove }: Props) {
  const at = all.findIndex(({ id }) => id === rule.id);
  if (all.length < 2) return null;
  const places = all.map((other, to) => ({
    value: to,
    label:
      to === at
        ? `asked ${String(to + 1)}. of ${String(all.length)}`
        : `${String(to + 1)}. ${placeWords(to, at, other)}`,
  }));
  return (
    <Choose
      size="small"
      variant="borderless"
      aria-label="place in the order"
      value={at}
      options={places}
      onChange={(to) => {
        onMove(moveTo(all, rule.id, to));
      }}
    />
  );
}

const placeWords = (to: number, at: number, { draft, live }: Rule) =>
  `${to < at ? 'before' : 'after'} ${(live ?? draft)?.name ?? ''}`;
