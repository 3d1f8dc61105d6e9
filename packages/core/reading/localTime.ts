import { Temporal } from 'temporal-polyfill';

/** The wall clock of an instant (ISO 8601) in a zone, `2026-11-24T14:00`. */
export function localTime(instant: string, zone: string): string {
  const wall = Temporal.Instant.from(instant).toZonedDateTimeISO(zone).toPlainDateTime();
  return wall.toString({ smallestUnit: 'minute' });
}
