export { detectLanguage } from './detect.ts';
export { fold } from './fold.ts';
export type { Language, LanguageCode, Words } from './language.ts';
export { LANGUAGES, languageOf, perLanguage } from './languages.ts';
export { alternatives, listOf, wholeWords, WORD_END } from './words.ts';
