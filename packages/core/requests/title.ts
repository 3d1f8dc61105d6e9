import { baseForm, beginsWithVerb, fold, isVerb, verbsOf, type Language } from '../languages/index.ts';
import type { Slice } from '../anatomy/index.ts';
import type { Asked } from './asked.ts';
import { passive } from './passive.ts';
import { blankOut, capital, cutReason, lengthOfAll, tidy, without } from './tidy.ts';
import { verbFirst } from './verbFirst.ts';

/**
 * The request in a sentence, or null where it asks for nothing. `dates` are the date phrases in it, which the title
 * leaves out; `thing` stands in for a pronoun (“sign it”).
 */
export function askedIn(
  sentence: string,
  dates: readonly Slice[],
  language: Language,
  thing: string,
): Asked | null {
  const text = blankOut(sentence, dates);
  const folded = fold(text);
  const first = imperative(folded, language);
  const frame = first ?? framed(folded, language);
  const need = first ? null : needed(text, folded, language);
  const isNeed =
    need &&
    (!frame ||
      needAt(folded, language) < frame.at ||
      !isVerb(firstWord(folded.slice(frame.start)), language));
  const found = isNeed ? null : frame;
  if (found) {
    const title = phrase(text.slice(found.start), language, thing);
    const strength = found.framed ? 3 : 2.5;
    return title === null
      ? null
      : { title, strength, start: found.start, generic: isGeneric(text.slice(found.start), language) };
  }
  return need ?? passive(text, folded, language);
}

/** An order in the user's own short words, with its verb at the end (“Orla bis Mittwoch anrufen”). */
export function orderIn(
  sentence: string,
  dates: readonly Slice[],
  language: Language,
  thing: string,
): Asked | null {
  const words = sentence.replace(/[.!\s]+$/, '');
  if (!beginsWithVerb(words, language) || isNoOrder(fold(words), language)) return null;
  const title = phrase(blankOut(sentence, dates), language, thing);
  return title === null ? null : { title, strength: 2.5, start: 0, generic: isGeneric(sentence, language) };
}

