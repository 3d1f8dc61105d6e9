const MINUTE = 60_000;
/** Zones differ by whole quarters of an hour; from UTC by this much at most. */
const QUARTER = 15 * MINUTE;
const FURTHEST = 14 * 60 * MINUTE;

/**
 * Whether the same words were sent but once: at the same instant, or, where a forward states the wall clock of an unknown
 * zone, at a time that could be that instant. Two reminders of the same words are two. Of no time it cannot be said.
 */
export function isSameSending(a: string | null, b: string | null): boolean {
  if (a === null || b === null) return false;
  const apart = Math.abs(instantOf(a) - instantOf(b));
  if (hasZone(a) && hasZone(b)) return apart <= 2 * MINUTE;
  const rest = apart % QUARTER;
  return apart <= FURTHEST && Math.min(rest, QUARTER - rest) <= MINUTE;
}

const hasZone = (time: string) => /(?:Z|[+-]\d\d:?\d\d)$/.test(time.slice(10));

const instantOf = (time: string) => Date.parse(hasZone(time) || time.length === 10 ? time : `${time}Z`);
