const DAY_MS = 24 * 60 * 60 * 1000;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const MONTH = `(?:${MONTHS.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)})?`).join('|')})`;

/** The dates that the demo mails write: `7 December`, `7 Dec 2026`, `2026-12-07`, `27.11.` */
const DATES = new RegExp(
  `\\b(\\d{1,2}) (${MONTH})(?: (\\d{4}))?\\b|\\b(\\d{4})-(\\d{2})-(\\d{2})\\b|\\b(\\d{1,2})\\.(\\d{1,2})\\.(?!\\d)`,
  'g',
);

const two = (n: number) => String(n).padStart(2, '0');

/**
 * Moves every date in a demo mail by whole weeks, so that its weekdays stay true. A date without a year is of
 * `year`, the year the mails were written for.
 */
export function shiftDates(mail: string, weeks: number, year: number): string {
  const move = (y: number, month: number, day: number) =>
    new Date(Date.UTC(y, month - 1, day) + weeks * 7 * DAY_MS);
  return mail.replace(
    DATES,
    (
      _,
      day?: string,
      name?: string,
      withYear?: string,
      isoY?: string,
      isoM?: string,
      isoD?: string,
      dotD?: string,
      dotM?: string,
    ) => {
      if (day !== undefined && name !== undefined) {
        const month = MONTHS.findIndex((m) => m.startsWith(name.slice(0, 3))) + 1;
        const moved = move(Number(withYear ?? year), month, Number(day));
        const long = MONTHS[moved.getUTCMonth()] ?? '';
        const short = name.length === 3 && name !== 'May' ? long.slice(0, 3) : long;
        const dayText = day.length === 2 ? two(moved.getUTCDate()) : String(moved.getUTCDate());
        return `${dayText} ${short}${withYear === undefined ? '' : ` ${String(moved.getUTCFullYear())}`}`;
      }
      if (isoY !== undefined)
        return move(Number(isoY), Number(isoM), Number(isoD)).toISOString().slice(0, 10);
      const moved = move(year, Number(dotM), Number(dotD));
      return `${two(moved.getUTCDate())}.${two(moved.getUTCMonth() + 1)}.`;
    },
  );
}
