import { baseForm, beginsWithVerb, fold, isVerb, verbsOf, type Language, type LanguageCode } from '../languages/index.ts';
import type { Slice } from '../anatomy/index.ts';

/** What a sentence asks for, as a short phrase that begins with its verb. */
export interface Asked {
  title: string;
  /** How plainly it asks: a frame or an imperative 3, a need 2. */
  strength: number;
  /** It says no more than that something is to be done. */
  generic: boolean;
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
  const first = imperative(folded, language);
  const frame = first ?? framed(folded, language);
  const need = first ? null : needed(text, folded, language);
  const found = need && (!frame || need.start < frame.start || !isVerb(firstWord(folded.slice(frame.start)), language)) ? null : frame;
  if (found) {
    const title = phrase(text.slice(found.start), language, thing);
    const strength = found.framed ? 3 : 2.5;
    return title === null ? null : { title, strength, start: found.start, generic: isGeneric(text.slice(found.start), language) };
  }
  return need ?? passive(text, folded, language);
}

/** An order in the user's own short words, with its verb at the end (“Orla bis Mittwoch anrufen”). */
export function orderIn(sentence: string, dates: readonly Slice[], language: Language, thing: string): Asked | null {
  const words = sentence.replace(/[.!\s]+$/, '');
  if (!beginsWithVerb(words, language) || isNoOrder(fold(words), language)) return null;
  const title = phrase(blankOut(sentence, dates), language, thing);
  return title === null ? null : { title, strength: 2.5, start: 0, generic: isGeneric(sentence, language) };
}

const firstWord = (words: string) => /^[\p{L}'-]+/u.exec(words)?.[0] ?? '';

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
    if (rest.trim().length < 3 || isDenied(folded.slice(0, match.index), rest)) continue;
    if (courtesy.exec(folded.slice(match.index))?.index === 0) continue;
    const after = courtesy.exec(rest);
    if (after && after.index <= 2) continue;
    // A later frame counts only where it follows at once (“could you … please send”).
    if (start !== null && folded.slice(start, match.index).trim() !== '') break;
    start = end;
  }
  if (start === null) return null;
  for (let skip = opening.exec(folded.slice(start)); skip && skip[0] !== ''; skip = opening.exec(folded.slice(start))) start += skip[0].length;
  return firstWord(folded.slice(start)) === '' ? null : { start, framed: true };
}

function imperative(folded: string, language: Language): { start: number; framed: boolean } | null {
  const { greeting, please, urgent } = verbsOf(language);
  let start = /^[\s"'*•\-–>]*/u.exec(folded)?.[0].length ?? 0;
  start += greeting.exec(folded.slice(start))?.[0].length ?? 0;
  start += urgent.exec(folded.slice(start))?.[0].length ?? 0;
  for (let skip = please.exec(folded.slice(start)); skip && skip[0] !== ''; skip = please.exec(folded.slice(start))) start += skip[0].length;
  const label = /^[\p{L} ]{3,30}:\s+/u.exec(folded.slice(start))?.[0].length ?? 0;
  if (isVerb(firstWord(folded.slice(start + label)), language)) start += label;
  const rest = folded.slice(start);
  const first = firstWord(rest);
  if (!isVerb(first, language) || isNoOrder(rest, language)) return null;
  return /^[\p{L}'-]+\s*(?:[:=]|$|\d|no\.|nr\.?|#|n[.º°])/u.test(rest) || /^[\p{L}'-]+\s(?:is|are|was|were|will|for|of|from|has|had|ist|war|est|es|fue|e|foi|ar|var|is)\s/u.test(rest) || !/\s[\p{L}\p{N}"'“]/u.test(rest) ? null : { start, framed: false };
}

const NOTHING = /(?<![\p{L}])(?:nothing|nichts|rien|nada|niets|nulla|niente|inget|ingenting)(?![\p{L}])/u;

/** “You need not …”, “no tiene que …”, “… nichts tun”. */
function isDenied(before: string, after: string): boolean {
  return /(?<![\p{L}])(?:no|non|nao|ne|not|inte|nicht|niet|never|n't)\s*$/u.test(before) || NOTHING.test(after.slice(0, 40)) || /^(?:not|nicht|niet|inte)\s/.test(after);
}

/** “See attached”, “erledige ich”. */
const isNoOrder = (folded: string, language: Language) =>
  verbsOf(language).courtesy.exec(folded)?.index === 0 || /^\S+\s(?:ich|wir|ik|wij|we|jag|vi)(?:\s|$)/.test(folded);

/** “Handle this”, “bitte erledigen”: the verb is generic, and what it is about is not said. */
function isGeneric(words: string, language: Language): boolean {
  const folded = fold(words).replace(/[^\p{L}\s']/gu, ' ').trim();
  const tokens = folded.split(/\s+/);
  return tokens.length <= 4 && tokens.some((token) => verbsOf(language).generic.has(token));
}

function needed(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).needs.exec(folded);
  if (!found || verbsOf(language).courtesy.test(folded)) return null;
  const start = found.index + found[0].length;
  const thing = tidy(cutReason(text.slice(start), language), language).replace(/\s+(?:nodig|noch|nog)$/u, '');
  return thing.length < 3 ? null : { title: `${language.requests.provide} ${thing}`, strength: 2, start, generic: false };
}

/** “The form needs to be signed” → “Sign the form”. */
function passive(text: string, folded: string, language: Language): Asked | null {
  const groups = verbsOf(language).passive.exec(folded)?.groups;
  if (groups?.thing === undefined || groups.verb === undefined) return null;
  const at = folded.indexOf(groups.verb, groups.thing.length);
  const base = participleBase(text.slice(at, at + groups.verb.length).toLowerCase(), language);
  if (base === null) return null;
  const start = folded.length - folded.trimStart().length;
  const thing = text.slice(start, groups.thing.length).replace(/^\p{Lu}(?=\p{Ll}{1,2}\s)/u, (letter) => letter.toLowerCase());
  const tail = tidy(cutReason(text.slice(text.length - (groups.rest ?? '').length), language), language);
  const more = /^(?:and|und|et|y|e|en|och|werden|worden|zu|te)(?:\s|$)/.test(fold(tail.trim())) ? '' : tail;
  return { title: capital(`${base} ${thing} ${more}`.replace(/\s+/g, ' ').trim()), strength: 2, start, generic: false };
}

/** “signed” → “sign”, “complété” → “compléter”, “fyllas” → “fylla”; null where the word is no participle. */
function participleBase(word: string, language: Language): string | null {
  const known = verbsOf(language).forms.get(fold(word));
  if (known !== undefined) return known;
  const turned = PARTICIPLES[language.code]?.map(([ending, base]) => (ending.test(word) ? word.replace(ending, base) : null)) ?? [];
  return turned.find((base) => base !== null && isVerb(base, language)) ?? null;
}

const PARTICIPLES: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  fr: [[/ée?s?$/, 'er'], [/ie?s?$/, 'ir'], [/ue?s?$/, 're']],
  es: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'ir'], [/id[oa]s?$/, 'er']],
  pt: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'er'], [/id[oa]s?$/, 'ir']],
  it: [[/at[oaie]$/, 'are'], [/ut[oaie]$/, 'ere'], [/it[oaie]$/, 'ire']],
  sv: [[/s$/, ''], [/(?:de|da|t|d)$/, 'a']],
  de: [[/^(.*?)zu(.+en)$/, '$1$2'], [/^(.*?)ge(.+)t$/, '$1$2en'], [/^(.+)t$/, '$1en'], [/^(.*?)ge(.+en)$/, '$1$2'], [/schrieben$/, 'schreiben']],
  nl: [[/^(.*?)ge(.+?)(?:t|d)$/, '$1$2en'], [/^(.+?)(?:t|d)$/, '$1en']],
}; // prettier-ignore

