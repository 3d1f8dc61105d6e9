import {
  actionBase,
  baseForm,
  firstWord,
  fold,
  isVerb,
  isVerbForm,
  thingsIn,
  undoneAt,
  verbsOf,
  wholeWords,
  type Language,
} from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { isDenied } from './framed.ts';
import { actionIn } from './action.ts';
import { doneClause } from './passive.ts';
import { askedAt, leadingClitic, phrase } from './phrase.ts';
import { purposeOf } from './purpose.ts';
import { capital, cutReason, tidy, uncapital, without, withThing } from './tidy.ts';

/** What only a deadline makes a request. */
export const withDeadline = (text: string, folded: string, language: Language, thing: string): Asked | null =>
  taken(text, folded, language, thing) ??
  sufficing(text, folded, language) ??
  given(text, folded, language, thing) ??
  term(text, folded, language, thing) ??
  undone(text, folded, language, thing) ??
  ifDone(text, folded, language, thing) ??
  othersNeed(text, folded, language) ??
  purposeOf(text, language);

/** “Thursday will do for the chapter” → “Send the chapter” */
function sufficing(text: string, folded: string, language: Language): Asked | null {
  const found = verbsOf(language).suffices.exec(folded);
  const start = found ? found.index + found[0].length : 0;
  const wanted = found ? tidy(cutReason(text.slice(start), language), language) : '';
  // “pour les confirmer”
  const first = firstWord(fold(wanted));
  const acts =
    leadingClitic(wanted, language) > 0 || isVerb(first, language) || verbsOf(language).people.has(first);
  if (wanted === '' || acts || verbsOf(language).event.test(fold(wanted))) return null;
  const title = actionIn(wanted, language) ?? `${language.requests.provide} ${wanted}`;
  return { title, strength: 1, start, generic: false, refers: false, wanted };
}

/** “We accept orders until Friday” → “Order: …” */
function taken(text: string, folded: string, language: Language, thing: string): Asked | null {
  if (!verbsOf(language).accepts.test(folded)) return null;
  for (const { 0: word, index } of text.matchAll(/\p{L}{4,}/gu)) {
    const base = takenBase(word, language);
    const title = base === null ? null : withThing(capital(base), thing);
    if (title !== null) return { title, strength: 1, start: index, generic: false, refers: false };
  }
  return null;
}

/** “orders” → “order”, “Bestellungen” → “bestellen” */
function takenBase(word: string, language: Language): string | null {
  const nouns = [word, word.replace(/s$/, ''), word.replace(/en$/, '')];
  const base = nouns.map((noun) => actionBase(noun, language)).find((one) => one !== null) ?? null;
  const verb = word.slice(0, -1);
  const isOrder = language.code === 'en' && word.endsWith('s') && isVerb(verb, language);
  return isOrder ? verb : base !== null && fold(base) !== fold(word) ? base : null;
}

/** “If I had the list tomorrow, I could still show it” */
export function wished(text: string, folded: string, language: Language, thing: string): Asked | null {
  if (!verbsOf(language).ifHad.test(folded)) return null;
  const [clause = ''] = text.split(/,\s/);
  const named = thingsIn(clause, language)[0]?.words;
  const wanted = named ?? thing;
  const title = `${language.requests.provide} ${wanted}`;
  return wanted === '' ? null : { title, strength: 1, start: 0, generic: false, refers: named === undefined };
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
  const verb = firstWord(action);
  // “Deadline for changes” names no verb.
  if (!verb.endsWith('s') && isVerb(baseForm(verb, language), language))
    return askedAt({ at: start, start, framed: true }, words.padStart(start + words.length), language, thing);
  const title = actionIn(tidy(words, language), language);
  return title === null ? null : { title, strength: 2, start, generic: false, refers: false };
}

/** “Unless the list is sent by Friday, …” */
function undone(text: string, folded: string, language: Language, thing: string): Asked | null {
  const start = undoneAt(folded, language);
  if (start === null) return null;
  const clause = text.slice(start).split(/[,;](?=\s)/)[0] ?? '';
  // Who cannot is not asked to.
  if (CANNOT.test(fold(clause))) return null;
  const { provide, arrive } = language.requests;
  const arrives = wholeWords(arrive).exec(fold(clause))?.index;
  const title =
    arrives === undefined
      ? (leftUndone(clause, language) ?? doneClause(clause, language, thing))
      : `${provide} ${tidy(clause.slice(0, arrives).replace(/(?<=\s)(?:uns|mir|nicht|nous|ne|no|non|niet|inte)\s/g, ''), language)}`;
  // “If it is not renewed, …”
  const refers = title !== null && thing !== '' && title.endsWith(` ${thing}`);
  return title === null ? null : { title, strength: 2, start, generic: false, refers };
}

/** “(unless) you sign the lease”, “(wenn) Sie den Vertrag nicht unterschreiben” */
function leftUndone(clause: string, language: Language): string | null {
  const { not, people, modal } = verbsOf(language);
  const deed = without(without(clause.replace(READER, ''), not), modal).trim();
  const first = firstWord(fold(deed));
  const verb = language.requests.verbLast ? fold(deed.split(/\s+/).at(-1) ?? '') : first;
  return people.has(first) || !isVerbForm(verb, language)
    ? null
    : (phrase(deed, language, '')?.title ?? null);
}

const CANNOT = /(?:^|\s)(?:can|could|pouve|peu[tx]|pued|pode|poss|puo|kan|kun|konn|kann)/;

/** Who is to do it, in front of his verb. */
const READER = /^\s*(?:you|vous ne|tu ne|usted|Sie|sie|du|ihr|u|je|jullie|ni|lei)\s+/;

/** “If you approve it by Friday, we print next week” → “Approve it” */
function ifDone(text: string, folded: string, language: Language, thing: string): Asked | null {
  const { ifYou, onlyIf } = verbsOf(language);
  const found = ifYou.exec(folded) ?? onlyIf.exec(folded);
  const start = found ? found.index + found[0].length : undefined;
  if (start === undefined) return null;
  // Where no comma ends it, the day does.
  const rest = text.slice(start);
  const clause = rest.split(/,\s/.test(rest) ? /,\s/ : /\s{4,}/)[0] ?? '';
  const words = fold(without(clause, verbsOf(language).modal))
    .trim()
    .split(/\s+/);
  const first = leadingClitic(clause, language) > 0 ? words[1] : words[0];
  const acts = language.requests.verbLast ? words.at(-1) : first;
  if (acts === undefined || !isVerbForm(acts, language)) return null;
  const made = phrase(clause, language, thing, leadingClitic(clause, language) > 0);
  return made && { ...made, strength: 1, start, generic: false };
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
    return done === null ? null : { title: done, strength: 1, start, generic: false, refers: false };
  }
  if (words.length < 3 || !verbsOf(language).determined.test(`x ${fold(words)}`)) return null;
  // “The agreement needs your signature” → “Sign the agreement”
  const action = actionBase(words.split(' ')[1] ?? '', language);
  const title =
    action === null
      ? `${language.requests.provide} ${words}`
      : capital(`${action} ${uncapital(text.slice(0, found.groups?.who?.length ?? 0).trim())}`);
  return { title, strength: -0.5, start, generic: false, refers: false, wanted: words };
}
