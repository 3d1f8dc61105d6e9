import { fold, isVerb, verbsOf, type Language, type LanguageCode } from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { capital, cutReason, tidy } from './tidy.ts';

/** “The form needs to be signed” → “Sign the form”. */
export function passive(text: string, folded: string, language: Language): Asked | null {
  const groups = verbsOf(language).passive.exec(folded)?.groups;
  if (groups?.thing === undefined || groups.verb === undefined) return null;
  const at = folded.indexOf(groups.verb, groups.thing.length);
  const base = participleBase(text.slice(at, at + groups.verb.length).toLowerCase(), language);
  if (base === null) return null;
  const start = folded.length - folded.trimStart().length;
  const thing = text
    .slice(start, groups.thing.length)
    .replace(/^\p{Lu}(?=\p{Ll}{1,2}\s)/u, (letter) => letter.toLowerCase());
  const tail = tidy(cutReason(text.slice(text.length - (groups.rest ?? '').length), language), language);
  const more =
    /^(?:and|und|et|y|e|en|och|werden|worden|zu|te)(?:\s|$)/.test(fold(tail.trim())) ||
    verbsOf(language).please.test(fold(tail.trim()))
      ? ''
      : tail;
  return {
    title: capital(`${base} ${thing} ${more}`.replace(/\s+/g, ' ').trim()),
    strength: 2,
    start,
    generic: false,
  };
}

/** “signed” → “sign”, “complété” → “compléter”, “fyllas” → “fylla”; null where the word is no participle. */
function participleBase(word: string, language: Language): string | null {
  const known = verbsOf(language).forms.get(fold(word));
  if (known !== undefined) return known;
  const turned =
    PARTICIPLES[language.code]?.map(([ending, base]) =>
      ending.test(word) ? word.replace(ending, base) : null,
    ) ?? [];
  return turned.find((base) => base !== null && isVerb(base, language)) ?? null;
}

const PARTICIPLES: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  fr: [[/ée?s?$/, 'er'], [/ie?s?$/, 'ir'], [/ue?s?$/, 're']],
  es: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'ir'], [/id[oa]s?$/, 'er']],
  pt: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'er'], [/id[oa]s?$/, 'ir']],
  it: [[/at[oaie]$/, 'are'], [/ut[oaie]$/, 'ere'], [/it[oaie]$/, 'ire']],
  sv: [[/s$/, ''], [/(?:de|da|t|d)$/, 'a']],
  de: [[/^(.*?)zu(.+en)$/, '$1$2'], [/^(.*?)ge(.+)t$/, '$1$2en'], [/^(.+)t$/, '$1en'], [/^(.*?)ge(.+en)$/, '$1$2'], [/schrieben$/, 'schreiben']],
  nl: [[/^(.*?)ge(.+?)(?:t|d)$/, '$1$2en'], [/^(.+?)(?:t|d)$/, '$1en']],
}; // prettier-ignore