/** The words behind a frame as a phrase with its verb in front. */
function phrase(words: string, language: Language, thing: string): string | null {
  const clause = tidy(cutReason(words, language).replace(verbsOf(language).politely, ' '), language);
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
  if (object && thing !== '' && (/^(?:it|them)$/.test(object[0]) || STANDS_ALONE
    .test(fold(rest.slice(object[0].length))))) rest = `${thing}${rest.slice(object[0].length)}`;
  const title = `${baseForm(verb, language)} ${rest}`.replace(/\s+/g, ' ').trim();
  if (title.length < 3) return null;
  return capital(title.includes(' ') ? title : `${title} ${thing}`.trim());
}

/** Behind a pronoun that is no article. */
const STANDS_ALONE = /^\s*(?:$|[,.;]|(?:and|und|et|y|e|en|och|back|zuruck|to)\s)/;

const MODALS =
  /\s+(?:konnten|konntest|konnte|konnt|konnen|kannst|wurden|wurdest|wurde|mochten|kunt|kunnen|kan|kon|zou|zouden|wilt|wil|willen|kunnen|sollten|solltest)$/;

/** “die Liste bis Freitag senden” → “senden die Liste”; “in te dienen”, “einzureichen” → “indienen”, “einreichen”. */
function verbFirst(given: string, language: Language): string {
  const modal = MODALS.exec(fold(given));
  const words = (modal ? given.slice(0, modal.index) : given).replace(/\s(?:kunnen|willen|mogen)(?=\s\p{Ll}+en$)/u, '').split(' ');
  const [first = '', second = ''] = words;
  const turned = /^(?:sie|uns|mir|mich|ihm|ihr|u|ons|me|mij|je|jullie|ihnen)$/.test(fold(second));
  const joint = words.findIndex((word, i) => i > 0 && /^(?:und|en|sowie)$/.test(word) && isVerb(words[i - 1] ?? '', language) && /^\p{Ll}.*n$/u.test(words[i - 1] ?? ''));
  if (joint !== -1) return [words[joint - 1], ...words.slice(0, joint - 1), ...words.slice(joint)].join(' ');
  const last = words.length - 1;
  const verb = words[last] ?? '';
  if (turned || (isVerb(first, language) && /^\p{Ll}/u.test(first) && !(last > 1 && isVerb(verb, language) && /en$/.test(fold(verb))))) return given;
  if (last === 0 || !/^\p{Ll}/u.test(verb) || !(isVerb(verb, language) || /(?:en|ern|eln|aan|zien|doen)$/.test(fold(verb)))) return given;
  const before = words.slice(0, last);
  const parted = /^(?:zu|te)$/.test(before.at(-1) ?? '') ? before.slice(0, -1) : before;
  const particle = parted.length < before.length && verbsOf(language).particles.has(fold(parted.at(-1) ?? '')) ? parted.at(-1) : undefined;
  const whole = particle === undefined ? withoutZu(verb, language) : `${particle}${verb}`;
  return [whole, ...(particle === undefined ? parted : parted.slice(0, -1))].join(' ');
}

/** “einzureichen” → “einreichen” */
function withoutZu(verb: string, language: Language): string {
  const at = verb.indexOf('zu', 1);
  return at > 0 && verbsOf(language).particles.has(fold(verb.slice(0, at))) ? `${verb.slice(0, at)}${verb.slice(at + 2)}` : verb;
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
