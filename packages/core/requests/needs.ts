import { isRelative } from '../dates/index.ts';
import { baseForm, firstWord, fold, participleBase, verbsOf, type Language } from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { isDenied } from './framed.ts';
import { pronounOf } from './phrase.ts';
import { actionIn } from './action.ts';
import { capital, cutReason, tidy, uncapital, withThing } from './tidy.ts';

export const needAt = (folded: string, language: Language) =>
  verbsOf(language).needs.exec(folded)?.index ?? Infinity;

export function needed(text: string, folded: string, language: Language, thing: string): Asked | null {
  const found = verbsOf(language).needs.exec(folded);
  if (!found || verbsOf(language).courtesy.test(folded.replace(found[0], ' '))) return null;
  const start = found.index + found[0].length;
  // “We shall let you know when we need more.”
  if (verbsOf(language).inCase.test(folded.slice(0, found.index))) return null;
  // “tutto ciò che vi serve”, “the list that we need”
  if (isRelative(folded.slice(0, found.index), language)) return null;
  // “el libro que solicitó”
  if (text.slice(found.index, start).trimEnd().endsWith('ó')) return null;
  const { awaits, yours } = verbsOf(language);
  if (awaits.test(found[0]) && !yours.test(folded)) return null;
  // “I would like to order …” tells what the writer does; “we ask that you …” asks for no thing.
  if (verbsOf(language).goal.test(folded.slice(start))) return null;
  if (/^(?:que?|che|that|dass|dat|att|qu')\b/.test(folded.slice(start))) return null;
  if (isDenied(folded.slice(0, found.index), folded.slice(start), language)) return null;
  const wanted = wantedIn(text, found.index, start, language);
  const { provide } = language.requests;
  const pronoun = pronounOf(wanted, language);
  // “We need it done by Friday.”
  if (language.code === 'en' && /^(?:it|this|that|them)\s(?:done|finished|sorted|ready)$/.test(fold(wanted)))
    return { title: wanted, strength: 2, start, generic: true, refers: true };
  // “We need someone to prune the roses.”
  if (verbsOf(language).someone.test(fold(wanted))) return null;
  // “We need you”, “nous espérons vous y voir”
  const { determined, people } = verbsOf(language);
  const isPerson =
    pronoun === null && people.has(firstWord(fold(wanted))) && !determined.test(`x ${fold(wanted)}`);
  // “la necesitaríamos”, “precisávamos dela”
  const isRef = wanted.length < 3 && REFERS.test(folded.slice(0, start).trimEnd().slice(-40));
  if (isRef && thing !== '')
    return {
      title: actionIn(thing, language) ?? `${provide} ${thing}`,
      strength: 2,
      start,
      // “Your signature is missing; we need it by Friday”: it was said what to do.
      generic: actionIn(thing, language) !== null,
      refers: true,
    };
  if ((wanted.length < 3 && pronoun === null) || isPerson) return null;
  // “We need three working days.”
  if (verbsOf(language).duration.test(fold(wanted))) return null;
  // “We need to know it by Friday.”
  const verb = fold(baseForm(wanted.split(' ')[0] ?? '', language));
  if (verbsOf(language).generic.has(verb))
    return { title: wanted, strength: 2, start, generic: true, refers: true };
  if (pronoun !== null && thing === '') return null;
  if (pronoun !== null)
    return { title: `${provide} ${thing}`, strength: 2, start, generic: false, refers: true };
  const action = doneThing(wanted, language) ?? actionIn(wanted, language);
  const title = action === null ? null : withThing(action, thing);
  return {
    title: title ?? `${provide} ${wanted}`,
    strength: 2,
    start,
    generic: false,
    refers: false,
    wanted,
  };
}

/** A pronoun in front of the need or behind it, or none where the verb tells enough (es, it, fr, pt). */
const REFERS =
  /(?:^|[\s'])(?:l[oaie]s?\s\p{L}+|del[ae]s?|[cm]i\s(?:serv|occorr)\p{L}+|nos\s(?:haria )?falta)$/u;

/** “(I need) the lease signed” */
function doneThing(wanted: string, language: Language): string | null {
  const words = wanted.split(' ');
  const base = language.code === 'en' ? participleBase(words.at(-1) ?? '', language) : null;
  return base === null || words.length < 3 ? null : capital(`${base} ${words.slice(0, -1).join(' ')}`);
}

/** The thing that is wanted: behind the need, in front of it (“die Liste brauche ich”) or inside it (“we hebben de lijst nodig”). */
function wantedIn(text: string, at: number, start: number, language: Language): string {
  const own = text.slice(at, start).trim().split(/\s+/);
  const ends = /(?<=\s)(?:nodig hebben|moeten hebben|nodig|graag)$/i.exec(own.join(' '));
  const inside = ends ? own.join(' ').slice(0, ends.index).split(' ').slice(2).join(' ') : '';
  const ahead =
    text
      .slice(0, at)
      .split(/[.,;:!?]/)
      .at(-1)
      ?.trim() ?? '';
  const behind = tidy(cutReason(text.slice(start).replace(GETTING, ''), language), language)
    .replace(SUBJECT, '')
    .replace(/^tegemoet$/, '');
  if (inside !== '') return tidy(inside, language);
  const verbSecond = language.requests.verbLast || language.code === 'sv';
  return verbSecond && behind.length < 3 && verbsOf(language).determined.test(`x ${fold(ahead)}`)
    ? uncapital(ahead)
    : behind.replace(/\s+(?:nodig|noch|nog)$/u, '');
}

/** “(und brauche) ich die Liste” */
const SUBJECT = /^(?:ich|wir|ik|wij|we|jag|vi)\s+/;

/** “we need (to know) your choice” */
const GETTING =
  /^\s*(?:to\s+(?:know|have|receive|see|get)|connaître|savoir|recevoir|avoir|conocer|saber|recibir|tener|conhecer|receber|ter|conoscere|sapere|ricevere|avere)\s+(?!que|si|se|if|whether)/iu;

export const isArrival = (words: string, language: Language) => verbsOf(language).arrival.test(words);

/** “The list must reach us by Friday” → “Send the list” */
export function arriving(text: string, folded: string, language: Language, thing: string): Asked | null {
  const found = verbsOf(language).arrive.exec(folded)?.groups?.thing;
  if (found === undefined) return null;
  const start = folded.indexOf(found);
  const wanted = uncapital(
    text
      .slice(start, start + found.length)
      .replace(/\s+/g, ' ')
      .replace(/[\s,]+$/, ''),
  );
  if (isDenied(folded.slice(0, start), folded.slice(start + found.length), language)) return null;
  const refers = !wanted.includes(' ');
  const meant = refers && thing !== '' ? thing : wanted;
  return {
    title: `${language.requests.provide} ${meant}`,
    strength: 2,
    start,
    generic: refers && thing === '',
    refers,
    wanted: meant,
  };
}
