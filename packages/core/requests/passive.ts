import { baseForm, fold, isVerb, participleBase, verbsOf, type Language } from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { relativeThing } from './relative.ts';
import { capital, cutReason, tidy, uncapital } from './tidy.ts';

/**
 * “The form needs to be signed” → “Sign the form”; `named` stands in for “it”. `dated`: with a deadline it is enough that
 * it can be done (“Abstracts may be submitted until 15 April”).
 */
export function passive(sentence: string, language: Language, named: string, dated = false): Asked | null {
  const hello = verbsOf(language).greeting.exec(fold(sentence))?.[0].length ?? 0;
  const text = sentence.slice(hello);
  const folded = fold(text);
  const { passive: must, mayPassive, generic } = verbsOf(language);
  const groups = (dated ? mayPassive : must).exec(folded)?.groups;
  if (groups?.thing === undefined || groups.verb === undefined)
    return alone(text, folded, language, named) ?? turned(text, folded, language, dated);
  if (verbsOf(language).nothing.test(groups.thing)) return null;
  const at = folded.indexOf(groups.verb, groups.thing.length);
  const word = text.slice(at, at + groups.verb.length).toLowerCase();
  // “Neue sind bestellt” is no order, “sind zu bestellen” is one.
  const told =
    language.code === 'de' && /(?:^|\s)(?:ist|sind)\s+(?:noch\s+|bitte\s+)?$/.test(folded.slice(0, at));
  if (told && !/zu\p{L}+en$/u.test(word)) return turned(text, folded, language, dated);
  const base =
    participleBase(word, language) ?? infinitiveBase(word, language) ?? correctingBase(word, language);
  if (base === null) return turned(text, folded, language, dated);
  const start = folded.length - folded.trimStart().length;
  if (groups.thing.trim() === '') return inverted(base, text, groups.rest ?? '', language);
  const refers = PRONOUN.test(groups.thing.trim());
  const thing = refers
    ? named
    : (relativeThing(text.slice(0, groups.thing.length), language) ??
      uncapital(text.slice(start, groups.thing.length).replace(/^\p{Lu}\p{L}+,\s+/u, '')));
  // “I am about to start on the return, which has to be filed on 7 April.”
  const aside =
    relativeThing(text.slice(0, groups.thing.length), language) !== null &&
    verbsOf(language).writerFirst.test(folded) &&
    !verbsOf(language).presents.test(folded);
  const behind = cutReason(text.slice(text.length - (groups.rest ?? '').length), language);
  // “to” is no politeness here.
  const tail = /^\s*to\s/.test(behind)
    ? `to ${tidy(behind.replace(/^\s*to\s/, ''), language)}`
    : tidy(behind, language);
  const { joined, please } = verbsOf(language);
  const more = [joined, please].some((words) => words.test(fold(tail))) ? '' : tail;
  return {
    title: capital(`${base} ${thing} ${more}`.replace(/\s+/g, ' ').trim()),
    strength: aside ? 1 : 2,
    passive: true,
    start: hello + start,
    // “It has to be done by Friday.”
    generic: refers && generic.has(fold(base)),
    refers,
  };
}

/** “Vanno ritirati entro venerdì”: the thing was named before (es, pt, it). */
function alone(text: string, folded: string, language: Language, named: string): Asked | null {
  if (!['es', 'pt', 'it'].includes(language.code) || named === '') return null;
  const verb = verbsOf(language).passiveAlone.exec(folded)?.groups?.verb;
  const at = folded.indexOf(verb ?? '');
  const word = text.slice(at, at + (verb ?? '').length).toLowerCase();
  const base = verb === undefined ? null : (participleBase(word, language) ?? infinitiveBase(word, language));
  return base === null
    ? null
    : {
        title: capital(`${base} ${named}`),
        strength: 2,
        passive: true,
        start: 0,
        generic: verbsOf(language).generic.has(fold(base)),
        refers: true,
      };
}

