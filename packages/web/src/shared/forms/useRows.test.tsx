import { act, renderHook } from '@testing-library/react';
import { expect, test } from 'vitest';
import { useRows } from './useRows.ts';

function rowsOf(first: string[]) {
  let values = first;
  const hook = renderHook(() =>
    useRows(values, (next) => {
      values = next;
    }),
  );
  const rows = () => hook.result.current;
  return {
    rows,
    do: (work: () => void) => {
      act(work);
      hook.rerender();
    },
    seen: () => rows().entries.map(({ key, value }) => [value, key]),
    from: (next: string[]) => {
      values = next;
      hook.rerender();
    },
  };
}

test('a row keeps its key when one above it is removed, put in or moved', () => {
  const list = rowsOf(['a', 'b', 'c']);
  const [, [, b] = [], [, c] = []] = list.seen();
  list.do(() => list.rows().entries[0]?.remove());
  expect(list.seen()).toEqual([['b', b], ['c', c]]); // prettier-ignore
  list.do(() => {
    list.rows().insert('new', 0);
  });
  expect(list.seen().slice(1)).toEqual([['b', b], ['c', c]]); // prettier-ignore
  list.do(() => list.rows().entries[2]?.moveUp());
  expect(list.seen().slice(1)).toEqual([['c', c], ['b', b]]); // prettier-ignore
  list.do(() => list.rows().entries[1]?.change('c, changed'));
  expect(list.seen().slice(1)).toEqual([['c, changed', c], ['b', b]]); // prettier-ignore
});

test('no two rows have one key, also where the rows become others from outside', () => {
  const list = rowsOf(['a', 'b', 'c']);
  list.do(() => list.rows().entries[0]?.remove());
  list.from(['b', 'c', 'd', 'e']);
  const keys = list.seen().map(([, key]) => key);
  expect(new Set(keys).size).toBe(4);
  list.from([]);
  list.do(() => {
    list.rows().insert('alone');
  });
  expect(list.seen().map(([value]) => value)).toEqual(['alone']);
});
