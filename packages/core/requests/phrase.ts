import {
  baseForm,
  firstWord,
  fold,
  isInfinitive,
  isVerb,
  isVerbForm,
  participleBase,
  refersBack,
  thirdBase,
  verbsOf,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import type { Asked } from './asked.ts';
import type { Found } from './framed.ts';
import { actionIn } from './action.ts';
import { doneClause, isAuxiliary } from './passive.ts';
import { relativeThing } from './relative.ts';
import { capital, cutReason, lengthOfAll, tidy, without } from './tidy.ts';
import { verbFirst } from './verbFirst.ts';

export function askedAt(found: Found, text: string, language: Language, thing: string): Asked | null {
  const isThat = found.framed && verbsOf(language).that.test(fold(text.slice(found.at, found.start).trim()));
  const clitic = leadingClitic(text.slice(found.start), language, isThat);
  const words = text.slice(found.start + clitic);
  const before = text.slice(0, found.at);
  const meant = relativeThing(before, language);
  if (meant !== null) {
    const made = phrase(words, language, meant, true);
    return made && { ...made, strength: 3, start: found.start, generic: false, refers: false };
  }
  const ahead = text.slice(found.framed ? found.at : Math.max(0, found.start - 12), found.start + clitic);
  const lead = verbsOf(language).clitic.test(fold(ahead));
  const said = found.framed ? unsaid(found, text, language) : null;
  if (said === '') return null;
  if (said !== null) {
    // “(il faudrait que) ce soit fait”
    const generic = isGeneric(said, language);
    return { title: said, strength: 3, start: found.start, generic, refers: generic };
  }
  const object = objectInFront(before, words, language);
  const made = phrase(`${object}${words}`, language, thing, lead);
  const strength = found.framed ? 3 : 2.5;
  return made && { ...made, strength, start: found.start, generic: isGeneric(words, language) };
}

/**
 * Behind a frame that no verb follows: what is to be done with a thing (“make sure the door is locked”), an action (“please
 * your confirmation”), the thing itself; nothing where only small words follow. Null where a verb does.
 */
function unsaid({ at, start }: Found, text: string, language: Language): string | null {
  const { verbLast, provide } = language.requests;
  const { determined, event, generic, particles, that } = verbsOf(language);
  const clause = tidy(cutReason(text.slice(start), language), language);
  const first = firstWord(fold(clause));
  if (generic.has(first) || isGeneric(clause, language)) return null;
  if (isAuxiliary(first, language)) return doneClause(clause, language);
  const isName = determined.test(`x ${fold(clause)}`);
  const frame = text.slice(at, start).trim();
  const isThat = that.test(fold(frame));
  const done = isName || isThat ? doneClause(clause, language) : null;
  // “(sorge dafür, dass) die Tür abgeschlossen ist”, “(se till att) faktura 4471 är betald”
  const helps = clause.split(' ').map((word) => isAuxiliary(word, language));
  const isDone = helps.at(-1) === true || (isThat && helps.at(-2) === true);
  if (done !== null && isDone) return done;
  const clitic = leadingClitic(clause, language, isThat) > 0 && (done === null || !helps.includes(true));
  if (clitic || holdsVerb(clause, language) || isVerb(first, language)) return null;
  const lost = verbLast ? particles.has(first) : wantsInfinitive(frame, clause, language);
  if (!isName) return actionIn(clause, language) ?? (lost ? '' : null);
  const kept = isThat ? capital(`${frame} ${clause}`) : `${provide} ${clause}`;
  return done ?? actionIn(clause, language) ?? (event.test(fold(clause)) ? '' : kept);
}

/** Where the language has it last: an infinitive or a participle behind the first word, or what somebody does at the end. */
function holdsVerb(clause: string, language: Language): boolean {
  const [, ...words] = clause.split(' ');
  const acts = (word: string) =>
    word.endsWith('n') && (participleBase(word, language) !== null || isVerb(word, language));
  return language.requests.verbLast && (words.some(acts) || thirdBase(words.at(-1) ?? '', language) !== null);
}

/** Behind “vuoi” stands an infinitive, which its ending tells. */
function wantsInfinitive(frame: string, clause: string, language: Language): boolean {
  const { polite, that } = verbsOf(language);
  const told = ['fr', 'es', 'pt', 'it'].includes(language.code);
  const acts = clause
    .split(/[\s'’]+/, 5)
    .some((word) => isVerb(word, language) || isInfinitive(word, language));
  return told && !that.test(fold(frame)) && !polite.test(fold(frame)) && !acts;
}

/** “(importas-te de) o rever”, behind “that” also “(pedimos que) os levante”: how long the pronoun in front of the verb is. */
export function leadingClitic(words: string, language: Language, that = false): number {
  const [first = '', verb = ''] = words.trimStart().split(/\s+/);
  const isLead =
    verbsOf(language).clitic.test(fold(first)) &&
    (that ? isVerbForm : isVerb)(verb.replace(/[.,;:!?]+$/, ''), language);
  return isLead && first !== '' ? words.indexOf(verb, first.length) : 0;
}

/** “Die Liste müssen Sie | uns schicken”: the object, where the verb stands alone behind the frame. */
function objectInFront(before: string, words: string, language: Language): string {
  if (!language.requests.verbLast) return '';
  const clause =
    before
      .split(/[.,;:!?]/)
      .at(-1)
      ?.replace(/\s*\([^)]*\)/g, '')
      .trim() ?? '';
  const { indirect, determined } = verbsOf(language);
  const alone = tidy(words, language);
  const verb = alone.slice(indirect.exec(fold(alone))?.[0].length ?? 0);
  return !verb.includes(' ') && clause.split(' ').length <= 6 && determined.test(`x ${fold(clause)}`)
    ? `${clause} `
    : '';
}

/** “hazlo tú”, “do it yourself” */
const YOU = /\s(?:tú|tu|usted|toi|lei|voi|você|du|jij|yourself)$/iu;

/** “Handle this”, “bitte erledigen”: the verb is generic, and what it is about is not said. */
export function isGeneric(words: string, language: Language): boolean {
  const said = tidy(without(cutReason(words, language), verbsOf(language).polite), language);
  const clause = said.replace(YOU, '');
  const folded = fold(language.requests.verbLast ? verbFirst(clause, language) : clause)
    .replace(/[^\p{L}\s'-]/gu, ' ')
    .trim();
  const { generic, people, determined } = verbsOf(language);
  const [verb = '', ...rest] = folded.split(/\s+/).filter((word) => !people.has(word));
  const says = rest.join(' ');
  const isKnown = generic.has(verb) || generic.has(fold(baseForm(verb, language)));
  return isKnown && (isElliptic(says, language) || (rest.length <= 3 && !determined.test(`x ${says}`)));
}

/**
 * The words behind a frame as a phrase with its verb in front. `lead`: a pronoun for its thing stands in front of the
 * verb. What refers to a thing named before gets that.
 */
export function phrase(
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
  const behind = withoutPeople(space === -1 ? '' : ordered.slice(space + 1), verb, said, language);
  const thereat = language.code === 'nl' && THEREAT.test(behind);
  let rest = thereat ? behind.replace(THEREAT, `$<where> ${thing === '' ? 'ze' : thing}`) : behind;
  const pronoun = pronounOf(rest, language);
  if (pronoun !== null && thing !== '') rest = rest.slice(pronoun.length).trim();
  const base = baseForm(verb, language);
  // “sign and return it”
  if (thing !== '' && pronoun === null)
    rest = rest.replace(TRAILING, ` ${thing}`).replace(BEHIND[language.code] ?? /(?!)/, `$<where> ${thing}`);
  const plain = `${base} ${rest}`.replace(/\s+/g, ' ').trim();
  const isShort = plain.length < 3 && !verbsOf(language).generic.has(fold(base));
  if (plain.length < 2 || isShort) return null;
  const carried = lead || thereat || refersBack(verb, language) || (pronoun !== null && thing !== '');
  const refers =
    carried ||
    isElliptic(rest, language) ||
    TRAILING.test(said) ||
    BEHIND[language.code]?.test(behind) === true ||
    /\bdo so\b/.test(fold(words));
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

/** What stands behind the verb, without those it is done for (“schick | uns | die Liste”). */
function withoutPeople(rest: string, verb: string, said: string, language: Language): string {
  const { determined, indirect, people } = verbsOf(language);
  if (/^(?:let|lassen|laat)$/.test(fold(verb))) return rest;
  const cut = (words: string) => words.slice(lengthOfAll(indirect, fold(words)));
  if (isThingSie(said, language)) return `sie ${cut(rest.replace(/^sie\s+/, ''))}`;
  const [pronoun = ''] = THING_FIRST[language.code]?.exec(rest) ?? [];
  const behind = rest.slice(pronoun.length).trim();
  if (pronoun !== '' && people.has(fold(behind))) return pronoun;
  return pronoun === '' || determined.test(fold(rest)) ? cut(rest) : `${pronoun} ${cut(behind)}`;
}

/** A thing in front of those it is for: “gooi | hem | door de bus”, but “geef hem de sleutel”. */
const THING_FIRST: Partial<Record<LanguageCode, RegExp>> = {
  en: /^(?:it|them)(?=\s)/,
  de: /^(?:es|ihn)(?=\s)/,
  nl: /^(?:ze|hem|het(?=\s(?:ons|mij|me|haar|u)(?:\s|$)))(?=\s)/,
  sv: /^dem(?=\s)/,
};

/** “schreibt sie mir”, “(kannst du) sie dir ansehen”: written small and behind no plural, “sie” is a thing. */
const isThingSie = (said: string, { code }: Language): boolean =>
  code === 'de' && /^(?:\p{L}*[^n\s]\s(?:du\s|ihr\s)?)?sie\s/u.test(said);

/** “(kijken) er nog even naar” */
const THEREAT = /^er\s(?:\p{L}+\s){0,3}?(?<where>naar|aan|op|mee|over|door|bij|van|voor|in)(?=\s|$)/u;

/** Pronouns for a thing at the end of what is asked for (en, de, nl, sv). */
const TRAILING = /(?<=\s\p{L}{2,})\s(?:it|det|den|het|es|ihn|(?<!\s(?:of|av|van)\s)(?:them|dem|ze))$/u;

/** “(go) through it carefully”, “(skicka) tillbaka det undertecknat” */
const BEHIND: Partial<Record<LanguageCode, RegExp>> = {
  en: /^(?<where>through|over|at|into|on|for|after)\s(?:it|them)(?=[\s,])/,
  sv: /^(?<where>tillbaka|igenom|upp|ut|in|på)\s(?:det|dem)(?=[\s,])/,
};

/** “another”, “a few of them”: no thing of its own is named. */
function isElliptic(words: string, language: Language): boolean {
  // “(ladda) upp båda”
  const named = language.code === 'sv' ? words.replace(/^(?:upp|in|ut|ner|fram)\s/, '') : words;
  const found = verbsOf(language).elliptic.exec(fold(named))?.[0];
  return found !== undefined && STANDS_ALONE.test(fold(named.slice(found.length)));
}

/** The pronoun that the words begin with, where it is no article (“la lista”). */
export function pronounOf(words: string, language: Language): string | null {
  const found = verbsOf(language).pronoun.exec(fold(words))?.[0];
  if (found === undefined) return null;
  return /^(?:it|them|es|ihn|sie|ze|hem)$/.test(found) || STANDS_ALONE.test(fold(words.slice(found.length)))
    ? found
    : null;
}

/** Behind a word that is no article: the end, a comma, a conjunction, a preposition, a participle. */
const STANDS_ALONE =
  /^\s*(?:$|[,.;:]|(?:aan|binnen|vanaf|innerhalb|spatestens|and|und|et|y|e|en|och|[a-z]+(?:ig|lijk)|even|nog|graag|goed|eens|einmal|noch|back|zuruck|terug|tillbaka|to|for|from|in|on|at|by|with|an|auf|bei|mit|fur|zu|zum|zur|im|am|aus|nach|a|au|aux|dans|sur|pour|par|chez|al|con|por|sin|em|no|na|ao|com|op|naar|voor|met|bij|uit|da|dal|nel|nella|sul|senza|i|pa|till|fran|med|hos|vid|via|through|uber|durch|par|pelo|pela|tramite|genom|inom|misschien|vielleicht|up|down|out|off|over|along|through|ab|mit|ein|vor|weg|op|af|mee|upp|ut|ner)(?:\s|$|[.,;]))/;
