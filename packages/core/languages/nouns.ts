import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { perLanguage } from './languages.ts';
import { isInfinitive, isSmall, thirdBase } from './verbs.ts';
import { listOf } from './words.ts';

/** Articles and possessives, folded: what begins the name of a thing. */
const ARTICLES: Record<LanguageCode, string> = {
  en: 'the|your|our|my|a|an|this|these|his|her|their|its',
  de: 'keine|keinen|kein|sein|seine|seinen|deren|der|die|das|den|dem|ein|eine|einen|einem|ihr|ihre|ihren|ihrem|dein|deine|deinen|euer|eure|euren|unser|unsere|unseren|mein|meine|meinen|diese|dieser|dieses|diesen',
  fr: "aucun|aucune|le|la|les|l'|un|une|des|mon|ma|mes|ton|ta|tes|son|sa|ses|notre|nos|votre|vos|leur|leurs|ce|cet|cette|ces",
  es: 'ningún|ninguna|el|la|los|las|un|una|unos|unas|mi|mis|tu|tus|su|sus|nuestro|nuestra|nuestros|nuestras|vuestro|vuestra|este|esta|estos|estas',
  pt: 'nenhum|nenhuma|o|a|os|as|um|uma|uns|umas|meu|minha|teu|tua|teus|tuas|seu|sua|seus|suas|nosso|nossa|este|esta|estes|estas',
  nl: 'geen|de|het|een|uw|je|jouw|jullie|mijn|onze|ons|hun|haar|zijn|deze|dit',
  it: "nessun|nessuna|il|lo|la|i|gli|le|l'|un|una|uno|un'|mio|mia|tuo|tua|tuoi|tue|suo|sua|suoi|sue|nostro|nostra|vostro|vostra|questo|questa",
  sv: 'ingen|inget|inga|en|ett|min|mitt|mina|din|ditt|dina|er|ert|era|var|vart|vara|sin|sitt|sina|denna|detta|dessa',
};

/** What is not there yet is named by its noun alone (“keine Größe”). */
const NONE = /^(?:keine?n?|geen|ing(?:en|et|a)|ningun[oa]?|aucune?|nessuna?|nenhuma?)$/;

const articles = perLanguage(({ code }: Language) => new Set(listOf(ARTICLES[code])));

/** The endings of a Swedish noun with its article. */
const DEFINITE = /^\p{L}{2,}(?:[^aeiouyåäö]et|[^aeiouyåäö]en|[lr]n|an|orna|arna|erna|ingen)$/u;
/** Between a thing and what it is of. */
const OF: Partial<Record<LanguageCode, RegExp>> = {
  en: /^of$/,
  de: /^(?:der|des)$/,
  fr: /^(?:de|d'|du|des)$/,
  es: /^del?$/,
  pt: /^d(?:e|[oa]s?)$/,
  it: /^(?:di|d'|de[il]|del(?:la|le|lo|l')|degli)$/,
  nl: /^van$/,
  sv: /^av$/,
};
/** Adjectives stand in front of their noun and are many words long at most. */
const MOST_WORDS: Partial<Record<LanguageCode, number>> = { en: 3, nl: 2, sv: 2 };

/** Adjectives that stand in front of the noun in Romance languages too. */
const PRENOMINAL =
  /^(?:second|segund|prim|premi|deuxi|troisi|terz|tercer|terceir|ultim|derni|nouve|nuev|nov[oa]|nuov|gran|ancien|antig|vecchi)/;

interface Token {
  text: string;
  folded: string;
  start: number;
  end: number;
}

/** “la preghiamo”, “le allego”: a pronoun in front of its verb, which is written like an article. */
const isSpoken = (article: string, verb: string): boolean =>
  /(?:iamo|[aei]mos|ons)$/.test(verb) ||
  (/^l[ae]s?$/.test(article) && verb.endsWith('o') && !/^(?:foto|mano|radio|moto)$/.test(verb));

