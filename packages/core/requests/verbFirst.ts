import {
  baseForm,
  fold,
  isVerb,
  startsOrder,
  thirdBase,
  verbsOf,
  withoutZu,
  type Language,
} from '../languages/index.ts';
import { without } from './tidy.ts';

/**
 * The clause of a verb-last language with its infinitive in front: “die Liste bis Freitag senden” → “senden die
 * Liste”, “einzureichen” → “einreichen”, “bring die Leiter mit” → “mitbringen die Leiter”.
 */
export function verbFirst(given: string, language: Language): string {
  const { modal, modalInside } = verbsOf(language);
  // “Vergiss den Schlüssel nicht, bring ihn mit”: the particle is the other verb's.
  const [first = '', next = ''] = given.split(/,\s+(?=\p{Ll})/u);
  if (next !== '' && startsOrder(fold(given), language) && startsOrder(fold(next), language))
    return verbFirst(first, language);
  const words = infinitive(
    joined(without(without(given, modal), modalInside).trim().split(/\s+/), language),
    language,
  );
  return (
    joint(words, language) ??
    parted(words, language) ??
    inside(words, language) ??
    last(words, language)
  ).join(' ');
}

/** “(als u) het bedrag overmaakt” → “het bedrag overmaken” */
function infinitive(words: readonly string[], language: Language): string[] {
  const last = words.at(-1) ?? '';
  const base = words.length > 1 && !isInfinitive(last) ? thirdBase(last, language) : null;
  const isLong = words.some((word) => /,$|^(?:te|zu)$/.test(word));
  const isOrder = isLong || startsOrder(fold(words.join(' ')), language) || isVerb(words[0] ?? '', language);
  return base === null || isOrder ? [...words] : [...words.slice(0, -1), base];
}

/** “door te nemen” → “doornemen” */
function withoutTe(words: readonly string[], language: Language): string[] {
  const { particles } = verbsOf(language);
  const at = words.findIndex(
    (word, i) =>
      particles.has(fold(word)) &&
      words[i + 1] === 'te' &&
      isVerb(`${fold(word)}${(words[i + 2] ?? '').replace(/,$/, '')}`, language),
  );
  if (at === -1) return [...words];
  const verb = `${words[at] ?? ''}${words[at + 2] ?? ''}`;
  return [...words.slice(0, at), verb, ...withoutTe(words.slice(at + 3), language)];
}

/** “mee (willen) nemen” → “meenemen” */
function joined(all: readonly string[], language: Language): string[] {
  const { particles } = verbsOf(language);
  const words = withoutTe(all, language);
  const at = words.findIndex(
    (word, i) =>
      // “zu schneiden” is no “zuschneiden”.
      fold(word) !== 'zu' &&
      particles.has(fold(word)) &&
      isVerb(`${fold(word)}${words[i + 1] ?? ''}`, language) &&
      isInfinitive(words[i + 1] ?? ''),
  );
  return at === -1
    ? [...words]
    : [...words.slice(0, at), `${words[at] ?? ''}${words[at + 1] ?? ''}`, ...words.slice(at + 2)];
}

/** “das Formular ausfüllen und zurücksenden” */
function joint(words: readonly string[], language: Language): string[] | null {
  const { and } = verbsOf(language);
  const at = words.findIndex(
    (word, i) =>
      i > 0 && and.has(word) && isInfinitive(words[i - 1] ?? '') && isVerb(words[i - 1] ?? '', language),
  );
  return at === -1 ? null : [words[at - 1] ?? '', ...words.slice(0, at - 1), ...words.slice(at)];
}

