import { fold, isVerb, verbsOf, type Language } from '../languages/index.ts';
import { without } from './tidy.ts';

/** “die Liste bis Freitag senden” → “senden die Liste”; “in te dienen”, “einzureichen” → “indienen”, “einreichen”. */
export function verbFirst(given: string, language: Language): string {
  const { modal, modalInside, and, people } = verbsOf(language);
  const words = without(without(given, modal), modalInside).trim().split(/\s+/);
  const [first = '', second = ''] = words;
  const turned = people.has(fold(second));
  const joint = words.findIndex(
    (word, i) =>
      i > 0 && and.has(word) && isInfinitive(words[i - 1] ?? '') && isVerb(words[i - 1] ?? '', language),
  );
  if (joint !== -1) return [words[joint - 1], ...words.slice(0, joint - 1), ...words.slice(joint)].join(' ');
  const last = words.length - 1;
  const verb = words[last] ?? '';
  const ends = last > 0 && isInfinitive(verb);
  const begins =
    isVerb(first, language) && /^\p{Ll}/u.test(first) && !(last > 1 && ends && isVerb(verb, language));
  if (turned || begins || !ends) return words.join(' ');
  const before = words.slice(0, last);
  const parted = /^(?:zu|te)$/.test(before.at(-1) ?? '') ? before.slice(0, -1) : before;
  const particle =
    parted.length < before.length && verbsOf(language).particles.has(fold(parted.at(-1) ?? ''))
      ? parted.at(-1)
      : undefined;
  const whole = particle === undefined ? withoutZu(verb, language) : `${particle}${verb}`;
  return [whole, ...(particle === undefined ? parted : parted.slice(0, -1))].join(' ');
}

/** By its form: lower case, in -n or one of the short ones. */
const isInfinitive = (word: string) =>
  /^\p{Ll}.*(?:en|ern|eln|aan|zien|doen)$/u.test(fold(word)) && /^\p{Ll}/u.test(word);

/** “einzureichen” → “einreichen” */
function withoutZu(verb: string, language: Language): string {
  const at = verb.indexOf('zu', 1);
  return at > 0 && verbsOf(language).particles.has(fold(verb.slice(0, at)))
    ? `${verb.slice(0, at)}${verb.slice(at + 2)}`
    : verb;
}
