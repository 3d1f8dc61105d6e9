/** `Thu 3 Dec`, with the year where it is not this one, and the clock time where there is one: `Thu 3 Dec 17:00`. */
export function dayText(date: string, today: string): string {
  const day = new Date(`${date.slice(0, 10)}T00:00:00Z`);
  const text = day.toLocaleDateString('en-GB', {
    timeZone: 'UTC',
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
  const year = date.slice(0, 4) === today.slice(0, 4) ? '' : ` ${date.slice(0, 4)}`;
  return `${text.replace(',', '').replace('Sept', 'Sep')}${year}${date.length > 10 ? ` ${date.slice(11, 16)}` : ''}`;
}
