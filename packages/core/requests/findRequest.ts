import type { Slice } from '../anatomy/index.ts';
import { inLanguages, isLifted, type DatePhrase } from '../dates/index.ts';
import { fold, type LanguageCode } from '../languages/index.ts';
import { askedIn, orderIn } from './title.ts';

/** What a text asks for most plainly. */
export interface Request {
  title: string;
  place: Slice;
  score: number;
}

/** Sentences beyond these are not asked any more what they want. */
const MOST_SENTENCES = 200;
const CONDITION = /^\s*(?:if|falls|wenn|sollten sie|si|se|als|indien|mocht|om|should you|en cas|caso|in case)\s/;
const ANSWER = /^(?:let|contact|call|reply|respond|write|melden|antworten|contacter|contactez|appeler|n'hesitez|contactar|contacte|contattare|contatti|bellen|kontakta|hor|join|see|find)\b/;

/** The request that stands out: plainly put, with a deadline, early, with something to do it to. Null where nothing is asked. `own`: the user's own words. */
export function findRequest(text: string, dates: readonly DatePhrase[], thing: string, fallback: LanguageCode, own: boolean): Request | null {
  let best: Request | null = null;
  let n = 0;
  for (const { sentence, language } of inLanguages(text, fallback)) {
    n += 1;
    if (n > MOST_SENTENCES) break;
    const end = sentence.start + sentence.text.length;
    const inside = dates.filter((d) => d.start >= sentence.start && d.end <= end);
    const cut = inside.filter((d) => d.verdict === 'deadline').map((d) => ({ start: d.start - sentence.start, end: d.end - sentence.start }));
    if (isLifted(sentence.text, language)) continue;
    const asked = askedIn(sentence.text, cut, language, thing) ?? (own ? orderIn(sentence.text, cut, language, thing) : null);
    if (!asked) continue;
    const folded = fold(sentence.text);
    const score =
      asked.strength +
      (cut.length > 0 ? 2 : 0) -
      (CONDITION.test(folded) ? 2 : 0) -
      (ANSWER.test(fold(asked.title)) ? 1 : 0) +
      (asked.title.split(' ').length > 2 ? 0.5 : -0.5) -
      n * 0.05;
    if (!best || score > best.score) best = { title: asked.title, place: { start: sentence.start + asked.start, end: sentence.start + sentence.text.trimEnd().length }, score };
  }
  return best;
}
