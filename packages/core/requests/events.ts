import type { Slice } from '../anatomy/index.ts';
import type { DatePhrase, Spoken } from '../dates/index.ts';
import {
  alternatives,
  fold,
  LANGUAGES,
  listOf,
  pattern,
  perLanguage,
  type Language,
} from '../languages/index.ts';
import type { Pair } from './pairs.ts';

/** What takes place on a day: from when to when, where and with whom. Places count in the text it was found in. */
export interface FoundEvent {
  date: DatePhrase;
  starts: string;
  ends: string | null;
  place: Slice | null;
  participants: Slice[];
}

const whereOf = perLanguage(({ cues, dates, months, numbers, weekdays }: Language) => {
  const many = listOf(numbers).flatMap((entry) => (entry.startsWith('1 ') ? [] : entry.replace(/^\d+ /, '')));
  const day = alternatives(...months, ...weekdays);
  const lead = `(?<![\\p{L}])(?:${alternatives(cues.placeAt)})\\s+`;
  const place = `(?<place>(?!${day})\\p{L}[\\p{L}\\p{N} '’-]{1,50}?)`;
  const stop = `(?=\\s*(?:[.,;:()!?]|$)|\\s+(?:${alternatives(cues.withWhom, cues.placeAt, cues.on)})\\s|\\s+(?:${alternatives(cues.event)})(?![\\p{L}]))`;
  return {
    behind: pattern(`^[\\s,(]*${lead}${place}${stop}`),
    ahead: pattern(`${lead}${place}\\s*(?:${alternatives(cues.on, cues.by)}\\s+){0,2}[,(]?\\s*$`),
    // “at half past twelve”, “at noon” are no places.
    hour: pattern(`(?<![\\p{L}])(?:${alternatives(many.join('|'), dates.noon, dates.dayPart)})(?![\\p{L}])`),
    with: pattern(`(?<![\\p{L}])${alternatives(cues.withWhom)}\\s+`),
  };
});
const PLACE = new Set(LANGUAGES.flatMap((l) => listOf(l.cues.placeLabel)));
const PEOPLE = new Set(LANGUAGES.flatMap((l) => listOf(l.cues.peopleLabel)));
const NAME = /^\p{Lu}(?:[\p{L}'’-]|\.(?=\s\p{Lu}))+(?:\s\p{Lu}[\p{L}'’-]+){0,2}/u;

/** The events that a text names, from the dates that were told apart from deadlines. */
export function findEvents(
  sentences: readonly Spoken[],
  dates: readonly DatePhrase[],
  pairs: readonly Pair[],
): FoundEvent[] {
  const events = dates.filter(({ verdict }) => verdict === 'event');
  const labelled = events.length === 1;
  return events.flatMap((date) => {
    const sentence = sentences.find(({ start, end }) => date.start >= start && date.end <= end);
    if (!sentence) return [];
    const named = labelled ? pairs.find(({ label }) => PLACE.has(fold(label))) : undefined;
    const people = labelled ? pairs.find(({ label }) => PEOPLE.has(fold(label))) : undefined;
    return {
      date,
      starts: date.range?.from ?? date.date,
      ends: date.range?.to ?? null,
      place: placeIn(sentence, date) ?? (named ? { start: named.start, end: named.end } : null),
      participants: people ? namesFrom(people.value, people.start) : companyIn(sentence),
    };
  });
}

function placeIn({ start, folded, language }: Spoken, date: DatePhrase): Slice | null {
  const { behind, ahead, hour } = whereOf(language);
  const from = date.end - start;
  const after = behind.exec(folded.slice(from));
  const found = after ?? ahead.exec(folded.slice(0, date.start - start));
  const place = found?.groups?.place;
  if (!found || place === undefined || hour.test(place)) return null;
  const at = start + (after ? from : 0) + found.index + found[0].indexOf(place);
  return { start: at, end: at + place.trimEnd().length };
}

function companyIn({ start, folded, text, language }: Spoken): Slice[] {
  const found = whereOf(language).with.exec(folded);
  if (!found) return [];
  const from = found.index + found[0].length;
  return namesFrom(text.slice(from), start + from);
}

/** “Dana, Tom Quill and Odile” */
function namesFrom(words: string, start: number): Slice[] {
  const names: Slice[] = [];
  for (let at = 0; at < words.length;) {
    const name = NAME.exec(words.slice(at))?.[0];
    if (name === undefined) break;
    names.push({ start: start + at, end: start + at + name.length });
    at +=
      name.length +
      (/^(?:\s*,\s*|\s+(?:and|und|et|y|e|en|och)\s+)/u.exec(words.slice(at + name.length))?.[0].length ??
        words.length);
  }
  return names;
}
