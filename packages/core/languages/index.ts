export { detectLanguage } from './detect.ts';
export { fold } from './fold.ts';
export type { Language, LanguageCode, Words } from './language.ts';
export { LANGUAGES, languageOf, perLanguage } from './languages.ts';
export { baseForm, beginsWithVerb, isVerb, participleBase, verbsOf } from './verbs.ts';
export { alternatives, listOf, pattern, wholeWords, WORD_END } from './words.ts';
