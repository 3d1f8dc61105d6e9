import { detectLanguage, fold, LANGUAGES, languageOf } from '../languages/index.ts';
import { clockTimes, offsetOf } from './clock.ts';
import { isoOf, two } from './day.ts';
import { foreignDay } from './foreignDay.ts';
import type { DateOrder } from './phrase.ts';
import { namedDays } from './namedDays.ts';

export interface StatedTime {
  /** `2026-11-23T16:48:00`, with an offset only where one is stated. */
  iso: string;
  start: number;
  end: number;
}

const OFFSET =
  /(?:gmt|utc)\s?([+-]\d{1,2})(?::?(\d{2}))?|([+-](?:0\d|1[0-4])):?([0-5]\d)|\b(gmt|utc|bst|cet|cest|mez|mesz|wet|west|eet|eest|est|edt|cst|cdt|mst|mdt|pst|pdt|z)\b/;
const CLOCK = /(?<![\d:])(\d{1,2})[:.h](\d{2})(?:[:.](\d{2}))?(?:\s*([ap])\.?\s?m\b\.?)?(?!\d)/;

/** The first full date and time in a heading (`Mon, 23 Nov 2026 at 16:48`), in any of the languages. */
export function readStatedTime(text: string, order: DateOrder): StatedTime | null {
  const folded = fold(text.slice(0, 300));
  const guess = detectLanguage(text.slice(0, 300));
  const languages =
    guess === null ? LANGUAGES : [languageOf(guess), ...LANGUAGES.filter((l) => l.code !== guess)];
  for (const language of languages) {
    const day = namedDays(folded, { language, today: 0, order, isOff: () => false, named: null }).find(
      (d) => d.fixed && d.grain === 'day' && !isClock(folded, d.start, d.end),
    );
    if (!day) continue;
    const clock = day.clock ? null : CLOCK.exec(folded.slice(day.end));
    // “16:48 on 23 November”
    const ahead = clock ? clockText(clock) : clockTimes(folded.slice(0, day.start), language).at(-1)?.time;
    const time = day.clock?.time ?? ahead ?? '00:00';
    const end = day.end + (clock ? clock.index + clock[0].length : 0);
    const behind = zoneBehind(folded.slice(end, end + 24));
    const zone = day.clock?.zone ?? behind?.zone;
    return {
      iso: `${isoOf(day.day)}T${time.length === 5 ? `${time}:00` : time}${zone == null ? '' : offsetText(zone)}`,
      start: day.start,
      end: end + (behind?.length ?? 0),
    };
  }
  return inOtherLanguages(folded, order);
}

/** `3. marts 2026 kl. 09.12.00` has its year in front of what looks like a day. */
const isClock = (text: string, start: number, end: number) =>
  /^\d{1,2}\.\d\d\.\d\d$/.test(text.slice(start, end)) && /\b\d{4}\b/.test(text.slice(0, start));

/** A day and a time in a language without words of its own here. */
function inOtherLanguages(folded: string, order: DateOrder): StatedTime | null {
  const day = foreignDay(folded, order);
  if (!day) return null;
  const clock = CLOCK.exec(folded.slice(day.end));
  const end = day.end + (clock ? clock.index + clock[0].length : 0);
  const behind = zoneBehind(folded.slice(end, end + 24));
  const time = clock ? clockText(clock) : '00:00:00';
  return {
    iso: `${isoOf(day.day)}T${time}${behind ? offsetText(behind.zone) : ''}`,
    start: day.start,
    end: end + (behind?.length ?? 0),
  };
}

function clockText([, hour, minute, second, half]: RegExpExecArray): string {
  let h = Number(hour);
  if (half === 'p' && h < 12) h += 12;
  if (half === 'a' && h === 12) h = 0;
  return `${two(h % 24)}:${minute ?? '00'}:${second ?? '00'}`;
}

/** The zone that a text begins with, and where it ends. */
function zoneBehind(text: string): { zone: string; length: number } | null {
  const found = OFFSET.exec(text);
  if (!found || found.index > 6) return null;
  const [words, sign, minute = '00', plainSign = '', plainMinute = '', name] = found;
  const written = sign === undefined ? `${plainSign}:${plainMinute}` : `${sign}:${minute}`;
  return { zone: name ?? written, length: found.index + words.length };
}

function offsetText(zone: string): string {
  const minutes = offsetOf(zone);
  if (minutes === null) return '';
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}:${two(size % 60)}`;
}
