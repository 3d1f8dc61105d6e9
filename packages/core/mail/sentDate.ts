const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const DATE_TIME =
  /(\d{1,2})\s+([A-Za-z]{3})[a-z]*\s+(\d{2,4})\s+(\d{1,2}):(\d{2})(?::(\d{2}))?(?:\s*([+-]\d{4}))?/;

const two = (n: number) => String(n).padStart(2, '0');

/**
 * A Date header (RFC 5322, section 3.3; two-digit years as in 4.3) as ISO 8601 in its own offset. A missing or
 * named zone counts as UTC. Null where it is no date, or a year that no mail was sent in.
 */
export function parseDateHeader(value: string): string | null {
  const found = DATE_TIME.exec(value.slice(0, 200));
  if (!found) return null;
  const [, day, monthName, yearText, hour, minute, second, zone] = found;
  const month = MONTHS.indexOf((monthName ?? '').toLowerCase()) + 1;
  const year = fullYear(Number(yearText), (yearText ?? '').length);
  if (month === 0 || year < 1970 || year > 2200) return null;
  const offset = zone && zone !== '-0000' ? `${zone.slice(0, 3)}:${zone.slice(3)}` : '+00:00';
  const iso = `${String(year)}-${two(month)}-${two(Number(day))}T${two(Number(hour))}:${minute ?? ''}:${second ?? '00'}${offset}`;
  return isRealDateTime(iso, Number(day)) ? iso : null;
}

function fullYear(year: number, digits: number): number {
  if (digits === 2) return year < 50 ? 2000 + year : 1900 + year;
  return digits === 3 ? 1900 + year : year;
}

/** Date.parse accepts 31 June; the day has to survive the round trip. */
function isRealDateTime(iso: string, day: number): boolean {
  const wallClock = new Date(`${iso.slice(0, 19)}Z`);
  return (
    !Number.isNaN(wallClock.getTime()) && wallClock.getUTCDate() === day && !Number.isNaN(Date.parse(iso))
  );
}
