import { fold, type Language } from '../languages/index.ts';
import type { Slice } from '../anatomy/index.ts';
import { baseForm, isVerb, verbsOf } from './verbs.ts';

/** What a sentence asks for, as a short phrase that begins with its verb. */
export interface Asked {
  title: string;
  /** How plainly it asks: a frame or an imperative 3, a need 2. */
  strength: number;
  /** Where the words begin in the sentence that the title is made of. */
  start: number;
}

/**
 * The request in a sentence, or null where it asks for nothing. `dates` are the date phrases in it, which the title
 * leaves out; `thing` stands in for a pronoun (“sign it”).
 */
export function askedIn(sentence: string, dates: readonly Slice[], language: Language, thing: string): Asked | null {
  const text = blankOut(sentence, dates);
  const folded = fold(text);
  const found = framed(folded, language) ?? imperative(folded, language);
  if (found) {
    const title = phrase(text.slice(found.start), found.framed, language, thing);
    return title === null ? null : { title, strength: found.framed ? 3 : 2.5, start: found.start };
  }
  return needed(text, folded, language) ?? passive(text, folded, language);
}

/** The dates give way to blanks, so that places stay. */
function blankOut(sentence: string, dates: readonly Slice[]): string {
  let text = sentence.replaceAll('\n', ' ');
  for (const { start, end } of dates) text = text.slice(0, start) + ' '.repeat(Math.max(0, end - start)) + text.slice(end);
  return text;
}

