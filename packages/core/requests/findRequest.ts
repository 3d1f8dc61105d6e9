import type { Slice } from '../anatomy/index.ts';
import { isLifted, type DatePhrase, type Spoken } from '../dates/index.ts';
import { verbsOf } from '../languages/index.ts';
import { askedIn, orderIn } from './title.ts';

/** What a text asks for most plainly. */
export interface Request {
  title: string;
  place: Slice;
  score: number;
  generic: boolean;
}

/** `refers`: its thing is one named before. `wanted`: the thing it asks for. */
type Found = Request & { refers: boolean; wanted: string | null };

/** Sentences beyond these are not asked any more what they want. */
const MOST_SENTENCES = 200;
/**
 * The request that stands out: plainly put, with a deadline, early, with something to do it to. Null where nothing is
 * asked. `thing` stands in for a pronoun. `own`: the user's own words.
 */
export function findRequest(
  sentences: readonly Spoken[],
  dates: readonly DatePhrase[],
  thing: string,
  own: boolean,
): Request | null {
  let best: Request | null = null;
  const [first] = dates
    .filter((d) => d.verdict === 'deadline')
    .toSorted((a, b) => a.date.localeCompare(b.date));
  let before = null as Found | null;
  for (const [n, sentence] of sentences.slice(0, MOST_SENTENCES).entries()) {
    const found: Found | null = isLifted(sentence)
      ? null
      : requestIn(sentence, dates, first, before?.wanted ?? thing, own);
    // “Please take the test. You can do it until Friday.”
    const request: Found | null =
      found?.generic && found.refers && before ? { ...found, ...titleOf(before) } : found;
    const score = (request?.score ?? 0) - n * 0.05;
    if (request && (!best || score > best.score)) best = { ...request, score };
    before = request;
  }
  return best;
}

const titleOf = ({ title, place, generic }: Request) => ({ title, place, generic });

function requestIn(
  sentence: Spoken,
  dates: readonly DatePhrase[],
  first: DatePhrase | undefined,
  thing: string,
  own: boolean,
): Found | null {
  const { start, end, text, folded, language } = sentence;
  const cut = dates
    .filter((d) => d.start >= start && d.end <= end && d.verdict === 'deadline')
    .map((d) => ({ start: d.start - start, end: d.end - start }));
  const holdsFirst = first !== undefined && first.start >= start && first.end <= end;
  const asked =
    askedIn(text, cut, language, thing, own) ?? (own ? orderIn(text, cut, language, thing) : null);
  if (!asked) return null;
  const score =
    asked.strength +
    (cut.length > 0 ? 2 : 0) +
    (holdsFirst ? 1 : 0) -
    (verbsOf(language).condition.test(folded) ? 2 : 0) -
    (asked.generic ? 2 : 0) +
    (asked.title.split(' ').length > 2 ? 0.5 : -0.5);
  return {
    title: asked.title,
    generic: asked.generic,
    refers: asked.refers,
    wanted: asked.wanted ?? null,
    place: { start: start + asked.start, end: start + text.trimEnd().length },
    score,
  };
}
