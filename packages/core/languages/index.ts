export { detectLanguage } from './detect.ts';
export { findWords, hasWords, isOpen, tokensOf, type Place } from './findWords.ts';
export { fold } from './fold.ts';
export { LanguageCode, type Language, type Words } from './language.ts';
export { LANGUAGES, languageOf, perLanguage } from './languages.ts';
export {
  actingBase,
  actionBase,
  baseForm,
  beginsWithVerb,
  hasPronoun,
  isInfinitive,
  isSmall,
  isVerb,
  isVerbForm,
  refersBack,
  startsOrder,
  thirdBase,
  undoneAt,
} from './verbs.ts';
export { finderOf, type FoundWords } from './finder.ts';
export { alternatives, listOf, pattern, wholeWords, WORD_END } from './words.ts';
export { firstWord, isNoOrder, orderAt, VERB_SECOND } from './orders.ts';
export { firstThing, lastThing, thingsIn, type Thing } from './nouns.ts';
export { participleBase, withoutZu } from './participles.ts';
export { ownDeed } from './ownFuture.ts';
export { verbsOf } from './verbPatterns.ts';
