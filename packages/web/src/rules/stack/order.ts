import type { Rule } from '@hatband/contract';

/** The ids of all rules in the order in which they are asked, with one of them at another place. */
export function moveTo(all: readonly Rule[], id: string, to: number): string[] {
  const others = all.map((rule) => rule.id).filter((each) => each !== id);
  return others.toSpliced(to, 0, id);
}

/** The same, with it in front of another. */
export function moveBefore(all: readonly Rule[], id: string, other: string): string[] {
  const others = all.map((rule) => rule.id).filter((each) => each !== id);
  return others.toSpliced(others.indexOf(other), 0, id);
}

/** Whether an order names each of the rules once. */
export const isOrderOf = (order: readonly string[], all: readonly Rule[]): boolean =>
  order.length === all.length && all.every(({ id }) => order.includes(id));
