import type { TaskGroup } from '@hatband/contract';

/**
 * The list as it is now, but with the touched tasks where they stood: nothing jumps away under one's hands. Each stays
 * behind the nearest task before it that is still there.
 */
export function keepPlaces(
  before: readonly TaskGroup[],
  now: readonly TaskGroup[],
  touched: ReadonlySet<number>,
): TaskGroup[] {
  const stay = new Set(before.flatMap(({ ids }) => ids).filter((id) => touched.has(id)));
  if (stay.size === 0) return [...now];
  const groups = now.map((group) => ({ ...group, ids: group.ids.filter((id) => !stay.has(id)) }));
  for (const [i, old] of before.entries()) {
    const kept = old.ids.filter((id) => stay.has(id));
    if (kept.length === 0) continue;
    let group = groups.find(({ value }) => value === old.value);
    if (!group) {
      group = { value: old.value, ids: [], open: 0, sums: [] };
      groups.splice(placeOf(before, groups, i), 0, group);
    }
    for (const id of kept) group.ids.splice(behind(old.ids, group.ids, id), 0, id);
  }
  // How many of a group that others joined or left are done is not known here.
  return groups
    .filter(({ ids }) => ids.length > 0)
    .map((group) => (isAsBefore(group, now) ? group : { ...group, open: group.ids.length }));
}

const isAsBefore = (group: TaskGroup, now: readonly TaskGroup[]) =>
  now.find(({ value }) => value === group.value)?.ids.length === group.ids.length;

/** Where a group stands that the list has no more: behind the nearest before it. */
function placeOf(before: readonly TaskGroup[], groups: readonly TaskGroup[], at: number): number {
  for (let i = at - 1; i >= 0; i -= 1) {
    const found = groups.findIndex(({ value }) => value === before[i]?.value);
    if (found !== -1) return found + 1;
  }
  return 0;
}

function behind(old: readonly number[], ids: readonly number[], id: number): number {
  for (let i = old.indexOf(id) - 1; i >= 0; i -= 1) {
    const found = ids.indexOf(old[i] ?? -1);
    if (found !== -1) return found + 1;
  }
  return 0;
}
