import { useState } from 'react';

export interface Picked {
  /** In the order of the list. */
  ids: ReadonlySet<number>;
  /** Picks one, or lets it go. */
  toggle: (id: number) => void;
  /** Picks all from the one that was picked last to this one. */
  pickTo: (id: number) => void;
  letGo: () => void;
}

/** The lines of a list that are picked. */
export function usePicked(order: readonly number[]): Picked {
  const [ids, setIds] = useState<ReadonlySet<number>>(new Set());
  const [last, setLast] = useState<number | null>(null);
  const toggle = (id: number) => {
    setLast(id);
    setIds((before) => {
      const next = new Set(before);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  };
  return {
    ids: ids.size === 0 ? ids : new Set(order.filter((id) => ids.has(id))),
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
