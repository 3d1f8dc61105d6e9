import { detectLanguage, fold, LANGUAGES, languageOf } from '../languages/index.ts';
import { clockTimes, offsetOf } from './clock.ts';
import { isoOf } from './day.ts';
import type { DateOrder } from './phrase.ts';
import { namedDays } from './rules.ts';

export interface StatedTime {
  /** `2026-11-23T16:48:00`, with an offset only where one is stated. */
  iso: string;
  start: number;
  end: number;
}

const two = (n: number) => String(n).padStart(2, '0');
const OFFSET =
  /(?:gmt|utc)\s?([+-]\d{1,2})(?::?(\d{2}))?|([+-]\d{2}):?(\d{2})|\b(gmt|utc|bst|cet|cest|mez|mesz|wet|west|eet|eest|est|edt|cst|cdt|mst|mdt|pst|pdt|z)\b/;
const CLOCK = /(?<![\d:])(\d{1,2})[:.h](\d{2})(?:[:.](\d{2}))?(?:\s*([ap])\.?\s?m\b\.?)?(?!\d)/;

/** The first full date and time in a heading (`Mon, 23 Nov 2026 at 16:48`), in any of the languages. */
export function readStatedTime(text: string, order: DateOrder): StatedTime | null {
  const folded = fold(text.slice(0, 300));
  const guess = detectLanguage(text.slice(0, 300));
  const languages =
    guess === null ? LANGUAGES : [languageOf(guess), ...LANGUAGES.filter((l) => l.code !== guess)];
  for (const language of languages) {
    const day = namedDays(folded, { language, today: 0, order, closed: new Set() }).find(
      (d) => d.fixed && d.grain === 'day',
    );
    if (!day) continue;
    const rest = folded.slice(day.end);
    const ahead = CLOCK.exec(rest) ?? null;
    const clock = day.clock ? null : ahead;
    const time =
      day.clock?.time ?? (clock ? clockText(clock) : clockBefore(folded.slice(0, day.start), language.code));
    const end = day.end + (clock ? clock.index + clock[0].length : 0);
    const offset = day.clock?.zone ? zoneText(day.clock.zone) : offsetText(folded.slice(end, end + 24));
    return {
      iso: `${isoOf(day.day)}T${time.length === 5 ? `${time}:00` : time}${offset.text}`,
      start: day.start,
      end: end + offset.length,
    };
  }
  return null;
}

function clockText([, hour, minute, second, half]: RegExpExecArray): string {
  let h = Number(hour);
  if (half === 'p' && h < 12) h += 12;
  if (half === 'a' && h === 12) h = 0;
  return `${two(h % 24)}:${minute ?? '00'}:${second ?? '00'}`;
}

/** “16:48 on 23 November” */
function clockBefore(before: string, code: string): string {
  const language = LANGUAGES.find((l) => l.code === code);
  return (language && clockTimes(before, language).at(-1)?.time) ?? '00:00';
}

function offsetText(text: string): { text: string; length: number } {
  const found = OFFSET.exec(text);
  if (!found || found.index > 6) return { text: '', length: 0 };
  const [, sign, minute = '00', plainSign, plainMinute, name] = found;
  const zone = zoneText(
    name ?? (sign === undefined ? `${plainSign ?? ''}:${plainMinute ?? ''}` : `${sign}:${minute}`),
  );
  return { text: zone.text, length: found.index + found[0].length };
}

function zoneText(zone: string): { text: string; length: number } {
  const minutes = offsetOf(zone);
  if (minutes === null) return { text: '', length: 0 };
  const size = Math.abs(minutes);
  return { text: `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}:${two(size % 60)}`, length: 0 };
}
