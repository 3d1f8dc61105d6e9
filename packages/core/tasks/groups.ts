/** Conditions of which all, any or none hold; groups nest. */
type GroupOf<T> = { all: T[] } | { any: T[] } | { none: T[] };

export type How = 'all' | 'any' | 'none';

/** A group as its kind and its members. */
export function openGroup<T>(group: GroupOf<T>): { how: How; of: T[] } {
  if ('all' in group) return { how: 'all', of: group.all };
  return 'any' in group ? { how: 'any', of: group.any } : { how: 'none', of: group.none };
}

export function groupOf<T>(how: How, of: T[]): GroupOf<T> {
  return how === 'all' ? { all: of } : how === 'any' ? { any: of } : { none: of };
}
