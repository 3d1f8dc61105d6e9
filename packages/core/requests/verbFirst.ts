import { fold, isVerb, verbsOf, type Language } from '../languages/index.ts';

const MODALS =
  /\s+(?:konnten|konntest|konnte|konnt|konnen|kannst|wurden|wurdest|wurde|mochten|kunt|kunnen|kan|kon|zou|zouden|wilt|wil|willen|kunnen|sollten|solltest)$/;

/** “die Liste bis Freitag senden” → “senden die Liste”; “in te dienen”, “einzureichen” → “indienen”, “einreichen”. */
export function verbFirst(given: string, language: Language): string {
  const modal = MODALS.exec(fold(given));
  const words = (modal ? given.slice(0, modal.index) : given)
    .replace(/\s(?:kunnen|willen|mogen)(?=\s\p{Ll}+en$)/u, '')
    .split(' ');
  const [first = '', second = ''] = words;
  const turned = /^(?:sie|uns|mir|mich|ihm|ihr|u|ons|me|mij|je|jullie|ihnen)$/.test(fold(second));
  const joint = words.findIndex(
    (word, i) =>
      i > 0 &&
      /^(?:und|en|sowie)$/.test(word) &&
      isVerb(words[i - 1] ?? '', language) &&
      /^\p{Ll}.*n$/u.test(words[i - 1] ?? ''),
  );
  if (joint !== -1) return [words[joint - 1], ...words.slice(0, joint - 1), ...words.slice(joint)].join(' ');
  const last = words.length - 1;
  const verb = words[last] ?? '';
  if (
    turned ||
    (isVerb(first, language) &&
      /^\p{Ll}/u.test(first) &&
      !(last > 1 && isVerb(verb, language) && fold(verb).endsWith('en')))
  )
    return given;
  if (
    last === 0 ||
    !/^\p{Ll}/u.test(verb) ||
    !(isVerb(verb, language) || /(?:en|ern|eln|aan|zien|doen)$/.test(fold(verb)))
  )
    return given;
  const before = words.slice(0, last);
  const parted = /^(?:zu|te)$/.test(before.at(-1) ?? '') ? before.slice(0, -1) : before;
  const particle =
    parted.length < before.length && verbsOf(language).particles.has(fold(parted.at(-1) ?? ''))
      ? parted.at(-1)
      : undefined;
  const whole = particle === undefined ? withoutZu(verb, language) : `${particle}${verb}`;
  return [whole, ...(particle === undefined ? parted : parted.slice(0, -1))].join(' ');
}

/** “einzureichen” → “einreichen” */
function withoutZu(verb: string, language: Language): string {
  const at = verb.indexOf('zu', 1);
  return at > 0 && verbsOf(language).particles.has(fold(verb.slice(0, at)))
    ? `${verb.slice(0, at)}${verb.slice(at + 2)}`
    : verb;
}
