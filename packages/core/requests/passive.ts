import { fold, participleBase, verbsOf, type Language } from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { capital, cutReason, tidy } from './tidy.ts';

/** “The form needs to be signed” → “Sign the form”. */
export function passive(text: string, folded: string, language: Language): Asked | null {
  const groups = verbsOf(language).passive.exec(folded)?.groups;
  if (groups?.thing === undefined || groups.verb === undefined) return null;
  const at = folded.indexOf(groups.verb, groups.thing.length);
  const base = participleBase(text.slice(at, at + groups.verb.length).toLowerCase(), language);
  if (base === null) return null;
  const start = folded.length - folded.trimStart().length;
  const thing = text
    .slice(start, groups.thing.length)
    .replace(/^\p{Lu}(?=\p{Ll}{1,2}\s)/u, (letter) => letter.toLowerCase());
  const tail = tidy(cutReason(text.slice(text.length - (groups.rest ?? '').length), language), language);
  const { joined, please } = verbsOf(language);
  const more = [joined, please].some((words) => words.test(fold(tail))) ? '' : tail;
  return {
    title: capital(`${base} ${thing} ${more}`.replace(/\s+/g, ' ').trim()),
    strength: 2,
    start,
    generic: false,
  };
}
