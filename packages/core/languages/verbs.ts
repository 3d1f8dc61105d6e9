import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { perLanguage } from './languages.ts';
import { verbsOf } from './verbPatterns.ts';
import { verbTable } from './verbTable.ts';
import { listOf } from './words.ts';

/** “Unless …”, “if … not …”: where the folded words go on behind that, or null. */
export function undoneAt(folded: string, language: Language): number | null {
  const { withoutDoing, unless, not } = verbsOf(language);
  const plain = withoutDoing.exec(folded)?.[0].length;
  if (plain !== undefined) return plain;
  const [clause = ''] = folded.split(/[,;]/);
  return clause.search(not) === -1 ? null : (unless.exec(folded)?.[0].length ?? null);
}

/**
 * The base form of a verb where the tables know it: “envíenos” → “enviar”, “rewriting” → “rewrite”. Swedish writes its
 * orders to oneself as the imperative too.
 */
export function baseForm(word: string, language: Language): string {
  if (language.code === 'sv') return word.replace(/ade$/, 'a');
  const { sure, doubtful } = verbTable(language);
  const form = [fold(word), bare(word, language)].find((f) => sure.has(f) || doubtful.has(f));
  const known = sure.get(form ?? '') ?? doubtful.get(form ?? '');
  return known ?? gerundBase(word, language) ?? thirdBase(word, language) ?? withoutPronoun(word, language);
}

/** An unknown verb without the pronoun written onto it: “encurtá-la” → “encurtar”, “glisse-la” → “glisser”. */
function withoutPronoun(word: string, language: Language): string {
  const cut = bare(word, language);
  if (cut !== fold(word)) return cut;
  const stem = HYPHENED[language.code]?.test(fold(word)) ? (word.split('-')[0] ?? word) : word;
  if (stem !== word && language.code === 'fr') return stem.replace(/(?:ez|es?)$/, 'er');
  return stem === word ? word : (thirdBase(stem, language) ?? stem);
}

/** “asks” → “ask”, “vervangt” → “vervangen”: what somebody does, as its base form; null where it is no verb. */
export function thirdBase(word: string, language: Language): string | null {
  const { sure, doubtful } = verbTable(language);
  const folded = fold(word);
  const irregular = verbsOf(language).third.get(folded);
  if (irregular !== undefined) return irregular;
  const ends: readonly (readonly [RegExp, string])[] = THIRD_PERSON[language.code] ?? [[/$/, '']];
  const forms = ends.filter(([end]) => end.test(folded)).map(([end, base]) => folded.replace(end, base));
  const form = forms.find((one) => sure.has(one) || doubtful.has(one));
  const base = sure.get(form ?? '') ?? doubtful.get(form ?? '') ?? null;
  return base === null || (fold(base) === folded && language.code !== 'sv') ? null : base;
}

/** The same behind the name of who does it, where more endings are sure: “Mara scrive”, “Jean répond”. */
export function actingBase(word: string, language: Language): string | null {
  const ends = ACTING[language.code] ?? [];
  const forms = ends.filter(([end]) => end.test(word)).map(([end, base]) => word.replace(end, base));
  return thirdBase(word, language) ?? forms.map((form) => thirdBase(form, language)).find(Boolean) ?? null;
}

const ACTING: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  it: [[/e$/, 'i']],
  fr: [[/d$/, 'ds'], [/t$/, 's']],
}; // prettier-ignore

/** The ending of the third person, and what stands there in a form that the table knows. */
const THIRD_PERSON: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  en: [[/ies$/, 'y'], [/s$/, ''], [/es$/, '']],
  de: [[/t$/, 't']],
  nl: [[/t$/, '']],
  sv: [[/r$/, 'r']],
}; // prettier-ignore

/** “rewriting” → “rewrite” */
function gerundBase(word: string, language: Language): string | undefined {
  const stem = language.code === 'en' ? /^(.{2,})ing$/.exec(fold(word))?.[1] : undefined;
  if (stem === undefined) return undefined;
  const bases = [stem, `${stem}e`, stem.replace(/(.)\1$/, '$1')];
  return bases.find((base) => isVerb(base, language) || verbTable(language).doubtful.has(base));
}

/** Infinitives by their ending, at least this long; words that only look like them. */
const INFINITIVE: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^(?!hiver|cahier|fevrier|janvier|papier|courrier|dossier|atelier|fichier|premier|dernier|quartier|chantier|loyer|entier|avenir|plaisir|cadre|lettre|ordre|chambre|ombre|titre)\p{L}{2,}(?:[^i]er|(?<!o)ir|dre|ttre)$/u,
  es: /^(?!taller|lugar|alquiler|mujer|primer|tercer|cualquier|hogar|similar|escolar|placer|poder|ayer|popular|familiar|titular|militar)\p{L}{3,}(?:ar|er|ir)$/u,
  pt: /^(?!lugar|mulher|qualquer|similar|escolar|prazer|poder|popular|familiar|titular|militar)\p{L}{3,}(?:ar|er|ir)$/u,
  it: /^(?!cellulare|esemplare|scolare|particolare|popolare|generale|parere|piacere|potere|dovere|carattere|genere|lettere|opere|camere)\p{L}{3,}(?:are|ire|[^aeiou]ere)$/u,
};

