import { useState } from 'react';

interface Entry<T> {
  key: number;
  value: T;
  change: (value: T) => void;
  remove: () => void;
  /** Before the one above it. */
  moveUp: () => void;
}

export interface Rows<T> {
  entries: Entry<T>[];
  /** At the end, or at a place. */
  insert: (value: T, at?: number) => void;
}

/** Rows without ids of their own, each with a key that stays with it while others come, go or move. */
export function useRows<T>(values: readonly T[], onChange: (values: T[]) => void): Rows<T> {
  const [kept, setKept] = useState<readonly number[]>([]);
  const top = Math.max(0, ...kept);
  const rows = values.map((value, i) => ({ value, key: kept[i] ?? top + 1 + i - kept.length }));
  const set = (next: { value: T; key: number }[]) => {
    setKept(next.map(({ key }) => key));
    onChange(next.map(({ value }) => value));
  };
  return {
    entries: rows.map((row, i) => ({
      ...row,
      change: (value) => {
        set(rows.with(i, { ...row, value }));
      },
      remove: () => {
        set(rows.toSpliced(i, 1));
      },
      moveUp: () => {
        set(rows.toSpliced(i, 1).toSpliced(i - 1, 0, row));
      },
    })),
    insert: (value, at = rows.length) => {
      const key = Math.max(top, ...rows.map((row) => row.key)) + 1;
      set(rows.toSpliced(at, 0, { value, key }));
    },
  };
}
