import {
  firstWord,
  isVerb,
  participleBase,
  verbsOf,
  type FoundWords,
  type Language,
} from '../languages/index.ts';
import { lengthOfAll } from './tidy.ts';

export interface Found {
  /** Where the words that ask begin, and where the verb does. */
  at: number;
  start: number;
  framed: boolean;
}

export function framed(
  folded: string,
  language: Language,
  frames: (folded: string) => Iterable<FoundWords>,
  dated: boolean,
): Found | null {
  const { courtesy, opening, be, can, ownSubject, passiveWords } = verbsOf(language);
  const asksFor = dated || folded.includes('?');
  let start: number | null = null;
  let at = 0;
  let hollow: RegExpExecArray | null | undefined;
  for (const match of frames(folded)) {
    if (hollow === undefined) hollow = courtesy.exec(folded);
    const end = match.index + match[0].length;
    const rest = folded.slice(end);
    // “You can use the pool from 1 April.”
    if (!asksFor && can.test(match[0]) && !beginsClause(folded.slice(0, match.index), language)) continue;
    // “Le bail | reste à signer”
    if (
      passiveWords.has(match[0].trim()) &&
      hasSubject(folded.slice(0, match.index), language) &&
      !actsLast(rest, language)
    )
      continue;
    // “Je | viens poser la porte”
    if (ownSubject.test(folded.slice(0, match.index))) continue;
    // “needs to be signed” is a passive.
    if (be.test(rest) || endsWithBe(rest, language) || rest.trim().length < 3) continue;
    if (isDenied(folded.slice(0, match.index), rest, language)) continue;
    if (courtesy.exec(folded.slice(match.index))?.index === 0) continue;
    if (hollow && hollow.index <= match.index && match.index < hollow.index + hollow[0].length) continue;
    const after = courtesy.exec(rest);
    if (after && after.index <= 2) continue;
    // A later frame counts only where it follows at once (“could you … please send”).
    if (start !== null && folded.slice(start, match.index).trim() !== '') break;
    at = start === null ? match.index : at;
    start = end;
  }
  if (start === null) return null;
  start += lengthOfAll(opening, folded.slice(start));
  return firstWord(folded.slice(start)) === '' ? null : { at, start, framed: true };
}

const hasSubject = (before: string, language: Language) =>
  verbsOf(language).determined.test(`x ${(before.split(/[,.;:]\s/).at(-1) ?? '').trim()}`);

/** “Alle huurders moeten | hun kelder leegmaken” */
function actsLast(rest: string, language: Language): boolean {
  const [clause = ''] = rest.split(/[.,;:!?]/);
  const words = clause.trim().split(/\s+/);
  const verb = words.at(-1) ?? '';
  return (
    language.requests.verbLast &&
    words.length > 1 &&
    verb.endsWith('n') &&
    isVerb(verb, language) &&
    (participleBase(verb, language) ?? verb) === verb
  );
}

/** An inverted question without its sign (“kannst du …”). */
const beginsClause = (before: string, { requests }: Language) =>
  requests.verbLast && /(?:^|[,:;])\s*$/.test(before);

/** “muss bis Freitag eingegangen sein”: the clause ends with its “be”. */
const endsWithBe = (rest: string, language: Language) =>
  language.requests.verbLast &&
  verbsOf(language).be.test(`${/[\p{L}]+(?=\s*(?:[.,;:!?]|$))/u.exec(rest)?.[0] ?? ''} `);

/** “You need not …”, “no tiene que …”, “… nichts tun”. */
export function isDenied(before: string, after: string, language: Language): boolean {
  const { denied, denies, nothing } = verbsOf(language);
  return denied.test(before) || denies.test(after) || nothing.test(after.slice(0, 40));
}
