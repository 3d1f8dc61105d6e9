import type { Spoken } from '../dates/index.ts';
import { fold, thingsIn, verbsOf, type Language, type LanguageCode, type Thing } from '../languages/index.ts';

/** So many sentences back a pronoun may reach. */
const REACH = 3;

/** What a pronoun agrees with: the article or the number in front of a thing, or the ending of its noun. */
interface Agreement {
  pronoun: RegExp;
  article: RegExp;
  noun?: RegExp;
}

/**
 * The thing that the pronoun of a request stands for: of the words ahead of it and the sentences before, the last that
 * name one which agrees with it; what is missing, or named for the first time (“a form”), before the others. Null where none does.
 */
export function antecedentOf(
  request: string,
  ahead: string,
  sentences: readonly Spoken[],
  language: Language,
): string | null {
  const agreement = agreementOf(request, ahead, language);
  if (!agreement) return null;
  const spoken = sentences.slice(-REACH).filter((sentence) => sentence.language === language);
  const shown = spoken.flatMap((sentence) => presented(sentence) ?? []);
  const known = shown.findLast((thing) => agrees(thing, agreement));
  if (known) return known.words;
  for (const text of [ahead, ...spoken.map((sentence) => sentence.text).toReversed()]) {
    const things = thingsIn(text, language).filter((thing) => agrees(thing, agreement));
    const thing =
      things.find(({ lacks }) => lacks) ?? things.find(({ article }) => NEW.test(article)) ?? things[0];
    if (thing) return thing.words;
  }
  return null;
}

/** Whether the pronoun of a request, where it has one, may stand for the thing that these words begin with. */
export function fits(words: string, request: string, ahead: string, language: Language): boolean {
  const agreement = agreementOf(request, ahead, language);
  const article = fold(/^\p{L}+['’]?/u.exec(words)?.[0] ?? '');
  return !agreement || agrees({ words, article, lacks: false }, agreement);
}

function agreementOf(request: string, ahead: string, language: Language): Agreement | undefined {
  const before = /(?:\p{L}{1,4}\s+)?[\p{L}'’]+\s*$/u.exec(ahead)?.[0] ?? '';
  const words = (ENDINGS.has(language.code) ? VERB : FEW_WORDS).exec(request)?.[0] ?? '';
  const near = fold(`${before}${words}`);
  return AGREEMENTS[language.code].find(({ pronoun }) => pronoun.test(near));
}

/** A pronoun is written onto its verb, or stands in front of it; or it stands behind it. */
const ENDINGS: ReadonlySet<string> = new Set(['fr', 'es', 'pt', 'it']);
const VERB = /^\s*[\p{L}'’-]+/u;
const FEW_WORDS = /^\s*(?:[\p{L}'’-]+\s+){0,9}[\p{L}'’-]+/u;

/** “Attached is the contract.” */
export function presented({ text, folded, language }: Spoken): Thing | null {
  const found = verbsOf(language).presents.exec(folded);
  if (!found) return null;
  const rest = text.slice(found.index + found[0].length).trim();
  const [thing] = thingsIn(rest, language);
  // “I attach order 88-12.”
  const numbered = /^\p{L}+\s\S*\d\S*(?=\.?$)/u.exec(rest)?.[0].replace(/\.$/, '');
  return thing ?? (numbered === undefined ? null : { words: numbered, article: '', lacks: false });
}

function agrees({ words, article }: Thing, { article: articles, noun }: Agreement): boolean {
  const last = fold(words.split(/\s/).at(-1) ?? '');
  return articles.test(article) && (noun?.test(last) ?? true);
}

/** The article of what was not spoken of before. */
const NEW = /^(?:an?|ein|eine|einen|einem|une?|un'|una|uno|unos|unas|uma?s?|een|en|ett)$/;

const ONE = "l'|votre|notre|leur";
const AGREEMENTS: Record<LanguageCode, readonly Agreement[]> = {
  en: [
    { pronoun: /\bit\b/, article: /./, noun: /(?:[^s]|ss)$/ },
    { pronoun: /\b(?:them|those|these)\b/, article: /./, noun: /[^s]s$/ },
  ],
  de: [
    { pronoun: /\bihn\b/, article: /^(?:der|den|.*en|.*ein|ihr|unser|euer)$/ },
    { pronoun: /\bes\b/, article: /^(?:das|dem|dieses|.*ein|.*em|ihr|unser|euer)$/ },
    { pronoun: /\bsie\b/, article: /e$/ },
  ],
  fr: [
    { pronoun: /(?:\b|-)la\b/, article: new RegExp(`^(?:la|une|cette|[mts]a|${ONE})$`) },
    { pronoun: /(?:\b|-)le\b/, article: new RegExp(`^(?:le|un|cet?|[mts]on|${ONE})$`) },
    { pronoun: /(?:\b|-)les\b/, article: /^(?:[ldcmts]es|[vn]os|leurs)$/ },
    { pronoun: /\bl'/, article: new RegExp(`^(?:l[ae]|une?|cet?|cette|[mts](?:on|a)|${ONE})$`) },
  ],
  es: [
    { pronoun: /los\b/, article: /^(?:[eundmtsv].*os|mis|tus|sus|los)$/ },
    { pronoun: /las\b/, article: /^(?:.*as|mis|tus|sus)$/ },
    { pronoun: /la\b/, article: /^(?:la|.*[nrt]a|mi|tu|su)$/ },
    { pronoun: /lo\b/, article: /^(?:el|un|est?e|.*ro|mi|tu|su)$/ },
  ],
  pt: [
    { pronoun: /(?:-l?|\b|del)[oe]s\b/, article: /os$|^uns$/ },
    { pronoun: /(?:-l?|\b|del)as\b/, article: /as$/ },
    { pronoun: /(?:-l?|\b|del)a\b/, article: /a$/ },
    { pronoun: /(?:-l?|\b)o\b|dele\b/, article: /^(?:o|um|este|.*eu|.*sso)$/ },
  ],
  nl: [
    { pronoun: /\ber\b/, article: /./ },
    { pronoun: /\bhem\b/, article: /^(?:de|een|uw|je|jouw|jullie|mijn|onze|deze)$/ },
    { pronoun: /\bhet\b/, article: /^(?:het|een|uw|je|jouw|jullie|mijn|ons|dit)$/ },
    { pronoun: /\bze\b/, article: /^(?:de|uw|je|jouw|jullie|mijn|onze|deze)$/, noun: /(?:en|s)$/ },
  ],
  it: [
    { pronoun: /li\b/, article: /^(?:i|gli|.*[nts]?[uo]?oi|miei|questi)$/ },
    { pronoun: /le\b/, article: /^(?:le|.*ue|.*tre|mie|queste)$/ },
    { pronoun: /la\b/, article: /^(?:la|una|un'|l'|questa|.*[ur]a|mia)$/ },
    { pronoun: /lo\b/, article: /^(?:il|lo|uno?|l'|questo|.*[ur]o|mio)$/ },
  ],
  sv: [
    { pronoun: /\bdem\b/, article: /(?:na|or|ar|er|en)$/ },
    { pronoun: /\bden\b/, article: /(?:^en|[^e]n|an|ar|er|in|en|denna)$/ },
    { pronoun: /\bdet\b/, article: /(?:t|ett)$/ },
  ],
}; // prettier-ignore
