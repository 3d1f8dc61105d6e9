import { fold, isInfinitive, isVerb, verbsOf, type Language } from '../languages/index.ts';
import { phrase } from './phrase.ts';

/** What a sentence says of a deed by its infinitive and its object, as a title: “nobody has managed to prune the roses”. */
export function deedIn(text: string, language: Language): string | null {
  const words = language.requests.verbLast ? wordsBeforeVerb(text, language) : wordsFromVerb(text, language);
  return words === null ? null : (phrase(words, language, '')?.title ?? null);
}

function wordsFromVerb(text: string, language: Language): string | null {
  for (const { index, 0: word } of text.matchAll(/[\p{L}'-]{3,}/gu)) {
    const behindTo = /(?:^|\s)(?:to|att)\s+$/.test(text.slice(0, index));
    const isDeed = language.code === 'en' ? behindTo : isInfinitive(word, language);
    // Swedish writes “the” onto its noun.
    const says =
      language.code === 'sv' ||
      isVerb(word, language) ||
      verbsOf(language).determined.test(fold(text.slice(index)));
    if (index > 0 && isDeed && says) return text.slice(index);
  }
  return null;
}

function wordsBeforeVerb(text: string, language: Language): string | null {
  const clause = /^[^,;:]*/.exec(text)?.[0].replace(/[.!?\s]+$/, '') ?? '';
  const words = clause.split(/\s+/);
  const verb = words.at(-1) ?? '';
  const at = words.findIndex((_, i) =>
    i > 0 ? verbsOf(language).determined.test(`x ${fold(words.slice(i).join(' '))}`) : false,
  );
  return at !== -1 && /^\p{Ll}.*n$/u.test(verb) && isVerb(verb, language) ? words.slice(at).join(' ') : null;
}
