import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { verbTable } from './verbTable.ts';

/** What the first person of the future puts behind the infinitive, folded (“llamar|emos”, “rappeller|ons”). */
const ENDING: Partial<Record<LanguageCode, RegExp>> = {
  fr: /(?<=r)(?:ai|ons)$/,
  es: /(?<=r)(?:e|emos)$/,
  pt: /(?<=r)(?:ei|emos)$/,
  it: /(?<=r)(?:o|emo)$/,
};

/** Whether a folded word tells what the writer himself will do: a known infinitive with that ending. */
export function isOwnFuture(word: string, language: Language): boolean {
  const ending = ENDING[language.code];
  if (!ending?.test(word)) return false;
  const { sure, doubtful } = verbTable(language);
  return infinitivesOf(word.replace(ending, ''), language.code).some(
    (verb) => fold(sure.get(verb) ?? doubtful.get(verb) ?? '') === verb,
  );
}

function infinitivesOf(stem: string, code: LanguageCode): string[] {
  if (code === 'it') return [`${stem}e`, stem.replace(/er$/, 'are')];
  if (code === 'fr') return /[dt]r$/.test(stem) ? [`${stem}e`] : [stem, stem.replace(/([lt])\1er$/, '$1er')];
  return [stem];
}
