import { baseForm, fold, isVerb, participleBase, verbsOf, type Language } from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { capital, cutReason, tidy, uncapital } from './tidy.ts';

/** “The form needs to be signed” → “Sign the form”. */
export function passive(sentence: string, language: Language): Asked | null {
  const hello = verbsOf(language).greeting.exec(fold(sentence))?.[0].length ?? 0;
  const text = sentence.slice(hello);
  const folded = fold(text);
  const groups = verbsOf(language).passive.exec(folded)?.groups;
  if (groups?.thing === undefined || groups.verb === undefined) return null;
  const at = folded.indexOf(groups.verb, groups.thing.length);
  const word = text.slice(at, at + groups.verb.length).toLowerCase();
  const base = participleBase(word, language) ?? infinitiveBase(word, language);
  if (base === null) return null;
  const start = folded.length - folded.trimStart().length;
  const thing = uncapital(text.slice(start, groups.thing.length));
  const tail = tidy(cutReason(text.slice(text.length - (groups.rest ?? '').length), language), language);
  const { joined, please } = verbsOf(language);
  const more = [joined, please].some((words) => words.test(fold(tail))) ? '' : tail;
  return {
    title: capital(`${base} ${thing} ${more}`.replace(/\s+/g, ' ').trim()),
    strength: 2,
    start: hello + start,
    generic: false,
    refers: false,
  };
}

/** “est à régler”, “debe entregarse” */
function infinitiveBase(word: string, language: Language): string | null {
  const isPassive = language.code === 'fr' ? /r$|re$/.test(word) : /r-?(?:se|si)$/.test(word);
  return isPassive && isVerb(word, language) ? baseForm(word, language) : null;
}
