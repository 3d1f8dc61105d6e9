/** The one clock of the server. */
export type Clock = () => Date;

/** Runs on from `startAt`, or is the system's. */
export function makeClock(startAt: Date | null): Clock {
  if (!startAt) return () => new Date();
  const offset = startAt.getTime() - Date.now();
  return () => new Date(Date.now() + offset);
}
