import { Temporal } from 'temporal-polyfill';
import { alternatives, listOf, pattern, perLanguage, type Language } from '../languages/index.ts';
import { isoOf, two, type Day } from './day.ts';

/** A clock time in a sentence; `range` where a span of hours is named. */
export interface ClockTime {
  start: number;
  end: number;
  /** `17:00` */
  time: string;
  zone: string | null;
  range: boolean;
  /** The end of the span. */
  until: string | null;
}

/**
 * Offsets end at +14:00 and -12:00. One without a name in front of it stands behind seconds or a blank, so that the end
 * of a span (“08:00-09:30”) is none.
 */
const AHEAD = '\\+(?:0\\d|1[0-4])';
const BEHIND = '-(?:0\\d|1[0-2])';
const OFFSET = `(?<=:\\d\\d:\\d\\d)\\s?(?:${AHEAD}|${BEHIND}):?[0-5]\\d|\\s\\(?(?:(?:${AHEAD}|${BEHIND})[0-5]\\d|${AHEAD}:[0-5]\\d)\\)?`;
const NAMED = '(?:utc|gmt)(?:\\s?[+-]\\d{1,2}(?::?[0-5]\\d)?)?';
const ZONE = `(?:\\s?\\(?(?<zone>${NAMED}|bst|cet|cest|wet|west|eet|eest|est|edt|cst|cdt|mst|mdt|pst|pdt|et|mez|mesz|jst|ist|sgt|hkt|aest|aedt|z)\\)?(?![\\p{L}\\p{N}])|(?<offset>${OFFSET})(?![\\p{L}\\p{N}:])|\\s(?<city>[a-z]+(?: [a-z]+)?) time(?![\\p{L}]))?`;

/** Hours written out. */
const hoursOf = perLanguage(({ numbers }: Language) => {
  const pairs = listOf(numbers).map((entry) => entry.split(' '));
  return new Map(
    pairs.flatMap(([n = '', word = '', more]) =>
      Number(n) <= 12 && word.length > 2 && more === undefined ? [[word, Number(n)] as const] : [],
    ),
  );
});

const patternOf = perLanguage((language: Language) => {
  const { code, dates } = language;
  const words = alternatives([...hoursOf(language).keys()].join('|'));
  const at = alternatives(dates.at);
  const clock = alternatives(dates.clock);
  const half = '(?:\\s?(?<half>a\\.m\\.|p\\.m\\.|am|pm)(?![\\p{L}]))';
  const dot = code === 'en' ? '[:.h]' : '[:.]\\s?|\\s?h\\s?';
  const noon = `(?<noon>${alternatives(dates.noon)})`;
  return pattern(
    `(?<![\\p{L}\\p{N}.,:/]|(?<!\\d|[ap]m|h|uhr)-)(?:(?<at>${at})(?:\\s+|(?<=[^\\p{L}])\\s*|(?=\\d)))?(?:(?<h>[01]?\\d|2[0-4])(?:(?<sep>${dot})(?<m>[0-5]\\d)(?::[0-5]\\d(?:[.,]\\d{1,6})?)?)?(?!\\d|[.,:]\\d|\\s?[%€$£])(?:${half}|\\s?(?<clock>${clock})(?![\\p{L}]))?(?:\\s(?<later>${alternatives(dates.afternoon)}))?|(?<word>${words})(?:\\s?(?:am|pm)(?![\\p{L}])|\\s?(?<clock2>${clock})(?![\\p{L}])|\\s(?<later2>${alternatives(dates.afternoon)}))|${noon})(?![\\p{L}\\p{N}])${ZONE}`,
    'g',
  );
});
/** Between the hours of a span; in front of an hour that needs no other sign. */
const betweenOf = perLanguage(({ dates }: Language) =>
  pattern(`^\\s*${alternatives(dates.to)}\\s*(?:${alternatives(dates.article, dates.at)})?\\s*$`),
);
const atHourOf = perLanguage(({ dates }: Language) => pattern(`^${alternatives(dates.atHour)}`));

/** The clock times of a folded sentence. A bare number is none, nor are digits with a full stop and no sign of an hour. */
export function clockTimes(folded: string, language: Language): ClockTime[] {
  const found: ClockTime[] = [];
  for (const match of folded.matchAll(patternOf(language))) {
    const groups = match.groups ?? {};
    const time = timeOf(groups, language, folded.slice(Math.max(0, match.index - 8), match.index));
    if (time === null) continue;
    const lead =
      groups.at === undefined ? 0 : match[0].length - match[0].slice(groups.at.length).trimStart().length;
    const start = match.index + lead;
    const first = firstOfSpan(folded.slice(Math.max(0, start - 24), start), groups, language);
    const words = isWord(groups.zone, match[0], language) ? match[0].replace(/\s?\p{L}+$/u, '') : match[0];
    const end = match.index + words.trimEnd().length;
    if (first) {
      const from = Math.min(24, start) === 24 ? start - 24 + first.index : first.index;
      found.push({ start: from, end, time: first.time, zone: null, range: true, until: time });
      continue;
    }
    const last = found.at(-1);
    const joint = last ? folded.slice(last.end, start) : '';
    if (last && betweenOf(language).test(joint)) {
      found[found.length - 1] = { ...last, end, range: true, until: time };
    } else {
      const city = groups.city === undefined ? null : cityZone(groups.city);
      const zone =
        words === match[0]
          ? (groups.zone?.replace(/\s/g, '') ?? groups.offset?.replace(/[()\s]/g, '') ?? city)
          : null;
      found.push({ start, end, time, zone, range: false, until: null });
    }
  }
  return found;
}