const firstWord = (words: string) => /^[\p{L}'-]+/u.exec(words)?.[0] ?? '';

interface Found {
  /** Where the words that ask begin, and where the verb does. */
  at: number;
  start: number;
  framed: boolean;
}

const needAt = (folded: string, language: Language) =>
  verbsOf(language).needs.exec(folded)?.index ?? Infinity;

function framed(folded: string, language: Language): Found | null {
  const { frame, courtesy, opening, be } = verbsOf(language);
  let start: number | null = null;
  let at = 0;
  for (const match of folded.matchAll(frame)) {
    const end = match.index + match[0].length;
    const rest = folded.slice(end);
    // “needs to be signed” is a passive.
    if (be.test(rest) || rest.trim().length < 3) continue;
    if (isDenied(folded.slice(0, match.index), rest, language)) continue;
    if (courtesy.exec(folded.slice(match.index))?.index === 0) continue;
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

function imperative(folded: string, language: Language): Found | null {
  const start = openingOf(folded, language);
  const starts = [
    start,
    ...[...folded.matchAll(/,\s+/g)]
      .map((m) => m.index + m[0].length)
      .filter((at) => at > start && mayFollow(folded, start, at, language)),
  ];
  const found = starts.find((at) => isOrder(folded.slice(at), language));
  return found === undefined ? null : { at: found, start: found, framed: false };
}

/** Where a sentence begins behind marks, greeting, “urgent:”, politeness and a label (“Action required:”). */
function openingOf(folded: string, language: Language): number {
  const { greeting, please, urgent } = verbsOf(language);
  let start = /^[\s"'*•\-–>]*/u.exec(folded)?.[0].length ?? 0;
  for (const pattern of [greeting, urgent, please, please])
    start += pattern.exec(folded.slice(start))?.[0].length ?? 0;
  const label = /^[\p{L} ]{3,30}:\s+/u.exec(folded.slice(start))?.[0].length ?? 0;
  return isVerb(firstWord(folded.slice(start + label)), language) ? start + label : start;
}

/** Behind a comma an order stands only after a purpose (“To go on playing, renew …”) or with its “Sie”. */
const mayFollow = (folded: string, start: number, at: number, language: Language) =>
  verbsOf(language).goal.test(folded.slice(start)) || verbsOf(language).formal.test(folded.slice(at));

function isOrder(rest: string, language: Language): boolean {
  if (!isVerb(firstWord(rest), language) || isNoOrder(rest, language)) return false;
  const isLabel = /^[\p{L}'-]+\s*(?:[:=]|$|\d|no\.|nr\.?|#|n[.º°])/u.test(rest);
  return !isLabel && !verbsOf(language).noun.test(rest) && /\s[\p{L}\p{N}"'“]/u.test(rest);
}

/** “You need not …”, “no tiene que …”, “… nichts tun”. */
function isDenied(before: string, after: string, language: Language): boolean {
  const { denied, denies, nothing } = verbsOf(language);
  return denied.test(before) || denies.test(after) || nothing.test(after.slice(0, 40));
}

/** “See attached”, “erledige ich”. */
const isNoOrder = (folded: string, language: Language) =>
  verbsOf(language).courtesy.exec(folded)?.index === 0 || verbsOf(language).writer.test(folded);

/** “Handle this”, “bitte erledigen”: the verb is generic, and what it is about is not said. */
function isGeneric(words: string, language: Language): boolean {
  const folded = fold(tidy(cutReason(words, language), language))
    .replace(/[^\p{L}\s']/gu, ' ')
    .trim();
  const tokens = folded.split(/\s+/);
  return tokens.length <= 4 && tokens.some((token) => verbsOf(language).generic.has(token));
}

function needed(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).needs.exec(folded);
  if (!found || verbsOf(language).courtesy.test(folded)) return null;
  const start = found.index + found[0].length;
  const thing = tidy(cutReason(text.slice(start), language), language).replace(/\s+(?:nodig|noch|nog)$/u, '');
  if (pronounOf(thing, language) !== null) return null;
  return thing.length < 3
    ? null
    : { title: `${language.requests.provide} ${thing}`, strength: 2, start, generic: false };
}

/** The words behind a frame as a phrase with its verb in front. */
function phrase(words: string, language: Language, thing: string): string | null {
  const clause = tidy(without(cutReason(words, language), verbsOf(language).polite), language);
  const ordered = language.requests.verbLast ? verbFirst(clause, language) : clause;
  const space = ordered.indexOf(' ');
  const verb = (space === -1 ? ordered : ordered.slice(0, space))
    .replace(/-(?:nous|moi|lui|leur|me|nos|lhe)$/u, '')
    .replace(/,$/, '');
  let rest = space === -1 ? '' : ordered.slice(space + 1);
  const { indirect } = verbsOf(language);
  const verbWord = fold(verb);
  if (verbWord !== 'let' && verbWord !== 'lassen' && verbWord !== 'laat') {
    const skip = indirect.exec(fold(rest));
    if (skip && skip[0].length < rest.length) rest = rest.slice(skip[0].length);
  }
  const object = pronounOf(rest, language);
  if (object !== null && thing !== '') rest = `${thing}${rest.slice(object.length)}`;
  const title = `${baseForm(verb, language)} ${rest}`.replace(/\s+/g, ' ').trim();
  if (title.length < 3) return null;
  return capital(title.includes(' ') ? title : `${title} ${thing}`.trim());
}

/** The pronoun that the words begin with, where it is no article (“la lista”). */
function pronounOf(words: string, language: Language): string | null {
  const found = verbsOf(language).pronoun.exec(fold(words))?.[0];
  if (found === undefined) return null;
  return /^(?:it|them)$/.test(found) || STANDS_ALONE.test(fold(words.slice(found.length))) ? found : null;
}

/** Behind a pronoun that is no article. */
const STANDS_ALONE = /^\s*(?:$|[,.;]|(?:and|und|et|y|e|en|och|back|zuruck|to)\s)/;
