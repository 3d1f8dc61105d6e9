import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { verbsOf } from './verbPatterns.ts';
import { isVerbForm } from './verbs.ts';
import { verbTable } from './verbTable.ts';

/** “signed” → “sign”, “complété” → “compléter”, “fyllas” → “fylla”; null where the word is no participle. */
export function participleBase(word: string, language: Language): string | null {
  const { participles, particles } = verbsOf(language);
  const [ending, masculine] = AGREES[language.code] ?? [/$/, ''];
  const known = participles.get(fold(word)) ?? participles.get(fold(word).replace(ending, masculine));
  if (known !== undefined) return known;
  // “aufgeschlossen” → “aufschließen”, “ingediend” → “indienen”
  for (const particle of particles) {
    const base = fold(word).startsWith(particle)
      ? participles.get(fold(word).slice(particle.length))
      : undefined;
    if (base !== undefined) return `${particle}${base}`;
  }
  // “beglichen” → “begleichen”
  const joined = JOINED[language.code]?.exec(fold(word));
  const simple = joined && participles.get(`ge${fold(word).slice(joined[0].length)}`);
  if (joined && simple !== undefined) return `${joined[0]}${simple}`;
  // “geüpload” → “uploaden”
  const plain = language.code === 'nl' ? word.replace(/(?<=ge)[ëïöü]/u, fold) : word;
  const turned =
    PARTICIPLES[language.code]?.map(([ending, base]) =>
      ending.test(plain) ? plain.replace(ending, base) : null,
    ) ?? [];
  const bases = turned.filter((base) => base !== null);
  const { sure, doubtful } = verbTable(language);
  return (
    bases.find((base) => sure.has(fold(base)) || doubtful.has(fold(base))) ??
    bases.find((base) => isVerbForm(base, language)) ??
    partedBase(word, language) ??
    insideBase(word, language)
  );
}

/** The endings that agree, and the one that the table has: “promessa” → “promesso”, “mises” → “mis”. */
const AGREES: Partial<Record<LanguageCode, readonly [RegExp, string]>> = {
  it: [/[aei]$/, 'o'],
  es: [/(?:a|[oa]s)$/, 'o'],
  pt: [/(?:a|[oa]s)$/, 'o'],
  fr: [/(?:es?|s)$/, ''],
};

/** “zurückzuschneiden” → “zurückschneiden” */
function insideBase(word: string, language: Language): string | null {
  const [particle, verb] = partsAtZu(word.toLowerCase(), language) ?? [];
  return particle === undefined || verb === undefined || !isVerbForm(verb, language)
    ? null
    : `${particle}${verb}`;
}

/** “einzureichen” → “einreichen” */
export const withoutZu = (verb: string, language: Language): string =>
  partsAtZu(verb, language)?.join('') ?? verb;

function partsAtZu(verb: string, language: Language): [particle: string, verb: string] | null {
  const at = verb.indexOf('zu', 1);
  const particle = verb.slice(0, at);
  return at > 0 && verbsOf(language).particles.has(fold(particle)) ? [particle, verb.slice(at + 2)] : null;
}

/** “uppladdad” → “ladda upp”, “återlämnad” → “lämna tillbaka” */
function partedBase(word: string, language: Language): string | null {
  const parts =
    language.code === 'sv' ? /^(upp|ut|in|i|av|om|till|fram|bort|ner|på|åter)(.{4,})$/.exec(word) : null;
  const [, particle, rest] = parts ?? [];
  const base = rest === undefined ? null : participleBase(rest, language);
  return base === null ? null : `${base} ${particle === 'åter' ? 'tillbaka' : (particle ?? '')}`;
}

/** What stays in front of its verb and takes no “ge”. */
const JOINED: Partial<Record<LanguageCode, RegExp>> = {
  de: /^(?:be|ver|er|ent|zer|miss|uber|unter|wider)(?=\p{L}{4})/u,
  nl: /^(?:be|ver|ont|her|er)(?=\p{L}{4})/u,
};

const PARTICIPLES: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  en: [[/ied$/, 'y'], [/ed$/, ''], [/(.)\1ed$/, '$1'], [/ed$/, 'e']],
  fr: [[/ée?s?$/, 'er'], [/ie?s?$/, 'ir'], [/ue?s?$/, 're']],
  es: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'ir'], [/id[oa]s?$/, 'er']],
  pt: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'er'], [/id[oa]s?$/, 'ir']],
  it: [[/at[oaie]$/, 'are'], [/ut[oaie]$/, 'ere'], [/it[oaie]$/, 'ire']],
  sv: [[/s$/, ''], [/ats?$/, 'a'], [/(?:de|da|t|d|ts)$/, 'a'], [/(?:de|da|t|d|ts)$/, '']],
  de: [[/^(.*?)zu(.+en)$/, '$1$2'], [/^(.+)zu(.+en)$/, '$1$2'], [/^(.*?)ge(.+[td])et$/, '$1$2en'], [/^(.*?)ge(.+e[lr])t$/, '$1$2n'], [/^(.+e[lr])t$/, '$1n'], [/^(.*?)ge(.+)t$/, '$1$2en'], [/^(.+)t$/, '$1en'], [/^(.*?)ge(.+en)$/, '$1$2'], [/schrieben$/, 'schreiben']],
  nl: [[/^(.*?)ge(.+?)(?:t|d)$/, '$1$2en'], [/^(.+?)(?:t|d)$/, '$1en'], [/^(.*?)ge(.*)([aeou])\3([^aeiou])(?:t|d)$/, '$1$2$3$4en'], [/^(.*)([aeou])\2([^aeiou])(?:t|d)$/, '$1$2$3en'], [/^(.*?)ge(.*[^aeiou])([^aeiou])(?:t|d)$/, '$1$2$3$3en'], [/^(.*?)ge(.+[td])$/, '$1$2en']],
}; // prettier-ignore
