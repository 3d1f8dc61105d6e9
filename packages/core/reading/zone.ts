import { z } from 'zod';

/** A time zone of the IANA database. */
export const Zone = z.string().refine(isZone, 'is no time zone, as in Europe/London');

function isZone(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
}
