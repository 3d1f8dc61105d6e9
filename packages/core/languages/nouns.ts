import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { perLanguage } from './languages.ts';
import { isSmall, thirdBase } from './verbs.ts';
import { listOf } from './words.ts';

/** Articles and possessives, folded: what begins the name of a thing. */
const ARTICLES: Record<LanguageCode, string> = {
  en: 'the|your|our|my|a|an|this|these|his|her|their|its',
  de: 'der|die|das|den|dem|ein|eine|einen|einem|ihr|ihre|ihren|ihrem|dein|deine|deinen|euer|eure|euren|unser|unsere|unseren|mein|meine|meinen|diese|dieser|dieses|diesen',
  fr: "le|la|les|l'|un|une|des|mon|ma|mes|ton|ta|tes|son|sa|ses|notre|nos|votre|vos|leur|leurs|ce|cet|cette|ces",
  es: 'el|la|los|las|un|una|unos|unas|mi|mis|tu|tus|su|sus|nuestro|nuestra|nuestros|nuestras|vuestro|vuestra|este|esta|estos|estas',
  pt: 'o|a|os|as|um|uma|uns|umas|meu|minha|teu|tua|teus|tuas|seu|sua|seus|suas|nosso|nossa|este|esta|estes|estas',
  nl: 'de|het|een|uw|je|jouw|jullie|mijn|onze|ons|hun|haar|zijn|deze|dit',
  it: "il|lo|la|i|gli|le|l'|un|una|uno|un'|mio|mia|tuo|tua|tuoi|tue|suo|sua|suoi|sue|nostro|nostra|vostro|vostra|questo|questa",
  sv: 'en|ett|min|mitt|mina|din|ditt|dina|er|ert|era|var|vart|vara|sin|sitt|sina|denna|detta|dessa',
};

const articles = perLanguage(({ code }: Language) => new Set(listOf(ARTICLES[code])));

/** The endings of a Swedish noun with its article. */
const DEFINITE = /^\p{L}{2,}(?:[^aeiouyåäö]et|[^aeiouyåäö]en|[lr]n|an|orna|arna|erna|ingen)$/u;
/** Between a thing and what it is of. */
const OF: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^(?:de|d')$/,
  es: /^de$/,
  pt: /^de$/,
  it: /^d[i']$/,
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

/** “la preghiamo”, “nous vous prions”: a pronoun in front of its verb, which is written like an article. */
const FIRST_PERSON = /(?:iamo|[aei]mos|ons)$/;

/** The thing that a text begins with (“Your new licence runs out” → “your new licence”), or null. */
export function firstThing(text: string, language: Language): string | null {
  const tokens = tokensOf(text, language.code);
  const [first, second] = tokens;
  if (!first) return null;
  const alone = language.code === 'sv' && DEFINITE.test(first.text) && !isSmall(first.text, language);
  if (!alone && !articles(language).has(first.folded)) return null;
  if (!alone && FIRST_PERSON.test(second?.folded ?? '')) return null;
  const last = alone ? 0 : nounEnd(text, tokens, 0, language);
  const end = tokens[last ?? -1]?.end;
  return end === undefined || (last === 0 && !alone) ? null : lowered(text.slice(first.start, end));
}

/** The thing that a text ends with (“There is a form attached” → “a form attached”), or null. */
export function lastThing(text: string, language: Language): string | null {
  const tokens = tokensOf(text, language.code);
  const at = tokens.findLastIndex(({ folded }) => articles(language).has(folded));
  const [first, last] = [tokens[at], tokens.at(-1)];
  return !first || !last || at === tokens.length - 1 || tokens.length - at > 5
    ? null
    : lowered(text.slice(first.start, last.end));
}

const tokensOf = (text: string, code: LanguageCode): Token[] =>
  [...text.matchAll(code === 'fr' || code === 'it' ? /\p{L}+['’]|[\p{L}-]+/gu : /[\p{L}-]+/gu)].map((m) => ({
    text: m[0],
    folded: fold(m[0]),
    start: m.index,
    end: m.index + m[0].length,
  }));

function nounEnd(text: string, tokens: readonly Token[], at: number, language: Language): number | null {
  const { code } = language;
  if (code === 'de') {
    const noun = tokens.slice(at + 1, at + 4).findIndex((t) => /^\p{Lu}/u.test(t.text));
    const between = text.slice(tokens[at]?.end, tokens[at + 1 + noun]?.start);
    return noun === -1 || /[.,;:!?]/.test(between) ? null : at + 1 + noun;
  }
  let last = at;
  const most = MOST_WORDS[code] ?? (PRENOMINAL.test(tokens[at + 1]?.folded ?? '') ? 2 : 1);
  for (let i = at + 1; i <= at + most; i += 1) {
    const [before, token] = [tokens[i - 1], tokens[i]];
    if (!before || !token || /[^\s]/.test(text.slice(before.end, token.start))) break;
    if (isSmall(token.text, language) || articles(language).has(token.folded)) break;
    if (last > at && isFinite(token.text, language)) break;
    last = i;
  }
  const [of, whole] = [tokens[last + 1], tokens[last + 2]];
  const belongs = of !== undefined && OF[code]?.test(of.folded) && whole !== undefined;
  return belongs && !articles(language).has(whole.folded) && /^\s*$/.test(text.slice(of.end, whole.start))
    ? last + 2
    : last;
}

/** A verb that tells what the thing does, which ends its name. */
const isFinite = (word: string, language: Language) =>
  thirdBase(word, language) !== null || (language.code === 'nl' && word.endsWith('t'));

const lowered = (text: string) =>
  text.replace(/^\p{Lu}(?=\p{Ll}{0,6}[\s'’])/u, (letter) => letter.toLowerCase());
