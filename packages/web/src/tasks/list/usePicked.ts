import { useState } from 'react';

export interface Picked {
  ids: ReadonlySet<number>;
  /** Picks one, or lets it go. */
  toggle: (id: number) => void;
  /** Picks all from the one that was picked last to this one. */
  pickTo: (id: number) => void;
  letGo: () => void;
}

/** The tasks that are picked, in the order of the list. */
export function usePicked(order: readonly number[]): Picked {
  const [ids, setIds] = useState<ReadonlySet<number>>(new Set());
  const [last, setLast] = useState<number | null>(null);
  const there = new Set(order);
  const toggle = (id: number) => {
    setLast(id);
    setIds((before) => {
      const next = new Set(before);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  };
  return {
    ids: new Set([...ids].filter((id) => there.has(id))),
    toggle,
    pickTo: (id) => {
      const from = order.indexOf(last ?? id);
      const to = order.indexOf(id);
      if (from === -1 || to === -1) return;
      setIds((before) => new Set([...before, ...order.slice(Math.min(from, to), Math.max(from, to) + 1)]));
    },
    letGo: () => {
      setIds(new Set());
      setLast(null);
    },
  };
}