/** “(um … zu vermeiden,) ist der Betrag … zu zahlen”: the verb stands in front of its subject. */
function turned(text: string, folded: string, language: Language, dated: boolean): Asked | null {
  if (!['de', 'nl', 'sv'].includes(language.code)) return null;
  const { passiveTurned, passiveLast, mayPassiveLast } = verbsOf(language);
  const last = dated ? mayPassiveLast : passiveLast;
  const found = passiveTurned.exec(folded) ?? (language.requests.verbLast ? last.exec(folded) : null);
  const { modal = '', thing = '', verb = '' } = found?.groups ?? {};
  if (!found) return null;
  const end = found.index + found[0].lastIndexOf(verb);
  const isTo = /(?:zu|te)\s+$/.test(folded.slice(0, end)) || /zu\p{L}+en$/u.test(verb);
  if (/^(?:ist|sind|is|zijn)/.test(modal) && !isTo) return null;
  const base = participleBase(verb, language) ?? (isTo ? baseForm(verb, language) : null);
  if (base === null) return null;
  const start = folded.indexOf(thing, found.index);
  const title = capital(`${base} ${text.slice(start, start + thing.length)}`);
  return { title, strength: 2, passive: true, start, generic: false, refers: false };
}

/** Subjects that stand for what was named before, in the eight languages, folded. */
const PRONOUN =
  /^(?:it|they|this|these|those|both|er|es|sie|dies|diese|dieser|dieses|beide|il|elle|ils|elles|cela|celui-ci|celle-ci|este|esta|esto|estos|estas|ambos|ele|ela|eles|elas|isto|isso|het|dit|deze|die|dat|das|ca|ce|ze|that|eso|esso|essa|questo|questa|questi|queste|det|den|de|dessa|denna|detta)$/;

/** Of “e” and “è” only the one is a form of “to be”. */
export const isAuxiliary = (word: string, language: Language): boolean =>
  word !== 'e' && verbsOf(language).auxiliary.has(fold(word));

/** “the documents are produced”, “lhe seja devolvido o questionário”: the participle in front of its thing. */
export function doneClause(clause: string, language: Language, named = ''): string | null {
  const { not, people } = verbsOf(language);
  const words = clause.trim().split(/\s+/);
  const bases = words.map((word) => {
    const plain = word.replace(/[.,;:]$/, '').toLowerCase();
    return participleBase(plain, language) ?? infinitiveBase(plain, language);
  });
  const isSaid = (word: string) => isAuxiliary(word, language) || people.has(fold(word));
  const helped = words.findIndex((word) => isAuxiliary(word, language));
  const behind = bases.findLastIndex((base, i) => base !== null && i > helped);
  // “de bonnen ingeleverd moeten zijn”
  const isLast = language.requests.verbLast || helped === -1;
  const at = behind === -1 && isLast ? bases.findLastIndex((base) => base !== null) : behind;
  const base = bases[at];
  if (base === undefined || base === null) return null;
  const things = (some: readonly string[]) =>
    some.filter((word) => !isSaid(word) && fold(word).search(not) === -1).join(' ');
  const thing = things(words.slice(0, at)) || things(words.slice(at + 1));
  // “(il faudrait que) ce soit fait”
  const isOpen = PRONOUN.test(fold(thing)) && !verbsOf(language).generic.has(fold(base));
  const meant = isOpen ? named : thing;
  return meant === '' ? null : capital(`${base} ${uncapital(meant)}`.replace(/,$/, ''));
}

/** “(entro la fine del mese) va versata la quota” */
function inverted(base: string, text: string, rest: string, language: Language): Asked | null {
  const thing = tidy(cutReason(text.slice(text.length - rest.length), language), language);
  if (!verbsOf(language).determined.test(`x ${fold(thing)}`)) return null;
  return { title: capital(`${base} ${thing}`), strength: 2, start: 0, generic: false, refers: false };
}

/** “needs correcting” */
function correctingBase(word: string, language: Language): string | null {
  const base = language.code === 'en' && word.endsWith('ing') ? baseForm(word, language) : word;
  return base === word ? null : base;
}

/** “est à régler”, “debe entregarse” */
function infinitiveBase(word: string, language: Language): string | null {
  const isPassive = language.code === 'fr' ? /r$|re$/.test(word) : /r-?(?:se|si)$/.test(word);
  return isPassive && isVerb(word, language) ? baseForm(word, language) : null;
}