/** The finite verb in front, its particle at the end of the clause or where both together are a known verb. */
function parted(words: readonly string[], language: Language): string[] | null {
  const [first = '', ...rest] = words;
  const { particles, determined, and } = verbsOf(language);
  const joint = words.findIndex(
    (word, i) => i > 1 && and.has(word) && startsOrder(fold(words.slice(i + 1).join(' ')), language),
  );
  if (joint !== -1) {
    const parts = parted(words.slice(0, joint), language);
    return parts && [...parts, words[joint] ?? '', ...other(words.slice(joint + 1), parts, language)];
  }
  const base = baseForm(first.toLowerCase(), language);
  const end = words.at(-1) ?? '';
  // Of “hochladen” only the whole is known.
  const isKnown = isVerb(base, language) || isVerb(`${fold(end)}${base}`, language);
  if (!isKnown || (words.length > 2 && isInfinitive(end) && isVerb(end, language))) return null;
  const at = rest.findLastIndex((word, i) => {
    const particle = fold(word).replace(/,$/, '');
    if (!particles.has(particle)) return false;
    if (i === rest.length - 1) return true;
    // “ein” and “op de” are no particles.
    const isOther = determined.test(`x ${particle}`) || determined.test(fold(rest.slice(i).join(' ')));
    return isVerb(`${particle}${base}`, language) && !isOther;
  });
  if (at === -1) return null;
  return [`${(rest[at] ?? '').replace(/,$/, '')}${base}`, ...rest.slice(0, at), ...rest.slice(at + 1)];
}

/** “(füllen Sie ihn aus und) senden Sie ihn zurück” → “zurücksenden”: the other verb and what is new behind it. */
function other(words: readonly string[], first: readonly string[], language: Language): string[] {
  const { people, pronoun } = verbsOf(language);
  const said = words.filter(
    (word, i) =>
      !(i === 1 && people.has(fold(word))) && !(pronoun.test(`${fold(word)} `) && first.includes(word)),
  );
  return parted(said, language) ?? said;
}

/** “ze bij te werken in de app”: the infinitive with its “te” in front of more words. */
function inside(words: readonly string[], language: Language): string[] | null {
  const at = words.findIndex((word, i) => /^(?:zu|te)$/.test(words[i - 1] ?? '') && isInfinitive(word));
  // “… indienen om een boete te voorkomen”: a purpose is not what is asked.
  const goal = words.findIndex((word, i) => i > 0 && i < at && /^(?:om|um)$/.test(word));
  if (goal !== -1) return verbFirst(words.slice(0, goal).join(' '), language).split(' ');
  return at === -1 || at === words.length - 1
    ? null
    : [...last(words.slice(0, at + 1), language), ...words.slice(at + 1)];
}

/** The infinitive at the end, with its “zu” or “te”. */
function last(words: readonly string[], language: Language): string[] {
  const { people, particles } = verbsOf(language);
  const [first = '', second = ''] = words;
  const verb = words.at(-1) ?? '';
  const ends = words.length > 1 && isInfinitive(verb);
  const isFinite = isVerb(first, language) && fold(baseForm(first, language)) !== fold(first);
  const acts =
    (isFinite && startsOrder(fold(words.join(' ')), language)) ||
    (thirdBase(first, language) !== null && !isVerb(verb, language));
  const begins =
    acts ||
    (isVerb(first, language) && /^\p{Ll}/u.test(first)) ||
    startsOrder(fold(words.join(' ')), language)
      ? !(words.length > 2 && ends && isVerb(verb, language))
      : false;
  if ((people.has(fold(second)) && isVerb(first, language)) || acts || begins || !ends) return [...words];
  const before = words.slice(0, -1);
  if (!/^(?:zu|te)$/.test(before.at(-1) ?? '')) return [withoutZu(verb, language), ...before];
  const particle = before.at(-2) ?? '';
  return particles.has(fold(particle))
    ? [`${particle}${verb}`, ...before.slice(0, -2)]
    : [verb, ...before.slice(0, -1)];
}

/** By its form: lower case, in -n or one of the short ones. */
const isInfinitive = (word: string) =>
  /^(?:\p{Ll}.*(?:en|ern|eln|aan|zien|doen)|tun)$/u.test(fold(word)) && /^\p{Ll}/u.test(word);
