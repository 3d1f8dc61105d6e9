import {
  fold,
  isInfinitive,
  isSmall,
  isVerb,
  participleBase,
  thingsIn,
  verbsOf,
  withoutZu,
  type Language,
} from '../languages/index.ts';
import { phrase } from './phrase.ts';
import { capital, without } from './tidy.ts';

/** What a sentence says of a deed by its infinitive and its object, as a title: “nobody has managed to prune the roses”. */
export function deedIn(text: string, language: Language): string | null {
  const start = deedAt(text, language);
  return start === null ? null : (phrase(clauseAt(text, start), language, '')?.title ?? null);
}

/**
 * What somebody has not done yet, as a title (“Those who have not sent their size yet”, “Wer noch keine Größe genannt
 * hat”); null where no thing is named.
 */
export function deedLeft(text: string, language: Language): string | null {
  for (const clause of text.split(/[,;:.!?]\s/)) {
    const folded = fold(clause);
    const from = language.code === 'pt' ? 0 : HAS.exec(folded)?.index;
    if (folded.search(verbsOf(language).not) === -1 || from === undefined) continue;
    const title = language.requests.verbLast ? leftLast(clause, language) : leftFirst(clause, from, language);
    if (title !== null) return title;
  }
  return null;
}

function leftFirst(clause: string, from: number, language: Language): string | null {
  for (const { index, 0: word } of clause.matchAll(/[\p{L}-]{3,}/gu)) {
    const base = index > from && !isSmall(word, language) ? doneBase(word, language) : null;
    if (base === null || MODAL.test(base)) continue;
    const rest = clause.slice(index + word.length).trim();
    const thing = thingsIn(rest, language)[0]?.words ?? (language.code === 'sv' ? rest.split(' ')[0] : '');
    return thing === undefined || thing === '' ? null : capital(`${base} ${thing}`);
  }
  return null;
}

/** “no se ha podido enviar” */
const MODAL = /^(?:pod|pouv|pot[eu]|kunn|könn|hinn|lyck)/;

/** Portuguese tells it without an auxiliary verb (“não me disse o tamanho”). */
function doneBase(word: string, language: Language): string | null {
  if (language.code !== 'pt') return participleBase(word, language);
  const base = word.replace(/ou$/, 'ar').replace(/eu$/, 'er').replace(/iu$/, 'ir');
  return PAST.get(word) ?? (base !== word && isInfinitive(base, language) ? base : null);
}

const PAST = new Map([
  ['disse', 'dizer'],
  ['fez', 'fazer'],
  ['deu', 'dar'],
  ['trouxe', 'trazer'],
]);

function leftLast(clause: string, language: Language): string | null {
  const words = [...clause.matchAll(/[\p{L}-]{3,}/gu)];
  const done = words.findLast(({ 0: word }) => participleBase(word, language) !== null);
  const thing = thingsIn(clause.slice(0, done?.index ?? 0), language).at(-1)?.words;
  return done === undefined || thing === undefined
    ? null
    : capital(`${participleBase(done[0], language) ?? ''} ${thing}`);
}

/** Forms of “to have” in front of a participle, in the eight languages, folded. */
const HAS =
  /(?:^|[\s'])(?:have|haven't|has|hasn't|hat|habt|haben|habe|a|ont|avez|as|ha|han|habeis|hanno|avete|heeft|hebben|hebt|har)(?=\s|$)/;

/** Where the words for a deed begin: its infinitive, or its object where the verb is last (“…, | die Liste zu schicken”). */
export const deedAt = (text: string, language: Language): number | null =>
  language.requests.verbLast ? clauseOfDeed(text, language) : infinitiveAt(text, language);

function infinitiveAt(text: string, language: Language): number | null {
  const { courtesy, determined, states } = verbsOf(language);
  for (const { index, 0: word } of text.matchAll(/[\p{L}'-]{3,}/gu)) {
    const rest = fold(text.slice(index));
    const isDeed =
      language.code === 'en'
        ? /(?:^|\s)to\s+$/.test(text.slice(0, index)) && (isVerb(word, language) || determined.test(rest))
        : isInfinitive(word, language);
    const isNone = states.has(fold(word)) || courtesy.exec(rest)?.index === 0;
    if (index > 0 && isDeed && !isNone) return index;
  }
  return null;
}

/** “(kann) sonst niemand | die Zeichnung (hochladen)” */
function objectAt(text: string, from: number, mark: string, language: Language): number {
  if (!/^[hk]/.test(mark)) return from;
  const words = [...clauseAt(text, from).matchAll(/\S+/g)];
  const { determined } = verbsOf(language);
  const object = words.find(({ index }) => determined.test(`x ${fold(text.slice(from + index))}`));
  return from + (object?.index ?? 0);
}

/** Where a clause of its own may begin, or the object behind a modal verb. */
const CLAUSES = {
  de: /[,:–-]\s+(?:um\s|dass\s+(?:Sie|du|ihr)\s|(?:ob|wenn)\s+(?:Sie|du|ihr)\s)?|\b(?:konnte|konnten|kann|können|könnte)\s+/g,
  nl: /[,:–-]\s+|\bom\s+|\bals\s+(?:u|je|jullie)\s+|\bte\s+herinneren\s+|\b(?:heeft|hebben|kan|kon|konden|kunnen)\s+/g,
};

function clauseOfDeed(text: string, language: Language): number | null {
  const { determined } = verbsOf(language);
  for (const { index, 0: mark } of text.matchAll(language.code === 'de' ? CLAUSES.de : CLAUSES.nl)) {
    const start = objectAt(text, index + mark.length, mark, language);
    const clause = without(clauseAt(text, start), verbsOf(language).modal).trim();
    const words = clause.split(/\s+/);
    const verb = words.at(-1) ?? '';
    const acts = /^\p{Ll}.*n$/u.test(verb) && isVerb(withoutZu(verb, language), language);
    const names =
      mark.startsWith(':') ||
      YOU.test(mark) ||
      determined.test(`x ${fold(clause)}`) ||
      /^(?:zu|te)$/.test(words.at(-2) ?? '');
    if (words.length > 1 && acts && names && !TELLS.test(clause)) return start;
  }
  return null;
}

/** Its subject is the reader. */
const YOU = /\s(?:Sie|du|ihr|u|je|jullie)\s$/;

/** A clause that tells, or holds another. */
const TELLS = /\s(?:dat|dass|omdat|weil|wenn|ob|ich|wir|we|wij|ik)\s/;

/** The clause that begins there; the comma that closed a day is gone with the day. */
const clauseAt = (text: string, start: number) => /^[^,;:.?!]*/.exec(text.slice(start))?.[0] ?? '';
