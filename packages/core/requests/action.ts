import { actionBase, fold, verbsOf, type Language, type LanguageCode } from '../languages/index.ts';
import { capital } from './tidy.ts';

/** “your confirmation of the slot” → “Confirm the slot” */
export function actionIn(thing: string, language: Language): string | null {
  const { determined } = verbsOf(language);
  const words = thing.split(' ');
  const behind = (from: number) =>
    determined.test(`x ${fold(words.slice(from).join(' '))}`) && words.length > from + 1 ? from + 1 : from;
  // “a sua assinatura” has two.
  const at = behind(behind(0));
  const base = actionBase(words[at] ?? '', language);
  // “das Einreichen” is an action, “die Listen” are not.
  const isInfinitiveNoun = language.requests.verbLast && base === fold(words[at] ?? '');
  if (base === null || (isInfinitiveNoun && !/^(?:das|dem|des|het)$/i.test(words[0] ?? ''))) return null;
  const rest = words.slice(at + 1).join(' ');
  const of = OF[language.code].find(([from]) => fold(rest).startsWith(from));
  return capital(`${base} ${of ? `${of[1]}${rest.slice(of[0].length)}` : rest}`.trim());
}

/** Between an action and its object; what is left of it in front of the object. */
const OF: Record<LanguageCode, readonly (readonly [string, string])[]> = {
  en: [['of ', ''], ['on ', '']],
  de: [['von ', ''], ['auf ', ''], ['unter ', '']],
  fr: [['du ', 'le '], ['des ', 'les '], ['de la ', 'la '], ["de l'", "l'"], ['de ', ''], ["d'", ''], ['sur ', '']],
  es: [['del ', 'el '], ['de ', ''], ['en ', '']],
  pt: [['do ', 'o '], ['da ', 'a '], ['dos ', 'os '], ['das ', 'as '], ['de ', ''], ['no ', 'o '], ['na ', 'a ']],
  nl: [['van ', ''], ['op ', ''], ['onder ', '']],
  it: [['del ', 'il '], ['della ', 'la '], ['dei ', 'i '], ['delle ', 'le '], ["dell'", "l'"], ['dello ', 'lo '], ['degli ', 'gli '], ['di ', ''], ['sul ', 'il '], ['sulla ', 'la ']],
  sv: [['av ', ''], ['på ', '']],
}; // prettier-ignore
