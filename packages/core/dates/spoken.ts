import { detectLanguage, fold, languageOf, type Language, type LanguageCode } from '../languages/index.ts';
import { sentencesOf } from './sentences.ts';

/** A sentence with its place, its folded words and the language of its paragraph. */
export interface Spoken {
  start: number;
  end: number;
  text: string;
  folded: string;
  language: Language;
}

/** Which of the sentences these words stand in, or -1. */
export const sentenceAt = ({ start: at }: { start: number }, sentences: readonly Spoken[]): number =>
  sentences.findIndex(({ start, end }) => at >= start && at < end);

/** The sentences of a text in this language; a paragraph may be in another, of `among` where that names some. */
export function spokenIn(text: string, main: LanguageCode, among: readonly LanguageCode[] = []): Spoken[] {
  let language = languageOf(main);
  let end = 0;
  return sentencesOf(text).map((sentence) => {
    if (sentence.start >= end) {
      const blank = text.indexOf('\n\n', sentence.start);
      end = blank === -1 ? text.length : blank + 2;
      const paragraph = text.slice(sentence.start, Math.min(end, sentence.start + 1000));
      language = languageOf(detectLanguage(paragraph, main, among) ?? main);
    }
    const { start, text: words } = sentence;
    return { start, end: start + words.length, text: words, folded: fold(words), language };
  });
}
