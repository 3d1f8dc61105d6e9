import { linesOf, type Line, type Slice } from '../anatomy/index.ts';
import type { DatePhrase, Spoken } from '../dates/index.ts';
import {
  alternatives,
  beginsWithVerb,
  fold,
  isVerb,
  pattern,
  perLanguage,
  verbsOf,
  type Language,
} from '../languages/index.ts';
import { itemAt, type Item } from './item.ts';
import { ownerOf } from './owner.ts';
import { askedIn } from './title.ts';

const ordinalsOf = perLanguage(({ requests, ordinals }: Language) =>
  ordinals.map((words) =>
    pattern(
      `^\\s*(?:(?:${alternatives(requests.please)})[\\s,]+)?${alternatives(words)}(?![\\p{L}])[\\s,:]*`,
    ),
  ),
);
/** Ordinals that need another in front of them: “then”, “finally”. */
const FOLLOWING = 6;

/** Lines of minutes: `Ines: send the list by Friday`, `Action: …`. */
export function ownerLines(text: string, dates: readonly DatePhrase[], language: Language): Item[] {
  const lines = linesOf(text, { start: 0, end: text.length });
  const items = lines.flatMap(sentencesOfLine).flatMap((line) => {
    const label = actionLabel(language).exec(fold(line.text.slice(0, 40)));
    const start = line.start + (label?.[0].length ?? line.text.length - line.text.trimStart().length);
    const words = text.slice(start, line.end);
    if (words.trim().length < 6 || words.length > 400) return [];
    const owned = ownerOf(words, language);
    const leads = owned.owner !== null && owned.start <= 2 && beginsWithVerb(owned.words, language);
    return leads || label ? [itemAt(text, { start, end: line.end }, dates, language, '')] : [];
  });
  return items.length >= 2 ? items : [];
}

/** Minutes tell what was said and who does what in one line. */
function sentencesOfLine(line: Line): Line[] {
  const stops = [...line.text.matchAll(/(?<=\p{L}{3}[.!?])\s+(?=\p{Lu})/gu)].map((m) => ({
    at: m.index,
    next: m.index + m[0].length,
  }));
  const starts = [0, ...stops.map((stop) => stop.next)];
  return starts.map((from, i) => {
    const to = stops[i]?.at ?? line.text.length;
    return {
      start: line.start + from,
      end: line.start + to,
      next: line.next,
      text: line.text.slice(from, to),
    };
  });
}

const actionLabel = perLanguage(({ requests }: Language) =>
  pattern(`^\\s*(?:${alternatives(requests.action)})\\s?\\d{0,2}\\s*[:–-]\\s+(?=\\S)`),
);

/** “First … Second … Finally …” */
export function countedItems(
  text: string,
  sentences: readonly Spoken[],
  dates: readonly DatePhrase[],
): Item[] {
  const counted = sentences.flatMap((sentence) => {
    const { language } = sentence;
    const hello = verbsOf(language).greeting.exec(sentence.folded)?.[0].length ?? 0;
    const folded = sentence.folded.slice(hello);
    const rank = ordinalsOf(language).findIndex((pattern) => pattern.test(folded));
    const lead = rank === -1 ? 0 : (ordinalsOf(language)[rank]?.exec(folded)?.[0].length ?? 0);
    const words = sentence.text.slice(hello + lead);
    const asked =
      rank !== -1 &&
      (askedIn(words, [], language, '') !== null || isVerb(/^[\p{L}'-]+/u.exec(words)?.[0] ?? '', language));
    return asked ? [{ rank, place: placeOf(sentence, hello + lead), language }] : [];
  });
  const firsts = new Set(counted.map((c) => c.rank));
  if (counted.length < 2 || firsts.size < 2 || ![...firsts].some((rank) => rank < FOLLOWING)) return [];
  return counted.map(({ place, language }) => itemAt(text, place, dates, language, ''));
}

/** Stands in for whatever a pronoun means. */
const NAMED = '§';

/** Requests in sentences of their own, each with its own deadline. */
export function datedItems(text: string, sentences: readonly Spoken[], dates: readonly DatePhrase[]): Item[] {
  const dated = sentences.flatMap((sentence) => {
    const { language } = sentence;
    const place = placeOf(sentence, 0);
    const inside = dates.filter((d) => d.start >= place.start && d.end <= place.end);
    const due = inside.find((d) => d.verdict === 'deadline');
    const spans = inside.map((d) => ({ start: d.start - place.start, end: d.end - place.start }));
    const asked = due && !inside.some((d) => d.moved) ? askedIn(sentence.text, spans, language, '') : null;
    const verb = fold(asked?.title.split(' ')[0] ?? '');
    // “We need the number for the crossing on 2 May. Please send it by 18 March.”: “it” is what was asked for already.
    const refers = asked !== null && askedIn(sentence.text, spans, language, NAMED)?.refers === true;
    return asked &&
      !refers &&
      asked.strength >= 2 &&
      asked.title.includes(' ') &&
      !verbsOf(language).generic.has(verb) &&
      due
      ? [{ place, language, due, title: asked.title, asked }]
      : [];
  });
  // “The return is to be filed on 7 May. Please send the invoices by 10 April.”: the one is the reason for the other.
  const isPut = dated.some(({ asked }) => asked.strength >= 2.5);
  const all = dated.filter(({ asked }) => !isPut || asked.passive !== true);
  if (all.length < 2 || new Set(all.map((d) => d.due.date)).size < all.length) return [];
  if (all.some(({ title }, i) => all.slice(i + 1).some((other) => sameThing(title, other.title)))) return [];
  return all.map(({ place, language, due, title }) => ({
    ...itemAt(text, place, dates, language, ''),
    due,
    title,
    owner: null,
    ownerPlace: null,
  }));
}

/** Two requests about one thing are one: half of the longer words of the shorter are in the other. */
function sameThing(a: string, b: string): boolean {
  const [few = [], many = []] = [a, b]
    .map((title) => (fold(title).match(/[\p{L}]{5,}/gu) ?? []).slice(1))
    .toSorted((x, y) => x.length - y.length);
  return few.length > 0 && few.filter((word) => many.includes(word)).length * 2 >= few.length;
}

function placeOf({ start, text }: Spoken, lead: number): Slice {
  return { start: start + lead, end: start + text.trimEnd().length };
}
