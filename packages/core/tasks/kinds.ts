import { LocalDate } from '../dates/index.ts';
import { sameName } from './name.ts';
import { findPerson, type Person } from './person.ts';
import type { DecimalMark, FieldKind, Value } from './value.ts';

/** What words are checked against. */
export interface KindSetting {
  /** The day that words mean, `2026-12-07` or `2026-12-07T17:00`, or null. */
  day: (words: string) => string | null;
  /** The decimal mark; null: as each number looks. */
  decimal?: DecimalMark | null;
  people: readonly Person[];
  projects: readonly string[];
  /** What may be chosen; null: anything. */
  choices: readonly string[] | null;
}

/** A value of the kind, or null where the words are none; `unknown`: they name nothing that exists. */
export type Checked = { value: Value } | { unknown: string } | null;

type Check = (words: string, setting: KindSetting) => Checked;

const found = (value: Value | null): Checked => (value === null ? null : { value });

const CHECKS: Record<FieldKind, Check> = {
  text: (words) => found(words === '' ? null : words.replace(/\s*\n\s*/g, ' ')),
  'long text': (words) => found(words === '' ? null : words),
  date: (words, setting) => found(dayOf(words, setting)?.slice(0, 10) ?? null),
  'date and time': (words, setting) => found(dayOf(words, setting)),
  number: (words, { decimal }) => found(parseNumber(words, decimal)),
  money: (words, { decimal }) => found(parseMoney(words, decimal)),
  duration: (words) => found(parseDuration(words)),
  choice: (words, { choices }) => oneOf(words, choices),
  'several choices': severalOf,
  person: (words, { people }) => {
    const person = findPerson(people, words);
    return words === '' ? null : person ? { value: person.name } : { unknown: words };
  },
  project: (words, { projects }) => oneOf(words, projects),
  link: (words) => found(/https?:\/\/[^\s<>"')\]]+/i.exec(words)?.[0].replace(/[.,;]+$/, '') ?? null),
  'yes/no': (words) => found(YES.test(words) ? true : NO.test(words) ? false : null),
};

/** The words as a value of the kind. */
export function checkKind(kind: FieldKind, words: string, setting: KindSetting): Checked {
  return CHECKS[kind](words.trim(), setting);
}

/** A written day as the kind keeps it. */
const dayOf = (words: string, { day }: KindSetting) =>
  LocalDate.safeParse(words).success ? words : words === '' ? null : day(words);

function oneOf(words: string, choices: readonly string[] | null): Checked {
  if (words === '') return null;
  const known = choices?.find((choice) => sameName(choice, words));
  return choices === null || known !== undefined ? { value: known ?? words } : { unknown: words };
}

function severalOf(words: string, { choices }: KindSetting): Checked {
  const checked = words
    .split(/[,;\n]/)
    .map((part) => oneOf(part.trim(), choices))
    .filter((part) => part !== null);
  const stranger = checked.find((part) => 'unknown' in part);
  if (stranger) return stranger;
  const values = checked.flatMap((part) =>
    'value' in part && typeof part.value === 'string' ? part.value : [],
  );
  return values.length === 0 ? null : { value: [...new Set(values)] };
}

const YES = /^(?:yes|y|true|x|✓|ja|oui|s[ií]|sim|sì)\.?$/iu;
const NO = /^(?:no|n|false|nein|non|não|nao|nee|nej)\.?$/iu;

/** Blanks that part groups of digits. */
const BLANKS = /['\u2019\s\u00a0\u2000-\u200a\u202f]/gu;

/**
 * `1,250.50`, `1.250,50`, `1 250` and `1'250`; one separator with three digits behind it parts thousands, unless a zero
 * stands in front of it (`0.125`), or `decimal` says that it is the decimal mark.
 */
export function parseNumber(words: string, decimal: DecimalMark | null = null): number | null {
  const match = /^([-−+]?)\s?(\d[\d.,'\u2019 \u00a0\u2000-\u200a\u202f]*)(?:\s?%)?$/u.exec(words.trim());
  if (!match) return null;
  const digits = (match[2] ?? '').replace(BLANKS, '').replace(/[.,]$/, '');
  const value = Number(withPoint(digits, decimal));
  return Number.isFinite(value) ? (/[-−]/.test(match[1] ?? '') ? -value : value) : null;
}

/** The digits with a point as their decimal mark. */
function withPoint(digits: string, decimal: DecimalMark | null): string {
  if (decimal !== null) {
    const [whole = '', ...rest] = digits.split(decimal);
    return `${whole.replace(/[.,]/g, '')}${rest.length > 0 ? `.${rest.join('')}` : ''}`;
  }
  const last = /[.,](\d+)$/.exec(digits);
  const marks = digits.replace(/\d/g, '');
  const isGroup = last?.[1]?.length === 3 && new Set(marks).size === 1 && !/^0[.,]/.test(digits);
  if (!last || isGroup || (marks.length > 1 && marks.at(-1) === marks.at(-2)))
    return digits.replace(/[.,]/g, '');
  return `${digits.slice(0, last.index).replace(/[.,]/g, '')}.${last[1] ?? ''}`;
}

/** ISO 4217 codes by the signs and words that stand for them. */
const CURRENCIES: Readonly<Record<string, string>> = {
  '€': 'EUR', $: 'USD', '£': 'GBP', '¥': 'JPY', c$: 'CAD', ca$: 'CAD', a$: 'AUD', au$: 'AUD', us$: 'USD', nz$: 'NZD',
  hk$: 'HKD', 'fr.': 'CHF', 'sfr.': 'CHF', euro: 'EUR', euros: 'EUR', pound: 'GBP', pounds: 'GBP', dollar: 'USD',
  dollars: 'USD', franken: 'CHF',
}; // prettier-ignore
const CODES =
  'EUR|USD|GBP|CHF|CAD|AUD|NZD|JPY|CNY|HKD|SGD|SEK|NOK|DKK|ISK|PLN|CZK|HUF|RON|BGN|TRY|INR|BRL|MXN|ZAR|ILS|AED|KRW|THB';
const SIGN = String.raw`(?:us|ca?|au?|nz|hk)\$|[€$£¥]|s?fr\.`;
const AMOUNT = String.raw`(?:(?<!\d\s?)[-−])?\d(?:[\d.,'\u2019 \u00a0\u202f]*\d)?`;
/** An amount with its currency: a code behind it tells more than the sign in front of it (“$48.00 CAD”). */
const MONEY = new RegExp(
  String.raw`(?<!\p{L})(?<before>${SIGN}|(?:${CODES})(?!\p{L}))\s?(?<a>${AMOUNT})(?:[.,]?[-–]{1,2})?(?:\s?(?<code>${CODES})(?!\p{L}))?|(?<b>${AMOUNT})\s?(?<after>${SIGN}|(?:${CODES}|euros?|pounds?|dollars?|franken|kr\.?)(?!\p{L}))`,
  'iu',
);
const BARE = new RegExp(AMOUNT, 'u');

/** The first amount that has a currency in the words, else the first number. */
export function parseMoney(words: string, decimal: DecimalMark | null = null): Value | null {
  const groups = MONEY.exec(words)?.groups;
  const amount = parseNumber(groups?.a ?? groups?.b ?? BARE.exec(words)?.[0] ?? '', decimal);
  if (amount === null) return null;
  const named = groups?.code ?? groups?.before ?? groups?.after;
  return { amount, currency: named === undefined ? null : currencyOf(named) };
}

/** Of crowns nothing tells whose they are. */
const currencyOf = (named: string): string | null =>
  /^kr\.?$/i.test(named) ? null : (CURRENCIES[named.toLowerCase()] ?? named.toUpperCase());

/** Beginnings of the words for each unit, in the eight languages. */
const UNITS: readonly [RegExp, number][] = [
  [/^(?:w|we+ks?|wochen?|semaines?|semanas?|settiman[ae]|weken|veck(?:a|or))$/u, 7 * 24 * 60],
  [/^(?:d|days?|tage?n?|jours?|dias?|días?|giorn[io]|dagen|dag|dagar)$/u, 24 * 60],
  [/^(?:h|hrs?|hours?|std|stunden?|heures?|horas?|or[ae]|uur|uren|u|timm(?:e|ar)|tim)$/u, 60],
  [/^(?:m|mins?|minutes?|minuten?|minutos?|minut[io]|minuter)$/u, 1],
];

/** A length of time in words: `PT1H30M` → “1 h 30 min”. */
export function sayDuration(iso: string): string {
  const [, days, hours, minutes] = /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?)?$/.exec(iso) ?? [];
  const parts = [
    days === undefined ? '' : days === '1' ? '1 day' : `${days} days`,
    hours === undefined ? '' : `${hours} h`,
    minutes === undefined ? '' : `${minutes} min`,
  ].filter((part) => part !== '');
  return parts.length > 0 ? parts.join(' ') : iso;
}

/** `2 h`, `90 minutes`, `1h30`, `1:30`, `PT2H` → ISO 8601 (`PT1H30M`, `P2D`). */
export function parseDuration(words: string): string | null {
  const plain = words.trim().toLowerCase();
  if (/^p(?:\d+[dw])?(?:t(?:\d+h)?(?:\d+m)?)?$/.test(plain) && /\d/.test(plain)) return plain.toUpperCase();
  const clock = /^(\d{1,3})(?:\s?(?:h|u)\s?|:)([0-5]\d)$/.exec(plain);
  if (clock) return isoDuration(Number(clock[1]) * 60 + Number(clock[2]));
  let minutes = 0;
  const rest = plain.replace(
    /(\d+(?:[.,]\d+)?)\s?(\p{L}+)\.?/gu,
    (all: string, count: string, unit: string) => {
      const size = UNITS.find(([pattern]) => pattern.test(unit))?.[1];
      minutes += size === undefined ? 0 : Number(count.replace(',', '.')) * size;
      return size === undefined ? all : '';
    },
  );
  const settled = /^[\s,]*(?:(?:and|und|et|y|e|en|och)[\s,]*)*$/.test(rest);
  return minutes > 0 && settled ? isoDuration(Math.round(minutes)) : null;
}

const WORKING_HOURS = 8;

/** The minutes of an effort; a day of work has eight hours. 0 where it is no ISO 8601 duration. */
export function effortMinutes(iso: string): number {
  const [, weeks, days, hours, minutes] =
    /^P(?:(\d+)W)?(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?)?$/.exec(iso) ?? [];
  const workdays = Number(weeks ?? 0) * 5 + Number(days ?? 0);
  return (workdays * WORKING_HOURS + Number(hours ?? 0)) * 60 + Number(minutes ?? 0);
}

function isoDuration(minutes: number): string {
  if (minutes % (24 * 60) === 0) return `P${String(minutes / (24 * 60))}D`;
  const hours = Math.floor(minutes / 60);
  return `PT${hours > 0 ? `${String(hours)}H` : ''}${minutes % 60 > 0 ? `${String(minutes % 60)}M` : ''}`;
}
