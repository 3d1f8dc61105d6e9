import { fold, lastThing, type Language, type LanguageCode } from '../languages/index.ts';

/** “a form | which (you need to fill in)”, “un formulaire | que”: the thing that a relative clause is about. */
export function relativeThing(before: string, language: Language): string | null {
  const relative = RELATIVE[language.code];
  const end = relative?.exec(fold(before))?.index;
  const thing = end === undefined ? null : lastThing(before.slice(0, end), language);
  // “el viernes, así | que” is no relative clause.
  return thing === null || /[,;]/.test(thing) ? null : thing;
}

/** Relative pronouns at the end of what stands in front of a frame, folded. */
const RELATIVE: Partial<Record<LanguageCode, RegExp>> = {
  en: /\s(?:which|that)\s*$/,
  fr: /\s(?:que|qu')\s*$/,
  es: /\sque\s*$/,
  pt: /\sque\s*$/,
  it: /\sche\s*$/,
  sv: /\ssom\s*$/,
};