/** The thing that a text begins with (“Your new licence runs out” → “your new licence”), or null. */
export function firstThing(text: string, language: Language): string | null {
  const tokens = tokensOf(text, language.code);
  const [first, second] = tokens;
  if (!first) return null;
  const alone = language.code === 'sv' && DEFINITE.test(first.text) && !isSmall(first.text, language);
  if (!alone && !articles(language).has(first.folded)) return null;
  if (!alone && isSpoken(first.folded, second?.folded ?? '')) return null;
  // “la tua lista”
  const from = TWO_ARTICLES.test(language.code) && articles(language).has(second?.folded ?? '') ? 1 : 0;
  const last = alone ? 0 : nounEnd(text, tokens, from, language);
  const end = tokens[last ?? -1]?.end;
  return end === undefined || (last === from && !alone) ? null : lowered(text.slice(first.start, end));
}

/** A thing that a text names, and the folded article or number in front of it; a Swedish noun may have neither. */
export interface Thing {
  words: string;
  article: string;
  /** It is what is missing (“without your number”). */
  lacks: boolean;
}

const LACKS = /^(?:without|ohne|sans|sin|sem|senza|zonder|utan)$/;

/** Languages in which an article stands in front of a possessive too. */
const TWO_ARTICLES = /^(?:it|pt)$/;

/** Numbers and times: “your six”, “one day”. */
const noThing = perLanguage(({ numbers, months, weekdays, dates }: Language) => {
  const times = [dates.hour, dates.day, dates.week, dates.month, dates.year, dates.weeks, dates.time];
  return new Set([numbers.replace(/\d+ /g, ''), ...months, ...weekdays, ...times].flatMap(listOf));
});