const bases = perLanguage(
  ({ requests }: Language) => new Set([requests.verbs, requests.moreVerbs].join('|').split('|')),
);

/** Whether the word is the infinitive of a verb, with or without its pronouns. */
export function isInfinitive(word: string, language: Language): boolean {
  const verb = bare(word, language);
  const base = verbTable(language).sure.get(verb) ?? verbTable(language).doubtful.get(verb);
  // “andra” is no “ändra”.
  const isSame =
    language.code === 'sv'
      ? bases(language).has(word.toLowerCase())
      : base !== undefined && fold(base) === verb;
  return isSame || (INFINITIVE[language.code]?.test(verb) ?? false);
}

/** Pronouns that are written onto the verb. */
const CLITICS: Partial<Record<LanguageCode, RegExp>> = {
  es: /(?<=.{3})(?:me|nos|le|les|lo|la|los|las|te|se|os)$/,
  it: /(?<=.{3})(?:mi|ci|gli|le|lo|la|li|ti|vi|[mctv]e(?:l[oaie]|ne)|gliel[oaie]|ne|si)$/,
  fr: /-(?:nous|moi|lui|leur|vous|toi|le|la|les|y|en)$/,
  pt: /-(?:me|nos|lhe|lhes|te|se|vos|o|a|os|as|mo|ma|lo|la|los|las|no|na|nas)$/,
};

/** Folded, without one or two pronouns written onto it where that leaves a verb; “inviarci” gets its “e” back. */
function bare(word: string, language: Language): string {
  const whole = fold(word);
  const clitic = CLITICS[language.code];
  // “segnali” is of “segnalare”.
  if (!clitic || (language.code === 'it' && verbTable(language).doubtful.has(whole))) return whole;
  const one = whole.replace(clitic, '');
  const cuts = [one, one.replace(clitic, '')].filter((cut) => cut !== whole);
  const { sure, doubtful } = verbTable(language);
  const isKnown = (cut: string) => sure.has(cut) || doubtful.has(cut);
  const forms = cuts.flatMap((cut) =>
    language.code === 'it' && /[aei]r$/.test(cut)
      ? [`${cut}e`]
      : language.code === 'pt' && /-l[oa]s?$/.test(whole)
        ? [`${cut}r`, cut]
        : [cut],
  );
  const known = forms.find(isKnown) ?? forms.find((form) => INFINITIVE[language.code]?.test(form) ?? false);
  return known ?? whole;
}

/** Whether the word is a verb that a request may begin with. */
export function isVerb(word: string, language: Language): boolean {
  const { sure, doubtful } = verbTable(language);
  const whole = fold(word);
  if (sure.has(whole)) return true;
  const cut = bare(word, language);
  if (cut !== whole && (sure.has(cut) || doubtful.has(cut))) return true;
  return INFINITIVE[language.code]?.test(cut) ?? false;
}

/** Whether a pronoun is written onto the verb, which no noun has. */
export const hasPronoun = (word: string, language: Language) =>
  isVerb(word, language) && bare(word, language) !== fold(word);

/** Whether the word may be a form of a verb, which only its place can tell. */
export const isVerbForm = (word: string, language: Language) =>
  isVerb(word, language) || verbTable(language).doubtful.has(fold(word));

/** “llámenos”, “rappelez-moi”: an imperative with its pronoun; no infinitive, gerund or inverted question has one. */
export function asksByPronoun(word: string, language: Language): boolean {
  if (!(ASKING[language.code]?.test(word) ?? false) || !hasPronoun(word, language)) return false;
  const verb = bare(word, language);
  // “envia-nos” is of “enviar”.
  const tells = TELLS.test(verb) && !(verb.endsWith('ia') && isInfinitive(`${verb}r`, language));
  return !isInfinitive(verb, language) && !tells;
}

/** Gerunds, what was and what would be. */
const TELLS = /(?:ndo|av[ao]|ab[ao]|[rd]?ia|rebbe|[ei]va)$/;