function framed(folded: string, language: Language): { start: number; framed: boolean } | null {
  const { frame, courtesy, opening } = verbsOf(language);
  let start: number | null = null;
  for (const match of folded.matchAll(frame)) {
    const end = match.index + match[0].length;
    const rest = folded.slice(end);
    if (rest.trim().length < 3 || courtesy.exec(folded.slice(match.index))?.index === 0) continue;
    const after = courtesy.exec(rest);
    if (after && after.index <= 2) continue;
    // A later frame counts only where it follows at once (“could you … please send”).
    if (start !== null && folded.slice(start, match.index).trim() !== '') break;
    start = end;
  }
  if (start === null) return null;
  for (let skip = opening.exec(folded.slice(start)); skip && skip[0] !== ''; skip = opening.exec(folded.slice(start))) start += skip[0].length;
  const first = /^[\p{L}'-]+/u.exec(folded.slice(start))?.[0] ?? '';
  return first === '' ? null : { start, framed: true };
}

function imperative(folded: string, language: Language): { start: number; framed: boolean } | null {
  const { greeting, please, courtesy } = verbsOf(language);
  let start = /^[\s"'*•\-–>]*/u.exec(folded)?.[0].length ?? 0;
  start += greeting.exec(folded.slice(start))?.[0].length ?? 0;
  for (let skip = please.exec(folded.slice(start)); skip && skip[0] !== ''; skip = please.exec(folded.slice(start))) start += skip[0].length;
  const rest = folded.slice(start);
  const first = /^[\p{L}'-]+/u.exec(rest)?.[0] ?? '';
  if (!isVerb(first, language) || courtesy.exec(rest)?.index === 0) return null;
  return /^[\p{L}'-]+\s*(?:[:=]|$)/u.test(rest) || !/\s[\p{L}\p{N}"'“]/u.test(rest) ? null : { start, framed: false };
}

function needed(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).needs.exec(folded);
  if (!found || verbsOf(language).courtesy.test(folded)) return null;
  const start = found.index + found[0].length;
  const thing = tidy(cutReason(text.slice(start), language), language).replace(/\s+(?:nodig|noch|nog)$/u, '');
  return thing.length < 3 ? null : { title: `${language.requests.provide} ${thing}`, strength: 2, start };
}

/** “The form needs to be signed” → “Sign the form”; only where the tables turn the participle round. */
function passive(text: string, folded: string, language: Language): Asked | null {
  const groups = verbsOf(language).passive.exec(folded.trimStart())?.groups;
  const base = groups && verbsOf(language).forms.get(groups.verb ?? '');
  if (!base || !groups.thing) return null;
  const lead = folded.length - folded.trimStart().length;
  const thing = text.slice(lead, lead + groups.thing.length).replace(/^The /, 'the ');
  const rest = text.slice(lead).slice(groups.thing.length).replace(/^.*?\s(?:\S*be\s+)?/, '');
  const tail = tidy(cutReason(rest.slice(rest.toLowerCase().indexOf(groups.verb ?? '') + (groups.verb ?? '').length), language), language);
  return { title: capital(`${base} ${thing} ${tail}`.replace(/\s+/g, ' ').trim()), strength: 2, start: lead };
}

/** The words behind a frame as a phrase with its verb in front. */
function phrase(words: string, isFramed: boolean, language: Language, thing: string): string | null {
  const clause = tidy(cutReason(words, language), language);
  const ordered = language.requests.verbLast ? verbFirst(clause, language) : clause;
  const space = ordered.indexOf(' ');
  const verb = (space === -1 ? ordered : ordered.slice(0, space)).replace(/-(?:nous|moi|lui|leur|me|nos|lhe)$/u, '').replace(/,$/, '');
  let rest = space === -1 ? '' : ordered.slice(space + 1);
  const { indirect, pronoun } = verbsOf(language);
  const verbWord = fold(verb);
  if (verbWord !== 'let' && verbWord !== 'lassen' && verbWord !== 'laat') {
    const skip = indirect.exec(fold(rest));
    if (skip && skip[0].length < rest.length) rest = rest.slice(skip[0].length);
  }
  const object = pronoun.exec(fold(rest));
  if (object && thing !== '' && (rest.length === object[0].length || /^[\s,.]/.test(rest.slice(object[0].length))) && !/^\s+\p{Ll}+(?:s|en|er|e|a|o)?\b/u.test(isArticleLike(language) ? rest.slice(object[0].length) : ''))
    rest = `${thing}${rest.slice(object[0].length)}`;
  const title = `${baseForm(verb, language)} ${rest}`.replace(/\s+/g, ' ').trim();
  if (title.length < 3 || (rest.trim() === '' && !isFramed)) return null;
  return capital(title);
}

/** Languages in which the pronouns are also articles. */
const isArticleLike = (language: Language) => ['fr', 'es', 'pt', 'it', 'nl', 'sv', 'de'].includes(language.code);

/** “die Liste bis Freitag senden” → “senden die Liste”; “schicken Sie die Liste zurück” → “zurückschicken die Liste”. */
function verbFirst(clause: string, language: Language): string {
  const words = clause.split(' ');
  const [first = '', second = ''] = words;
  const { particle, verbs } = verbsOf(language);
  const turned = /^(?:sie|uns|mir|mich|ihm|ihr|u|ons|me|mij|je|jullie|ihnen)$/.test(fold(second));
  if (turned || (verbs.has(fold(first)) && /^\p{Ll}/u.test(first) && !endsInInfinitive(words, language))) {
    const groups = particle.exec(clause)?.groups;
    return groups?.rest && groups.particle ? `${groups.particle}${first} ${groups.rest.split(' ').slice(1).join(' ')}` : clause;
  }
  const at = infinitiveAt(words, language);
  if (at === null || at === 0) return clause;
  const before = words.slice(0, at).filter((word, i) => !(i === at - 1 && /^(?:zu|te)$/.test(word)));
  return [words[at], ...before, ...words.slice(at + 1)].join(' ');
}

const endsInInfinitive = (words: readonly string[], language: Language) => (infinitiveAt(words, language) ?? 0) > 1;

/** The last word, or the last before a comma, that looks like an infinitive. */
function infinitiveAt(words: readonly string[], language: Language): number | null {
  const { verbs } = verbsOf(language);
  for (let i = words.length - 1; i >= 0; i -= 1) {
    const word = (words[i] ?? '').replace(/[,.;:!?]+$/, '');
    const ends = i === words.length - 1 || /,$/.test(words[i] ?? '');
    if (ends && /^\p{Ll}/u.test(word) && (verbs.has(fold(word)) || /(?:en|ern|eln|aan|zien|doen)$/.test(fold(word)))) return i;
  }
  return null;
}

function cutReason(words: string, language: Language): string {
  const folded = fold(words);
  const ends = [
    verbsOf(language).reason.exec(folded.slice(3))?.index,
    /[?;]|\.\s|\.$|!|\s[-–—]\s|\s\(/u.exec(folded)?.index,
  ];
  const [reason = folded.length, stop = folded.length] = [ends[0] === undefined ? undefined : ends[0] + 3, ends[1]];
  const at = Math.min(reason, stop);
  return at >= 4 ? words.slice(0, at) : words;
}

/** Without politeness, dangling prepositions and commas at the ends. */
function tidy(words: string, language: Language): string {
  const { opening, trailing } = verbsOf(language);
  let text = words.replace(/\s+/g, ' ').replace(/\s+([,.;:!?])/g, '$1').replace(/[,;]{2,}/g, ',').trim();
  for (let skip = opening.exec(fold(text)); skip && skip[0] !== '' && skip[0].length < text.length; skip = opening.exec(fold(text)))
    text = text.slice(skip[0].length);
  for (let cut = trailing.exec(fold(text)); cut && cut.index > 3; cut = trailing.exec(fold(text))) text = text.slice(0, cut.index);
  return text.replace(/^[\s,;:.-]+|[\s,;:.!?-]+$/g, '');
}

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
