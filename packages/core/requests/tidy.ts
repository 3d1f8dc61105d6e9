import { fold, verbsOf, type Language } from '../languages/index.ts';

/** The words up to where a reason, a condition or another sentence begins. */
export function cutReason(words: string, language: Language): string {
  const folded = fold(words);
  const { reason, aside } = verbsOf(language);
  const ends = [reason, aside].map((pattern) => {
    const at = pattern.exec(folded.slice(3))?.index;
    return at === undefined ? folded.length : at + 3;
  });
  const stop = /[?;]|\.$|!|\s[-–—]\s|\s\(/u.exec(folded)?.index ?? folded.length;
  const at = Math.min(...ends, stop);
  return at >= 4 ? words.slice(0, at) : words;
}

/** Without politeness, dangling prepositions and commas at the ends. */
export function tidy(words: string, language: Language): string {
  const { opening, trailing } = verbsOf(language);
  let text = words
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.;:!?])/g, '$1')
    .replace(/[,;]{2,}/g, ',')
    .trim();
  for (
    let skip = opening.exec(fold(text));
    skip && skip[0] !== '' && skip[0].length < text.length;
    skip = opening.exec(fold(text))
  )
    text = text.slice(skip[0].length);
  for (let cut = trailing.exec(fold(text)); cut && cut.index > 3; cut = trailing.exec(fold(text)))
    text = text.slice(0, cut.index);
  return text.replace(/^[\s,;:.-]+|[\s,;:.!?-]+$/g, '');
}

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
