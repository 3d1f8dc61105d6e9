import type { Language, LanguageCode } from './language.ts';
import {
  asksByPronoun,
  hasPronoun,
  isInfinitive,
  isVerb,
  isVerbForm,
  startsOrder,
  thirdBase,
} from './verbs.ts';
import { verbsOf } from './verbPatterns.ts';

/** The first word of folded words, or nothing. */
export const firstWord = (words: string) => /^[\p{L}'-]+/u.exec(words)?.[0] ?? '';

/** Where a folded sentence gives an order, or null: its verb stands in front of its object. */
export function orderAt(folded: string, language: Language): number | null {
  for (const { at, sure } of startsOf(folded, language))
    if (isOrder(folded.slice(at), language, sure)) return at;
  return null;
}

/** “See attached”, “erledige ich”. */
export const isNoOrder = (folded: string, language: Language) =>
  verbsOf(language).courtesy.exec(folded)?.index === 0 || verbsOf(language).writer.test(folded);

/** Where a sentence begins behind marks, greeting, “urgent:”, politeness and a label (“Action required:”). */
function openingOf(folded: string, language: Language): number {
  const { goal, greeting, please, urgent } = verbsOf(language);
  let start = /^[\s"'*•\-–>,]*/u.exec(folded)?.[0].length ?? 0;
  // “You have until Friday | to submit …”: the date has given way to blanks.
  if (start >= 4) start += goal.exec(folded.slice(start))?.[0].length ?? 0;
  for (const pattern of [greeting, urgent, please, please])
    start += pattern.exec(folded.slice(start))?.[0].length ?? 0;
  const to = TO[language.code]?.exec(folded.slice(start))?.[0].length ?? 0;
  const verb = firstWord(folded.slice(start + to));
  if (to > 0 && (language.requests.verbLast ? isVerb : isInfinitive)(verb, language)) return start + to;
  const label = /^[\p{L} ]{3,30}:\s+/u.exec(folded.slice(start))?.[0].length ?? 0;
  return isVerb(firstWord(folded.slice(start + label)), language) ? start + label : start;
}

/** In front of an infinitive that is an order (“à retourner signé”). */
const TO: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^a\s+/,
  it: /^da\s+/,
  pt: /^a\s+/,
  nl: /^te\s+/,
  sv: /^att\s+/,
  de: /^zu\s+/,
};

/** Where an order may stand; `sure`: behind a pronoun that only a verb has. */
interface Start {
  at: number;
  sure: boolean;
}

/** The opening, behind “tu me” of a question, a colon, a dash, “so”, a comma, or a verb with its pronoun (“llámenos”). */
function* startsOf(folded: string, language: Language): Generator<Start> {
  const { beforeOrder, doForMe, formal, gets, so, whoever } = verbsOf(language);
  const start = openingOf(folded, language);
  const plainly = [
    ...(isInverted(folded, start, language) || isConditional(folded, start, language) ? [] : [start]),
    ...endsOf(/(?<=(?:^|\s)\S+\s\S+)\s?:\s+|\s[–-]\s+/g, folded),
    ...endsOf(so, folded),
  ];
  for (const at of plainly) {
    yield { at, sure: false };
    const behind = beforeOrder.exec(folded.slice(at))?.[0].length;
    if (behind !== undefined) yield { at: at + behind, sure: true };
  }
  if (folded.trimEnd().endsWith('?')) {
    for (const at of endsOf(doForMe, folded)) yield { at, sure: true };
    // “Bel jij morgen de loodgieter?”
    if (formal.test(folded.slice(start))) yield { at: start, sure: true };
    for (const at of endsOf(ASKED[language.code] ?? /(?!)/g, folded)) yield { at, sure: true };
  }
  for (const at of endsOf(THING_FIRST[language.code] ?? /(?!)/g, folded)) yield { at, sure: true };
  const concerns = whoever.test(folded.slice(start));
  // “Chi non mi ha ancora detto la taglia me la comunichi”
  if (concerns)
    for (const at of endsOf(doForMe, folded))
      if (!gets.has(firstWord(folded.slice(at)))) yield { at, sure: true };
  for (const at of endsOf(/,\s+/g, folded)) {
    if (at <= start || !mayFollow(folded, start, at, language)) continue;
    // “Wer die Noten verloren hat, findet sie im Netz.”
    if (concerns && gets.has(firstWord(folded.slice(at)))) continue;
    yield { at, sure: concerns };
    const behind = beforeOrder.exec(folded.slice(at))?.[0].length;
    if (behind !== undefined) yield { at: at + behind, sure: true };
  }
  for (const { index, 0: word } of folded.slice(start).matchAll(/[\p{L}'-]{5,}/gu))
    if (asksByPronoun(word, language)) yield { at: start + index, sure: false };
}

/** Languages in which the verb of a statement comes second, so that it comes first only behind what was cut off. */
export const VERB_SECOND: ReadonlySet<string> = new Set(['de', 'nl', 'sv']);

/** “(Am Montag) kommen die Maler”: behind its day a statement begins with its verb too. */
const isInverted = (folded: string, start: number, language: Language): boolean =>
  VERB_SECOND.has(language.code) &&
  /^\s{5,}$/.test(folded.slice(0, start)) &&
  !verbsOf(language).formal.test(folded.slice(start)) &&
  !verbsOf(language).pleaseInside.test(folded.slice(start));

/** “Liegt uns nichts vor, endet die Versicherung”: a condition, whose verb comes first too. */
const isConditional = (folded: string, start: number, language: Language): boolean => {
  const [, first = '', verb = ''] =
    /^(\p{L}+)\s[^,;.:!?]+,\s(\p{L}+)\s(?:der|die|das|wir|ich|er|es|ihre?|unsere?|de|het|wij|we|ik|uw|onze|vi|jag|den|det|din)\s/u.exec(
      folded.slice(start),
    ) ?? [];
  return (
    VERB_SECOND.has(language.code) &&
    !verbsOf(language).formal.test(folded.slice(start)) &&
    thirdBase(first, language) !== null &&
    /(?:t|en|te|r)$/.test(verb)
  );
};

/** “(Sabato) porti tu le casse?”: in front of a verb with its subject behind it. */
const ASKED: Partial<Record<LanguageCode, RegExp>> = {
  it: /(?:^|\s)(?=[a-z]+\s(?:tu|voi|lei)(?:\s|\?))/g,
  es: /(?:^|[\s¿])(?=[a-z]+\s(?:tu|vosotros|usted|ustedes)(?:\s|\?))/g,
  pt: /(?:^|\s)(?=[a-z]+\s(?:tu|voce|voces)(?:\s|\?))/g,
};

/** “…, la rinnovi per tempo”: a pronoun for a thing in front of a verb in the form that orders. */
const THING_FIRST: Partial<Record<LanguageCode, RegExp>> = {
  it: /[,;]\s+(?:l[oaie]|[cm]e\s?l[oaie])\s+(?=[a-z]+i(?![a-z]))/g,
};

const endsOf = (pattern: RegExp, folded: string) =>
  [...folded.matchAll(pattern)].map((match) => match.index + match[0].length);

/** “Bent u verhinderd, …”, “Får du förhinder, …”: a condition put by its verb. */
const TURNED =
  /^(?:bent|ben|kunt|kun|heeft|hebt|heb|wilt|wil|mocht|komt|kann|kannst|konnen|sind|bist|haben|hast|wollen|willst|sollten|solltest|far|har|ar|vill|skulle|kan)\s(?:u|je|jij|jullie|sie|du|ihr|ni)\s/;

/** Behind a comma an order stands after a name, a purpose or a condition (“To go on playing, renew …”) or with its “Sie”. */
function mayFollow(folded: string, start: number, at: number, language: Language): boolean {
  const { goal, condition, formal, once, pleaseInside } = verbsOf(language);
  const opening = folded.slice(start);
  const name = /^\p{L}+(?:\s\p{L}+)?,\s+$/u.test(folded.slice(start, at));
  const clause = folded.slice(start, at).replace(/,\s+$/, '').split(',').at(-1) ?? '';
  return (
    name ||
    goal.test(opening) ||
    condition.test(opening) ||
    once.test(opening) ||
    once.test(folded) ||
    condition.test(clause) ||
    (TURNED.test(opening) && !folded.includes('?')) ||
    pleaseInside.test(folded.slice(at)) ||
    formal.test(folded.slice(at))
  );
}

/** “dimmelo”, “facci”: irregular imperatives with their pronouns. */
const DOUBLED = /(?:mmi|cci|mmel[oaie]|ccel[oaie])$/;

/** “Langskomen hoeft niet”, “Antworten muss niemand” */
const NEEDLESS =
  /^\p{L}+\s(?:hoeft|hoeven|braucht|brauchst|brauchen|muss|musst|ist|is)\s(?:\p{L}+\s)?(?:niet|nicht|niemand)(?:\s|[.,;!]|$)/u;

const isSomeVerb = (word: string, language: Language) =>
  isVerbForm(word, language) || thirdBase(word, language) !== null;

/** What would be is no order (“ci aiuterebbe”, “ajudava-nos”, “serait”). */
const WOULD = /(?:rebbe(?:ro)?|rait|raient|r[ií]an?|riam|ava|avam)(?:-(?:nos|me))?$|zia[sm]?-(?:nos|me)$/;

function isOrder(rest: string, language: Language, sure: boolean): boolean {
  const { urgentInside } = verbsOf(language);
  const starts =
    startsOrder(rest, language) ||
    startsOrder(rest.replace(urgentInside, '$<verb>'), language) ||
    (sure && isSomeVerb(firstWord(rest), language));
  const waits = verbsOf(language).once.test(rest);
  if (!starts || waits || NEEDLESS.test(rest) || isNoOrder(rest, language) || WOULD.test(firstWord(rest)))
    return false;
  // “Equipa, …” is a greeting.
  const isName = /^[\p{L}'-]+,\s/u.test(rest) && !sure && !hasPronoun(firstWord(rest), language);
  const isLabel = /^[\p{L}'-]+\s*(?:[:=]|\d|no\.|nr\.?|#|n[.º°])/u.test(rest);
  const { noun, pleaseBehind } = verbsOf(language);
  const isNoun =
    noun.test(rest) && !sure && !pleaseBehind.test(rest) && !hasPronoun(firstWord(rest), language);
  // “Rappelez-moi.” says enough alone.
  const isWhole =
    sure ||
    DOUBLED.test(firstWord(rest)) ||
    hasPronoun(firstWord(rest), language) ||
    /\s[\p{L}\p{N}"'“]/u.test(rest);
  return !isLabel && !isName && !isNoun && isWhole;
}
