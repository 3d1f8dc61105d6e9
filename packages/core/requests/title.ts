import {
  beginsWithVerb,
  firstWord,
  fold,
  isNoOrder,
  isVerb,
  orderAt,
  undoneAt,
  verbsOf,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import type { Slice } from '../anatomy/index.ts';
import type { Asked } from './asked.ts';
import { deedAt } from './deed.ts';
import { framed, isDenied } from './framed.ts';
import { closing, namedBeside } from './named.ts';
import { arriving, isArrival, needAt, needed } from './needs.ts';
import { doneClause, passive } from './passive.ts';
import { askedAt, isGeneric, phrase } from './phrase.ts';
import { blankOut, tidy, uncapital } from './tidy.ts';
import { toldLength } from './told.ts';
import { wished, withDeadline } from './withDeadline.ts';

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
  if (THEN[language.code]?.test(fold(sentence))) return null;
  const text = blankOut(sentence, dates);
  const { greeting, announce } = verbsOf(language);
  const hello = greeting.exec(fold(text))?.[0].length ?? 0;
  const known = hello + (announce.exec(fold(text.slice(hello)))?.[0].length ?? 0);
  const told = known + toldLength(fold(text.slice(known)), language);
  const rest = text.slice(told);
  const asked =
    (told > known ? doneIn(rest, language) : null) ?? requestIn(rest, dates.length > 0, language, thing, own);
  if (asked === null) {
    if (dates.length === 0) return null;
    // “Reminder: the list to be sent by Friday”
    const label = told > hello ? infinitiveIn(`: ${rest}`, language, thing) : null;
    return label ? { ...label, start: label.start + told - 2 } : closing(sentence, language, thing);
  }
  return { ...asked, start: asked.start + told };
}

/** “Då hinner revisorn titta på siffrorna”, “Dan kan ik …”: what follows when it is done. */
const THEN: Partial<Record<LanguageCode, RegExp>> = {
  de: /^\s*dann\s\p{L}+\s(?!(?:sie|du|ihr|bitte)\s)\p{L}/u,
  nl: /^\s*dan\s\p{L}+\s(?!(?:u|je|jij|jullie|graag)\s)\p{L}/u,
  sv: /^\s*da\s\p{L}+\s(?!(?:du|ni|garna)\s)\p{L}/u,
};

/** “(ich möchte daran erinnern, dass) der Tank gereinigt werden muss” */
function doneIn(clause: string, language: Language): Asked | null {
  const title = language.requests.verbLast ? doneClause(tidy(clause, language), language) : null;
  return title === null ? null : { title, strength: 2, start: 0, generic: false, refers: false };
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
  // “Unless you sign it by Friday, we have to close the file.”
  const undone =
    dated && undoneAt(folded, language) !== null ? withDeadline(text, folded, language, thing) : null;
  const conditional = undone ?? (dated ? wished(text, folded, language, thing) : null);
  if (conditional) return conditional;
  const need = order === null ? needed(text, folded, language, thing) : null;
  const needsMore =
    need &&
    found &&
    (needAt(folded, language) < found.at || !isVerb(firstWord(folded.slice(found.start)), language));
  // “La autorización debe entregarse”
  const turned =
    found?.framed && /r-?s[ei]$/.test(firstWord(folded.slice(found.start)))
      ? passive(text, language, thing, dated)
      : null;
  // “Vuestro voto tiene que llegar …”
  const sent =
    found?.framed === true && isArrival(folded.slice(found.start), language)
      ? arriving(text, folded, language, thing)
      : null;
  const put = found && !needsMore ? (sent ?? turned ?? askedAt(found, text, language, thing)) : null;
  if (put) return put;
  const asked =
    need ??
    arriving(text, folded, language, thing) ??
    passive(text, language, thing, dated) ??
    fronted(text, folded, language) ??
    (dated ? withDeadline(text, folded, language, thing) : null);
  if (asked || (!dated && !folded.includes('?'))) return asked;
  const allowed = framed(folded, language, may, dated);
  return (
    (allowed && askedAt(allowed, text, language, thing)) ??
    infinitiveIn(text, language, thing) ??
    (dated ? namedBeside(text, folded, language, thing) : null)
  );
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

/** Whatever stands around it: the first infinitive with its object in a question or beside a deadline. */
function infinitiveIn(text: string, language: Language, thing: string): Asked | null {
  const start = deedAt(text, language);
  if (start === null) return null;
  const before = fold(text.slice(0, start));
  // “We can only go on if you …” is asked of the reader.
  const isYours = /\s(?:sie|du|ihr|u|je|jullie)\s*$/.test(before);
  if ((verbsOf(language).commit.test(before) && !isYours) || isDenied(before, '', language)) return null;
  if (OWN[language.code]?.test(before) ?? false) return null;
  return askedAt({ at: start, start, framed: false }, text, language, thing);
}

/** What the writer himself would like to do. */
const OWN: Partial<Record<LanguageCode, RegExp>> = {
  en: /(?:^|[,;:.]\s)(?:i|we)(?:'\p{L}+)?\s(?!.*\byou\b)[^,;:.]*$/u,
  sv: /(?:^|[,;:.]\s)(?:jag|vi)\s(?!.*\b(?:du|ni|dig|er)\b)[^,;:.]*$/u,
};