/** The things that a text names by an article or a number, but those behind a preposition. */
export function thingsIn(text: string, language: Language): Thing[] {
  const tokens = tokensOf(text, language.code);
  const things: Thing[] = [];
  let end = 0;
  tokens.forEach((token, i) => {
    if (token.start < end || noObject(language).has(tokens[i - 1]?.folded ?? '')) return;
    // “está”, “tú”
    if (/^(?:est[áã]o?|tú)$/iu.test(token.text)) return;
    const words = firstThing(text.slice(token.start), language);
    const noun = words?.split(/[\s'’]/).at(-1) ?? '';
    const isDeed = token.folded === 'a' && isInfinitive(tokens[i + 1]?.text ?? '', language);
    if (words === null || noThing(language).has(fold(noun)) || isDeed) return;
    // “el 26 de febrero”
    if (/^\s*\d/.test(text.slice(token.end))) return;
    end = token.start + words.length;
    const named = NONE.test(token.folded) ? words.replace(/^\S+\s/, '') : words;
    things.push({ words: named, article: token.folded, lacks: LACKS.test(tokens[i - 1]?.folded ?? '') });
  });
  return things;
}

const PREPOSITIONS: Record<LanguageCode, string> = {
  en: 'of|in|at|on|from|with|for|to|by|about|near|behind|before|after|since|during|into|than|within|until|under|over',
  de: 'mit|von|bei|aus|nach|zu|in|an|auf|für|über|unter|vor|hinter|neben|seit|während|wegen|durch|gegen|um|bis|ab|trotz|laut|pro',
  fr: "à|de|d'|dans|sur|avec|pour|par|chez|sous|en|vers|depuis|pendant|dès|après|avant|jusqu'à|selon|entre",
  es: 'a|de|en|con|por|para|sobre|desde|hasta|tras|según|durante|entre|bajo|ante',
  pt: 'a|em|com|por|para|sobre|desde|até|após|segundo|durante|de|entre|sob',
  nl: 'van|in|op|met|voor|door|bij|uit|naar|aan|over|tijdens|na|sinds|tegen|om|per|onder|tussen|tot|binnen',
  it: "di|a|da|in|con|su|per|tra|fra|durante|dopo|prima|secondo|d'",
  sv: 'av|i|på|med|för|från|till|om|vid|hos|under|efter|före|sedan|mot|mellan|inom|innan',
};

const endsNoun = perLanguage(
  ({ code }: Language) => new Set([ARTICLES[code], PREPOSITIONS[code]].flatMap(listOf)),
);

/** Behind them stands what is not acted on, or what a thing is like (“lotten är vildvuxen”). */
const noObject = perLanguage(
  ({ code }: Language) => new Set(listOf(`${PREPOSITIONS[code]}|är|var|blir|mycket|ganska`)),
);

/** The thing that a text ends with (“There is a form attached” → “a form attached”), or null. */
export function lastThing(text: string, language: Language): string | null {
  const tokens = tokensOf(text, language.code);
  const at = tokens.findLastIndex(({ folded }) => articles(language).has(folded));
  const [first, last] = [tokens[at], tokens.at(-1)];
  return !first || !last || at === tokens.length - 1 || tokens.length - at > 5
    ? null
    : lowered(text.slice(first.start, last.end));
}

/** “your resident’s | permit”, “l’ | avis” */
const WITH_S = /\p{L}[\p{L}\p{N}-]*(?:['’]s(?!\p{L}))?/gu;
const ELIDED = /\p{L}+['’]|\p{L}[\p{L}\p{N}-]*/gu;
const TOKENS: Partial<Record<LanguageCode, RegExp>> = {
  en: WITH_S,
  nl: WITH_S,
  fr: ELIDED,
  it: ELIDED,
};

const tokensOf = (text: string, code: LanguageCode): Token[] =>
  [...text.matchAll(TOKENS[code] ?? /\p{L}[\p{L}\p{N}-]*/gu)].map((m) => ({
    text: m[0],
    folded: fold(m[0]),
    start: m.index,
    end: m.index + m[0].length,
  }));

/** Where the name of a thing ends: its noun, or what that is of. */
function nounEnd(text: string, tokens: readonly Token[], at: number, language: Language): number | null {
  const last = language.code === 'de' ? capitalEnd(text, tokens, at) : nounAt(text, tokens, at, language);
  return last === null || last === at ? last : wholeEnd(text, tokens, last, language);
}

function capitalEnd(text: string, tokens: readonly Token[], at: number): number | null {
  const noun = tokens.slice(at + 1, at + 4).findIndex((t) => /^\p{Lu}/u.test(t.text));
  const between = text.slice(tokens[at]?.end, tokens[at + 1 + noun]?.start);
  return noun === -1 || /[.,;:!?]/.test(between) ? null : at + 1 + noun;
}

function nounAt(text: string, tokens: readonly Token[], at: number, language: Language): number {
  let last = at;
  const most = MOST_WORDS[language.code] ?? (PRENOMINAL.test(tokens[at + 1]?.folded ?? '') ? 2 : 1);
  for (let i = at + 1; i <= at + most; i += 1) {
    const [before, token] = [tokens[i - 1], tokens[i]];
    if (!before || !token || !isApart(text, before, token)) break;
    if (isSmall(token.text, language) || endsNoun(language).has(token.folded)) break;
    if (last > at && isFinite(token.text, language)) break;
    last = i;
  }
  return last;
}

/** “a letter | of invitation”, “la liste | des pièces”, “die Bescheinigung | der Kasse” */
function wholeEnd(text: string, tokens: readonly Token[], last: number, language: Language): number {
  const { code } = language;
  const [noun, of] = [tokens[last], tokens[last + 1]];
  if (!noun || !of || OF[code]?.test(of.folded) !== true || !isApart(text, noun, of)) return last;
  const at = articles(language).has(tokens[last + 2]?.folded ?? '') ? last + 3 : last + 2;
  const [before, whole] = [tokens[at - 1], tokens[at]];
  const isNoun =
    before &&
    whole &&
    isApart(text, before, whole) &&
    !isSmall(whole.text, language) &&
    !articles(language).has(whole.folded);
  if (!isNoun) return last;
  return code === 'de' ? (/^\p{Lu}/u.test(whole.text) ? at : last) : nounAt(text, tokens, at - 1, language);
}

const isApart = (text: string, a: Token, b: Token) => /^\s*$/.test(text.slice(a.end, b.start));

/** A verb that tells what the thing does, which ends its name. */
const isFinite = (word: string, language: Language) =>
  thirdBase(word, language) !== null ||
  tells(language).has(fold(word)) ||
  (language.code === 'nl' && word.endsWith('t'));

const tells = perLanguage(({ requests }: Language) => new Set(listOf(requests.is)));

const lowered = (text: string) =>
  text.replace(/^\p{Lu}(?=\p{Ll}{0,6}[\s'’])/u, (letter) => letter.toLowerCase());