/** “2-4 pm”, “14 bis 16 Uhr”: the hour that a span begins with, whose sign stands behind its end. */
function firstOfSpan(
  before: string,
  { h = '', half, clock }: Record<string, string | undefined>,
  language: Language,
): { index: number; time: string } | null {
  if (half === undefined && clock === undefined) return null;
  const found = /(?<![\p{L}\p{N}.,:/€$£-])(\d{1,2})(?:[:.]([0-5]\d))?(\s?\p{L}*\s?-?\s?)$/u.exec(before);
  const [, hour = '', minute = '00', joint = ''] = found ?? [];
  if (!found || Number(hour) > (half === undefined ? 23 : 12) || !betweenOf(language).test(joint))
    return null;
  const isBefore = Number(hour) % 12 < Number(h) % 12;
  const isAfternoon = half?.startsWith('p') === isBefore;
  const start = half === undefined ? Number(hour) : (Number(hour) % 12) + (isAfternoon ? 12 : 0);
  return { index: found.index, time: `${two(start)}:${minute}` };
}

/** “entre 8 h et 12 h”, “um 17 Uhr ist”: what looks like a zone is a word of the language. */
const isWord = (zone: string | undefined, words: string, { code }: Language) =>
  !words.endsWith(')') &&
  (zone === 'west' || (code !== 'en' && ['et', 'est', 'ist', 'z'].includes(zone ?? '')));

function timeOf(
  groups: Record<string, string | undefined>,
  language: Language,
  before: string,
): string | null {
  if (groups.noon !== undefined) return '12:00';
  const spoken = groups.word === undefined ? undefined : hoursOf(language).get(groups.word);
  if (spoken !== undefined)
    return `${two(groups.later2 !== undefined || spoken < 7 ? (spoken % 12) + 12 : spoken)}:00`;
  const { at, h, m, sep, half, clock, later } = groups;
  const byAt = at !== undefined && atHourOf(language).test(at.trim());
  const certain =
    half !== undefined ||
    clock !== undefined ||
    (m !== undefined && sep?.trim() === ':') ||
    sep?.trim() === 'h' ||
    later !== undefined;
  // “at 9.30” is a time, “at 9.99” a price.
  const isBehind = at !== undefined || /\d{4},?\s+$/.test(before);
  const dotted = m !== undefined && isBehind && (language.code !== 'en' || /^[0-5][05]$/.test(m));
  if (!certain && !byAt && !dotted) return null;
  let hour = Number(h);
  if ((half?.startsWith('p') ?? false) && hour < 12) hour += 12;
  if ((half?.startsWith('a') ?? false) && hour === 12) hour = 0;
  if (later !== undefined && hour < 12) hour += 12;
  return hour > 23 ? null : `${two(hour)}:${m ?? '00'}`;
}

/** Minutes east of UTC. */
const OFFSETS: Readonly<Record<string, number>> = {
  utc: 0, gmt: 0, z: 0, wet: 0, bst: 60, west: 60, cet: 60, mez: 60, cest: 120, mesz: 120, eet: 120, eest: 180,
  est: -300, edt: -240, cst: -360, cdt: -300, mst: -420, mdt: -360, pst: -480, pdt: -420, ist: 330, sgt: 480, hkt: 480,
  jst: 540, aest: 600, aedt: 660,
}; // prettier-ignore

let cities: Map<string, string> | null = null;

/** “Lisbon time” → the IANA zone of that city. */
function cityZone(words: string): string | null {
  cities ??= new Map(
    Intl.supportedValuesOf('timeZone').map((zone) => [
      (zone.split('/').at(-1) ?? '').toLowerCase().replaceAll('_', ' '),
      zone,
    ]),
  );
  return cities.get(words) ?? cities.get(words.split(' ').at(-1) ?? '') ?? null;
}

/** Day and time in a named zone as `2026-03-05T17:00` in the user's. */
export function localDateTime(day: Day, time: string, named: string | null, zone: string): string {
  const stated = `${isoOf(day)}T${time}`;
  if (named === null) return stated;
  const offset = offsetOf(named);
  const iana = named === 'et' ? 'America/New_York' : named;
  if (offset === null && !iana.includes('/')) return stated;
  const wall = Temporal.PlainDateTime.from(stated);
  const instant =
    offset === null
      ? wall.toZonedDateTime(iana).toInstant()
      : wall.toZonedDateTime('UTC').toInstant().subtract({ minutes: offset });
  return instant.toZonedDateTimeISO(zone).toPlainDateTime().toString().slice(0, 16);
}

/** Minutes east of UTC of a zone's name or a written offset, or null. */
export function offsetOf(zone: string): number | null {
  const known = OFFSETS[zone];
  if (known !== undefined) return known;
  const found = /^(?:utc|gmt)?([+-])(\d{1,2}):?(\d{2})?$/.exec(zone);
  if (!found) return null;
  const minutes = Number(found[2]) * 60 + Number(found[3] ?? 0);
  return found[1] === '-' ? -minutes : minutes;
}
