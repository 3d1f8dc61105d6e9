import fc from 'fast-check';
import { expect, test } from 'vitest';
import { keepPlaces } from './keepPlaces.ts';

const group = (value: string | null, ...ids: number[]) => ({ value, ids, open: ids.length, sums: [] });
const shown = (groups: ReturnType<typeof keepPlaces>) => groups.map(({ value, ids }) => [value, ...ids]);

test('a touched task stays behind the task that it stood behind, whatever it is now', () => {
  const before = [group(null, 1, 2, 3, 4)];
  expect(shown(keepPlaces(before, [group(null, 2, 3, 4, 1)], new Set([1])))).toEqual([[null, 1, 2, 3, 4]]);
  expect(shown(keepPlaces(before, [group(null, 1, 3, 4)], new Set([2])))).toEqual([[null, 1, 2, 3, 4]]);
  expect(shown(keepPlaces(before, [group(null, 3, 1, 4)], new Set([2])))).toEqual([[null, 3, 1, 2, 4]]);
});

test('a new task and one that somebody else took away come and go', () => {
  expect(shown(keepPlaces([group(null, 1, 2, 3)], [group(null, 9, 1, 3)], new Set([3])))).toEqual([
    [null, 9, 1, 3],
  ]);
});

test('a group that is empty now stays with its touched tasks between its neighbours', () => {
  const before = [group('A', 1), group('B', 2), group('C', 3)];
  const now = [group('A', 1), group('C', 2, 3)];
  expect(shown(keepPlaces(before, now, new Set([2])))).toEqual([
    ['A', 1],
    ['B', 2],
    ['C', 3],
  ]);
});

test('a touched task that was not in the list stands where it belongs', () => {
  expect(shown(keepPlaces([group('A', 1)], [group('A', 1, 7), group('B', 8)], new Set([7, 8])))).toEqual([
    ['A', 1, 7],
    ['B', 8],
  ]);
});

test('a group that a task left by hand, and stays in, counts it', () => {
  const before = [group('A', 1, 2), group('B', 3)];
  const now = [group('A', 1), group('B', 2, 3)];
  expect(keepPlaces(before, now, new Set([2])).map(({ value, open }) => [value, open])).toEqual([
    ['A', 2],
    ['B', 1],
  ]);
});

test('every task of the list is there once, and touched ones of before too', () => {
  const ids = fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { maxLength: 10 });
  const groups = fc
    .tuple(ids, fc.integer({ min: 0, max: 10 }))
    .map(([all, cut]) =>
      [group('A', ...all.slice(0, cut)), group('B', ...all.slice(cut))].filter((each) => each.ids.length > 0),
    );
  fc.assert(
    fc.property(groups, groups, ids, (before, now, touched) => {
      const result = keepPlaces(before, now, new Set(touched)).flatMap((each) => each.ids);
      expect(new Set(result).size).toBe(result.length);
      const wanted = [
        ...now.flatMap((each) => each.ids),
        ...before.flatMap((each) => each.ids).filter((id) => touched.includes(id)),
      ];
      expect(new Set(result)).toEqual(new Set(wanted));
    }),
  );
});