const ASKING: Partial<Record<LanguageCode, RegExp>> = {
  es: /(?:me|nos|l[oa]s?)$/,
  it: /(?:mi|ci|[mct]el[oaie])$/,
  fr: /-(?:moi|nous|les?|la|lui|leur|m'en|nous-en)$/,
  pt: /-(?:me|nos|lhes?|m[oa]|l?[oa]s?)$/,
};

/** Pronouns written onto the verb that stand for a thing. */
const THINGS: Partial<Record<LanguageCode, RegExp>> = {
  es: /l[oa]s?$/,
  it: /(?:l[oaie]|ne)$/,
  fr: /^(?!di(?:s|tes)-).*-(?:les?|la|en)(?:-(?:moi|nous|lui|leur))?$/,
  pt: /-(?:l?[oa]s?|m[oa]|n[oa]|nas)$/,
};

/** Whether the verb carries a pronoun for a thing named before (“restituirla”). */
export const refersBack = (verb: string, language: Language) =>
  (hasPronoun(verb, language) || (HYPHENED[language.code]?.test(fold(verb)) ?? false)) &&
  (THINGS[language.code]?.test(fold(verb)) ?? false);

/** Whether the folded words begin with an order: a verb, or what may be one in front of its object. */
export function startsOrder(words: string, language: Language): boolean {
  const first = /^[\p{L}'-]+/u.exec(words)?.[0] ?? '';
  if (isVerb(first, language) || isOrderByPlace(words, language)) return true;
  if (HYPHENED[language.code]?.test(first)) return true;
  const [, other] =
    /^[\p{L}'-]+\s+(?:and|or|und|oder|et|ou|y|o|u|e|en|of|och|eller)\s+([\p{L}'-]+)\s/u.exec(words) ?? [];
  if (other !== undefined && isVerbForm(first, language) && isVerbForm(other, language)) return true;
  if (!verbsOf(language).determined.test(words)) return false;
  return verbTable(language).doubtful.has(first) || (STRANGE[language.code]?.test(first) ?? false);
}

/** A pronoun behind its hyphen, which at the start of a sentence only an imperative has (“glisse-la”, “mete-a”). */
const HYPHENED: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^\p{L}{3,}-(?:moi|nous|les?|la|lui|leur|en)(?:-.*)?$/u,
  pt: /^\p{L}{3,}-(?:me|nos|lhes?|[oa]s?|mo|ma)$/u,
};

/** “Senti per favore”: what stands in front of “please” is a verb if it ends like one and is no small word. */
function isOrderByPlace(words: string, language: Language): boolean {
  const verb = verbsOf(language).pleaseBehind.exec(words)?.groups?.verb;
  if (verb === undefined || !(IMPERATIVE[language.code]?.test(verb) ?? false)) return false;
  return !isSmall(verb, language);
}

const IMPERATIVE: Partial<Record<LanguageCode, RegExp>> = {
  fr: /(?:ez|e|s)$/,
  es: /(?:[aei]|an|en|ad|ed|id)$/,
  it: /(?:[aei]|te|no)$/,
  pt: /(?:[aei]|am|em)$/,
};
const smallWords = perLanguage(
  ({ common, requests }: Language) =>
    new Set([common, requests.determiners, requests.please].flatMap(listOf)),
);

/** Function words, determiners and politeness. */
export const isSmall = (word: string, language: Language) => smallWords(language).has(fold(word));

/** The ending of an imperative that no table needs to know. */
const STRANGE: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^(?!assez|chez|nez|rendez-vous|veuillez|voudriez|pourriez|pouvez|devez|avez|savez)\p{L}{3,}ez$/u,
};

/** Whether the words are put as an order: the verb first or, where the language has it so, last. */
export function beginsWithVerb(words: string, language: Language): boolean {
  const tokens = words.trim().split(/\s+/);
  const last = (tokens.at(-1) ?? '').replace(/[^\p{L}'-]/gu, '');
  if (tokens.length > 1 && startsOrder(fold(words).replace(/^[^\p{L}]+/u, ''), language)) return true;
  return language.requests.verbLast && tokens.length > 1 && /^\p{Ll}/u.test(last) && isVerb(last, language);
}

/** “confirmation” → “confirm”, “Begleichung” → “begleichen”; null where the noun names no action. */
export function actionBase(noun: string, language: Language): string | null {
  const known = verbsOf(language).actionNouns.get(fold(noun));
  if (known !== undefined) return known;
  // “das Einreichen”, “het inleveren”
  if (language.requests.verbLast && verbTable(language).sure.get(fold(noun)) === noun.toLowerCase())
    return noun.toLowerCase();
  const turned = ACTIONS[language.code].flatMap(([ending, base]) =>
    ending.test(noun) ? [noun.toLowerCase().replace(ending, base)] : [],
  );
  return turned.find((base) => verbTable(language).sure.has(fold(base))) ?? null;
}

const ACTIONS: Record<LanguageCode, readonly (readonly [RegExp, string])[]> = {
  en: [[/ation$/, ''], [/ation$/, 'e'], [/ation$/, 'ate'], [/ment$/, ''], [/al$/, 'e'], [/ion$/, 'e'], [/ion$/, ''], [/ature$/, '']],
  de: [[/ung$/, 'en'], [/ung$/, 'n']],
  fr: [[/ation$/, 'er'], [/ion$/, 'er'], [/e?ment$/, 'er'], [/age$/, 'er']],
  es: [[/ción$/, 'r']],
  pt: [[/ção$/, 'r'], [/mento$/, 'r']],
  nl: [[/ing$/, 'en']],
  it: [[/zione$/, 're'], [/mento$/, 're']],
  sv: [[/(?:n?ing(?:en|ar)?|else[nr]?|[ae]nde(?:t)?)$/, 'a']],
}; // prettier-ignore
