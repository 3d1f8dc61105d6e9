import {
  actionBase,
  baseForm,
  beginsWithVerb,
  firstWord,
  fold,
  isNoOrder,
  isInfinitive,
  isVerb,
  orderAt,
  refersBack,
  undoneAt,
  verbsOf,
  wholeWords,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import type { Slice } from '../anatomy/index.ts';
import type { Asked } from './asked.ts';
import { doneClause, passive } from './passive.ts';
import { blankOut, capital, cutReason, lengthOfAll, tidy, uncapital, without } from './tidy.ts';
import { verbFirst } from './verbFirst.ts';

/**
 * The request in a sentence, or null where it asks for nothing. `dates` are the date phrases in it, which the title
 * leaves out; `thing` stands in for a pronoun (“sign it”). `own`: the user's own words.
 */
export function askedIn(
  sentence: string,
  dates: readonly Slice[],
  language: Language,
  thing: string,
  own = false,
): Asked | null {
  const text = blankOut(sentence, dates);
  const { greeting, announce } = verbsOf(language);
  const hello = greeting.exec(fold(text))?.[0].length ?? 0;
  const told = hello + (announce.exec(fold(text.slice(hello)))?.[0].length ?? 0);
  const asked = requestIn(text.slice(told), dates.length > 0, language, thing, own);
  return asked && { ...asked, start: asked.start + told };
}

function requestIn(
  text: string,
  dated: boolean,
  language: Language,
  thing: string,
  own: boolean,
): Asked | null {
  const folded = fold(text);
  const { frame, may, self, unsubscribe } = verbsOf(language);
  if (folded.length < 80 && unsubscribe.test(folded)) return null;
  const framing = framed(folded, language, frame, dated);
  const begins = orderAt(folded, language);
  // “Importa-se de …” begins with a verb and is a frame.
  const order = begins !== null && framing && framing.at <= begins && begins < framing.start ? null : begins;
  const found =
    order === null
      ? (framing ?? (own ? framed(folded, language, self, dated) : null))
      : { at: order, start: order, framed: false };
  const need = order === null ? needed(text, folded, language, thing) : null;
  const needsMore =
    need &&
    found &&
    (needAt(folded, language) < found.at || !isVerb(firstWord(folded.slice(found.start)), language));
  // “La autorización debe entregarse”
  const turned =
    found?.framed && /r-?s[ei]$/.test(firstWord(folded.slice(found.start)))
      ? passive(text, language, thing)
      : null;
  if (found && !needsMore) return turned ?? askedAt(found, text, language, thing);
  const asked =
    need ??
    arriving(text, folded, language) ??
    passive(text, language, thing) ??
    fronted(text, folded, language) ??
    (dated ? withDeadline(text, folded, language, thing) : null);
  if (asked || (!dated && !folded.includes('?'))) return asked;
  const allowed = framed(folded, language, may, dated);
  return (
    (allowed && askedAt(allowed, text, language, thing)) ??
    (dated || folded.includes('?') ? infinitiveIn(text, folded, language, thing) : null)
  );
}

/** What only a deadline makes a request. */
const withDeadline = (text: string, folded: string, language: Language, thing: string): Asked | null =>
  given(text, folded, language, thing) ??
  term(text, folded, language, thing) ??
  undone(text, folded, language) ??
  othersNeed(text, folded, language);

/** “Unless the list is sent by Friday, …” */
function undone(text: string, folded: string, language: Language): Asked | null {
  const start = undoneAt(folded, language);
  if (start === null) return null;
  const clause = text.slice(start).split(/[,;](?=\s)/)[0] ?? '';
  const { provide, arrive } = language.requests;
  const arrives = wholeWords(arrive).exec(fold(clause))?.index;
  const title =
    arrives === undefined
      ? doneClause(clause, language)
      : `${provide} ${tidy(clause.slice(0, arrives).replace(/(?<=\s)(?:uns|mir|nicht|nous|ne|no|non|niet|inte)\s/g, ''), language)}`;
  return title === null ? null : { title, strength: 2, start, generic: false, refers: false };
}

/** “The insurers want the form (completed) by Friday” */
function othersNeed(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).othersNeed.exec(folded);
  if (!found || isDenied(found.groups?.who ?? '', folded.slice(found[0].length), language)) return null;
  const start = found[0].length;
  const words = tidy(cutReason(text.slice(start), language), language);
  const that = /^(?:que\s|qu'|che\s|that\s|dass\s|dat\s|att\s)/.exec(fold(words))?.[0].length ?? 0;
  if (that > 0) {
    const done = doneClause(words.slice(that), language);
    return done === null ? null : { title: done, strength: 2, start, generic: false, refers: false };
  }
  if (words.length < 3 || !verbsOf(language).determined.test(`x ${fold(words)}`)) return null;
  // “The agreement needs your signature” → “Sign the agreement”
  const action = actionBase(words.split(' ')[1] ?? '', language);
  const title =
    action === null
      ? `${language.requests.provide} ${words}`
      : capital(`${action} ${uncapital(text.slice(0, found.groups?.who?.length ?? 0).trim())}`);
  return { title, strength: 1.5, start, generic: false, refers: false, wanted: words };
}

/** Whatever stands around it: the first infinitive with its object in a question or beside a deadline. */
function infinitiveIn(text: string, folded: string, language: Language, thing: string): Asked | null {
  const { commit } = verbsOf(language);
  if (language.code === 'en' || language.requests.verbLast) return null;
  for (const { index, 0: word } of folded.matchAll(/[\p{L}'-]{4,}/gu)) {
    if (index === 0 || !isInfinitive(word, language)) continue;
    const before = folded.slice(0, index);
    if (commit.test(before) || isDenied(before, '', language)) return null;
    if (!verbsOf(language).determined.test(folded.slice(index))) continue;
    return askedAt({ at: index, start: index, framed: false }, text, language, thing);
  }
  return null;
}

/** “The list must reach us by Friday” → “Send the list” */
function arriving(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).arrive.exec(folded)?.groups?.thing;
  if (found === undefined) return null;
  const start = folded.indexOf(found);
  const wanted = uncapital(tidy(text.slice(start, start + found.length), language));
  if (isDenied(folded.slice(0, start), folded.slice(start + found.length), language)) return null;
  const refers = !wanted.includes(' ');
  return {
    title: `${language.requests.provide} ${wanted}`,
    strength: 2,
    start,
    generic: refers,
    refers,
    wanted,
  };
}

/** “You have until Friday to submit the list” */
function given(text: string, folded: string, language: Language, thing: string): Asked | null {
  const found = verbsOf(language).given.exec(folded);
  if (!found) return null;
  const start = found.index + found[0].length;
  const verb = firstWord(folded.slice(start + leadingClitic(text.slice(start), language)));
  return language.requests.verbLast || isVerb(verb, language)
    ? askedAt({ at: start, start, framed: true }, text, language, thing)
    : null;
}

/** “The deadline for returning the form is Friday”, “Frist für die Abgabe der Liste” */
function term(text: string, folded: string, language: Language, thing: string): Asked | null {
  const action = verbsOf(language).term.exec(folded)?.groups?.action;
  if (action === undefined) return null;
  const start = folded.indexOf(action);
  const words = text.slice(start, start + action.length);
  if (isVerb(firstWord(action), language))
    return askedAt({ at: start, start, framed: true }, words.padStart(start + words.length), language, thing);
  const title = actionIn(tidy(words, language), language);
  return title === null ? null : { title, strength: 2, start, generic: false, refers: false };
}

function askedAt(found: Found, text: string, language: Language, thing: string): Asked | null {
  const clitic = leadingClitic(text.slice(found.start), language);
  const words = text.slice(found.start + clitic);
  const object = objectInFront(text.slice(0, found.at), words, language);
  const ahead = text.slice(found.framed ? found.at : Math.max(0, found.start - 12), found.start + clitic);
  const lead = verbsOf(language).clitic.test(fold(ahead));
  const made = phrase(`${object}${words}`, language, thing, lead);
  const strength = found.framed ? 3 : 2.5;
  return made && { ...made, strength, start: found.start, generic: isGeneric(words, language) };
}

/** “(importas-te de) o rever”: how long the pronoun in front of the verb is. */
function leadingClitic(words: string, language: Language): number {
  const [first = '', verb = ''] = words.trimStart().split(/\s+/);
  const isLead = verbsOf(language).clitic.test(fold(first)) && isVerb(verb, language);
  return isLead && first !== '' ? words.indexOf(verb, first.length) : 0;
}

/** “Die Liste müssen Sie | uns schicken”: the object, where the verb stands alone behind the frame. */
function objectInFront(before: string, words: string, language: Language): string {
  if (!language.requests.verbLast) return '';
  const clause =
    before
      .split(/[.,;:!?]/)
      .at(-1)
      ?.trim() ?? '';
  const { indirect, determined } = verbsOf(language);
  const alone = tidy(words, language);
  const verb = alone.slice(indirect.exec(fold(alone))?.[0].length ?? 0);
  return !verb.includes(' ') && clause.split(' ').length <= 6 && determined.test(`x ${fold(clause)}`)
    ? `${clause} `
    : '';
}

/** “Die Anzahlung überweisen Sie bitte …” */
function fronted(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).fronted.exec(folded.trimStart());
  const { thing, verb } = found?.groups ?? {};
  if (!found || thing === undefined || verb === undefined || !isVerb(verb, language)) return null;
  const rest = text.trimStart().slice(found[0].length);
  const words = `${verb} ${uncapital(text.trimStart().slice(0, thing.length))} ${rest}`;
  const made = phrase(words, language, '');
  return made && { ...made, strength: 2.5, start: 0, generic: false };
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
  const made = phrase(blankOut(sentence, dates), language, thing);
  return made && { ...made, strength: 2.5, start: 0, generic: isGeneric(sentence, language) };
}

interface Found {
  /** Where the words that ask begin, and where the verb does. */
  at: number;
  start: number;
  framed: boolean;
}

const needAt = (folded: string, language: Language) =>
  verbsOf(language).needs.exec(folded)?.index ?? Infinity;

function framed(folded: string, language: Language, frames: RegExp, dated: boolean): Found | null {
  const { courtesy, opening, be, can } = verbsOf(language);
  const asksFor = dated || folded.includes('?');
  let start: number | null = null;
  let at = 0;
  const hollow = courtesy.exec(folded);
  for (const match of folded.matchAll(frames)) {
    const end = match.index + match[0].length;
    const rest = folded.slice(end);
    // “You can use the pool from 1 April.”
    if (!asksFor && can.test(match[0]) && !beginsClause(folded.slice(0, match.index), language)) continue;
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

/** An inverted question without its sign (“kannst du …”). */
const beginsClause = (before: string, { requests }: Language) =>
  requests.verbLast && /(?:^|[,:;])\s*$/.test(before);

/** “muss bis Freitag eingegangen sein”: the clause ends with its “be”. */
const endsWithBe = (rest: string, language: Language) =>
  language.requests.verbLast &&
  verbsOf(language).be.test(`${/[\p{L}]+(?=\s*(?:[.,;:!?]|$))/u.exec(rest)?.[0] ?? ''} `);

/** “You need not …”, “no tiene que …”, “… nichts tun”. */
function isDenied(before: string, after: string, language: Language): boolean {
  const { denied, denies, nothing } = verbsOf(language);
  return denied.test(before) || denies.test(after) || nothing.test(after.slice(0, 40));
}

/** “Handle this”, “bitte erledigen”: the verb is generic, and what it is about is not said. */
function isGeneric(words: string, language: Language): boolean {
  const folded = fold(tidy(cutReason(words, language), language))
    .replace(/[^\p{L}\s']/gu, ' ')
    .trim();
  const { generic, people, determined } = verbsOf(language);
  const [verb = '', ...rest] = folded.split(/\s+/).filter((word) => !people.has(word));
  const says = rest.join(' ');
  return (
    generic.has(verb) && (isElliptic(says, language) || (rest.length <= 3 && !determined.test(`x ${says}`)))
  );
}

function needed(text: string, folded: string, language: Language, thing: string): Asked | null {
  const found = verbsOf(language).needs.exec(folded);
  if (!found || verbsOf(language).courtesy.test(folded.replace(found[0], ' '))) return null;
  const start = found.index + found[0].length;
  // “I would like to order …” tells what the writer does; “we ask that you …” asks for no thing.
  if (verbsOf(language).goal.test(folded.slice(start))) return null;
  if (/^(?:que?|che|that|dass|dat|att|qu')\b/.test(folded.slice(start))) return null;
  if (isDenied(folded.slice(0, found.index), folded.slice(start), language)) return null;
  const wanted = wantedIn(text, found.index, start, language);
  const { provide } = language.requests;
  const pronoun = pronounOf(wanted, language);
  const isPerson = pronoun === null && verbsOf(language).people.has(fold(wanted));
  if (wanted.length < 3 || isPerson) return null;
  if (pronoun !== null && thing === '') return null;
  if (pronoun !== null)
    return { title: `${provide} ${thing}`, strength: 2, start, generic: false, refers: true };
  const title = actionIn(wanted, language) ?? `${provide} ${wanted}`;
  return { title, strength: 2, start, generic: false, refers: false, wanted };
}

/** The thing that is wanted: behind the need, in front of it (“die Liste brauche ich”) or inside it (“we hebben de lijst nodig”). */
function wantedIn(text: string, at: number, start: number, language: Language): string {
  const own = text.slice(at, start).trim().split(/\s+/);
  const inside = /^nodig$/i.test(own.at(-1) ?? '') ? own.slice(2, -1).join(' ') : '';
  const ahead =
    text
      .slice(0, at)
      .split(/[.,;:!?]/)
      .at(-1)
      ?.trim() ?? '';
  const behind = tidy(cutReason(text.slice(start).replace(GETTING, ''), language), language);
  if (inside !== '') return tidy(inside, language);
  const verbSecond = language.requests.verbLast || language.code === 'sv';
  return verbSecond && behind.length < 3 && verbsOf(language).determined.test(`x ${fold(ahead)}`)
    ? uncapital(ahead)
    : behind.replace(/\s+(?:nodig|noch|nog)$/u, '');
}

/** “we need (to know) your choice” */
const GETTING =
  /^\s*(?:to\s+(?:know|have|receive|see|get)|connaître|savoir|recevoir|avoir|conocer|saber|recibir|tener|conhecer|receber|ter|conoscere|sapere|ricevere|avere)\s+(?!que|si|se|if|whether)/iu;

/** “your confirmation of the slot” → “Confirm the slot” */
function actionIn(thing: string, language: Language): string | null {
  const { determined } = verbsOf(language);
  const words = thing.split(' ');
  const at = determined.test(`x ${fold(thing)}`) && words.length > 1 ? 1 : 0;
  const base = actionBase(words[at] ?? '', language);
  if (base === null) return null;
  const rest = words.slice(at + 1).join(' ');
  const of = OF[language.code].find(([from]) => fold(rest).startsWith(from));
  return capital(`${base} ${of ? `${of[1]}${rest.slice(of[0].length)}` : rest}`.trim());
}

/** Between an action and its object; what is left of it in front of the object. */
const OF: Record<LanguageCode, readonly (readonly [string, string])[]> = {
  en: [['of ', '']],
  de: [['von ', '']],
  fr: [['du ', 'le '], ['des ', 'les '], ['de la ', 'la '], ["de l'", "l'"], ['de ', ''], ["d'", '']],
  es: [['del ', 'el '], ['de ', '']],
  pt: [['do ', 'o '], ['da ', 'a '], ['dos ', 'os '], ['das ', 'as '], ['de ', '']],
  nl: [['van ', '']],
  it: [['del ', 'il '], ['della ', 'la '], ['dei ', 'i '], ['delle ', 'le '], ["dell'", "l'"], ['dello ', 'lo '], ['degli ', 'gli '], ['di ', '']],
  sv: [['av ', '']],
}; // prettier-ignore

/**
 * The words behind a frame as a phrase with its verb in front. `lead`: a pronoun for its thing stands in front of the
 * verb. What refers to a thing named before gets that.
 */
function phrase(
  words: string,
  language: Language,
  thing: string,
  lead = false,
): Pick<Asked, 'title' | 'refers'> | null {
  const { letArrive } = verbsOf(language);
  const { polite, hence } = verbsOf(language);
  const said = tidy(without(without(cutReason(words, language), polite), hence), language);
  const arrives = letArrive.exec(fold(said))?.[0].length ?? 0;
  const clause = arrives === 0 ? said : `${language.requests.provide} ${said.slice(arrives).trim()}`;
  const ordered = language.requests.verbLast ? verbFirst(clause, language) : clause;
  const space = ordered.indexOf(' ');
  const verb = (space === -1 ? ordered : ordered.slice(0, space)).replace(/,$/, '');
  let rest = space === -1 ? '' : ordered.slice(space + 1);
  const { indirect } = verbsOf(language);
  const verbWord = fold(verb);
  if (verbWord !== 'let' && verbWord !== 'lassen' && verbWord !== 'laat') {
    rest = rest.slice(lengthOfAll(indirect, fold(rest)));
  }
  const pronoun = pronounOf(rest, language);
  if (pronoun !== null && thing !== '') rest = rest.slice(pronoun.length).trim();
  const base = baseForm(verb, language);
  const plain = `${base} ${rest}`.replace(/\s+/g, ' ').trim();
  if (plain.length < 3) return null;
  const carried = lead || refersBack(verb, language) || (pronoun !== null && thing !== '');
  const refers = carried || isElliptic(rest, language);
  if (thing === '' || plain.includes(thing) || (!refers && plain.includes(' ')))
    return { title: capital(plain), refers };
  // The subject says what is to be done (“Update your details”).
  if (isVerb(firstWord(fold(thing)), language) && verbsOf(language).determined.test(fold(thing)))
    return { title: phrase(thing, language, '')?.title ?? capital(thing), refers };
  const named =
    rest === '' ||
    (carried && !isElliptic(rest, language) && thing.split(/\s+/).length <= 4 && !/[:–]/.test(thing));
  return { title: capital(named ? `${base} ${thing} ${rest}`.trim() : `${plain}: ${thing}`), refers };
}

/** “another”, “a few of them”: no thing of its own is named. */
function isElliptic(words: string, language: Language): boolean {
  const found = verbsOf(language).elliptic.exec(fold(words))?.[0];
  return found !== undefined && STANDS_ALONE.test(fold(words.slice(found.length)));
}

/** The pronoun that the words begin with, where it is no article (“la lista”). */
function pronounOf(words: string, language: Language): string | null {
  const found = verbsOf(language).pronoun.exec(fold(words))?.[0];
  if (found === undefined) return null;
  return /^(?:it|them|es|ihn|sie|ze|hem)$/.test(found) || STANDS_ALONE.test(fold(words.slice(found.length)))
    ? found
    : null;
}

/** Behind a word that is no article: the end, a comma, a conjunction, a preposition, a participle. */
const STANDS_ALONE =
  /^\s*(?:$|[,.;:]|(?:and|und|et|y|e|en|och|back|zuruck|terug|tillbaka|to|for|from|in|on|at|by|with|an|auf|bei|mit|fur|zu|zum|zur|im|am|aus|nach|a|au|aux|dans|sur|pour|par|chez|al|con|por|sin|em|no|na|ao|com|op|naar|voor|met|bij|uit|da|dal|nel|nella|sul|senza|i|pa|till|fran|med|hos|vid|misschien|vielleicht|up|down|out|off|over|along|through|ab|mit|ein|vor|weg|op|af|mee|upp|ut|ner)(?:\s|$|[.,;]))/;
