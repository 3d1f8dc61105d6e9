import { countDay, type Calendar, type DayCount } from './arithmetic.ts';
import { dayIn } from './dayIn.ts';
import type { DateOptions, LocalDate } from './phrase.ts';

interface Setting extends DateOptions {
  calendar: Calendar;
  /** The day that a field of the task holds, by what the user calls it. */
  named: (field: string) => LocalDate | null;
}

const COUNT =
  /^(\d{1,3})\s*(wd|working days?|workdays?|d|days?|w|weeks?|m|months?)\s+(before|after)\s+(?:the\s+)?(.+)$/iu;

/**
 * The day that is typed into a field: “fri”, “in 2 weeks”, “3 Dec 17:00”, or counted from another field of the task,
 * “2 wd before deadline”. Null where the words name none.
 */
export function typedDay(words: string, { calendar, named, ...options }: Setting): LocalDate | null {
  const [, count, unit = '', side, field = ''] = COUNT.exec(words.trim()) ?? [];
  if (count === undefined) return dayIn(words, { ...options, order: true }, 'en');
  const from = named(field.trim());
  if (from === null) return null;
  const plus = Number(count) * (side?.toLowerCase() === 'before' ? -1 : 1);
  return countDay(
    from,
    { from: field, plus, unit: unitOf(unit), to: null, offDays: 'stay', time: null },
    calendar,
  );
}

function unitOf(word: string): DayCount['unit'] {
  const first = word.toLowerCase();
  if (first === 'wd' || first.startsWith('work')) return 'working days';
  return first.startsWith('w') ? 'weeks' : first.startsWith('m') ? 'months' : 'days';
}
