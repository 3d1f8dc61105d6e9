import { fold } from '../languages/index.ts';
import { dayOf, type Day } from './day.ts';
import type { DateOrder } from './phrase.ts';

/** Languages in which headings are written and that have no words of their own here. */
const LOCALES = 'pl cs sk da nb fi hu ro hr sl bg ru uk tr el et lv lt ca'.split(' ');

const WORD = String.raw`\p{L}[\p{L}\p{M}'-]*`;
const FORMS = [
  String.raw`(?<y>\d{4})\.\s?(?<m>\d{1,2})\.\s?(?<d>\d{1,2})`,
  String.raw`(?<a>\d{1,2})\.\s?(?<b>\d{1,2})\.\s?(?<y>\d{4})`,
  String.raw`(?<y>\d{4})\s?[年년]\s?(?<m>\d{1,2})\s?[月월]\s?(?<d>\d{1,2})`,
  String.raw`(?<d>\d{1,2})[.,]?\s+(?:de\s+|d')?(?<m>${WORD})\.?,?\s+(?:${WORD}\s+)?(?<y>\d{4})`,
  String.raw`(?<y>\d{4})\.?\s+(?<m>${WORD})\.?\s+(?<d>\d{1,2})`,
].map((form) => new RegExp(String.raw`(?<!\d)${form}(?!\d)`, 'u'));

/** The first day with its year in the folded text of a heading: in figures, or with a month's name that the runtime knows. */
export function foreignDay(
  folded: string,
  order: DateOrder,
): { day: Day; start: number; end: number } | null {
  for (const form of FORMS) {
    const found = form.exec(folded);
    const { y, m, d, a, b } = found?.groups ?? {};
    const [date, month] = a === undefined ? [d, m] : order === 'MDY' ? [b, a] : [a, b];
    const days = monthsCalled(month ?? '')
      .map(({ number, locale }) => ({ locale, day: dayOf(Number(y), number, Number(date)) }))
      .flatMap(({ locale, day }) => (day === null ? [] : [{ locale, day }]));
    // One name can be two months: listopad is October in Zagreb and November in Warsaw.
    const sure = days.find(({ locale, day }) => folded.includes(weekdayIn(locale, day))) ?? days[0];
    if (found && sure) return { day: sure.day, start: found.index, end: found.index + found[0].length };
  }
  return null;
}

interface Month {
  number: number;
  locale: string;
}

let names: Map<string, Month[]> | null = null;

function monthsCalled(word: string): readonly Month[] {
  if (/^\d/.test(word)) return [{ number: Number(word), locale: 'en' }];
  names ??= monthNames();
  return names.get(word) ?? [];
}

function monthNames(): Map<string, Month[]> {
  const all = new Map<string, Month[]>();
  for (const locale of LOCALES)
    for (const length of ['long', 'short'] as const)
      for (let number = 1; number <= 12; number += 1) {
        const name = nameOf(locale, length, number);
        all.set(name, [...(all.get(name) ?? []), { number, locale }]);
      }
  return all;
}

/** As it stands within a date, which in many languages is the genitive. */
function nameOf(locale: string, month: 'long' | 'short', number: number): string {
  const parts = new Intl.DateTimeFormat(locale, { day: 'numeric', month, year: 'numeric', timeZone: 'UTC' });
  const part = parts.formatToParts(Date.UTC(2026, number - 1, 15)).find(({ type }) => type === 'month');
  return fold(part?.value ?? '').replace(/\.$/, '');
}

const weekdayIn = (locale: string, day: Day) =>
  fold(new Intl.DateTimeFormat(locale, { weekday: 'long', timeZone: 'UTC' }).format(day * 86_400_000));
