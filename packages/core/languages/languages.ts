import type { Language, LanguageCode } from './language.ts';
import { de } from './words/de.ts';
import { en } from './words/en.ts';
import { es } from './words/es.ts';
import { fr } from './words/fr.ts';
import { it } from './words/it.ts';
import { nl } from './words/nl.ts';
import { pt } from './words/pt.ts';
import { sv } from './words/sv.ts';

export const LANGUAGES: readonly Language[] = [en, de, fr, es, pt, nl, it, sv];

const byCode = new Map(LANGUAGES.map((language) => [language.code, language]));

export function languageOf(code: LanguageCode): Language {
  return byCode.get(code) ?? en;
}

/** One value a language, made when it is first needed. */
export function perLanguage<T>(make: (language: Language) => T): (language: Language) => T {
  const made = new Map<LanguageCode, { value: T }>();
  return (language) => {
    const known = made.get(language.code) ?? { value: make(language) };
    made.set(language.code, known);
    return known.value;
  };
}
