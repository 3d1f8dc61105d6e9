import {
  baseForm,
  firstWord,
  fold,
  isInfinitive,
  isVerb,
  lastThing,
  participleBase,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { phrase } from './phrase.ts';

/** Between a thing and what is to be done with it. */
const TO: Partial<Record<LanguageCode, RegExp>> = {
  en: /\s(?:for you to|to be|to)\s+/g,
  fr: /\s(?:à|a)\s+(?:nous\s+|me\s+)?/g,
  it: /,?\s(?:da)\s+/g,
  sv: /\s(?:att)\s+/g,
  pt: /\s(?:a|para)\s+/g,
  es: /\s(?:a|para)\s+/g,
};
/** “das Sie bis Freitag ausfüllen müssten”, “dat u voor vrijdag moet invullen” */
const LAST: Partial<Record<LanguageCode, RegExp>> = {
  de: /,?\s(?:das|den|die)\s(?:sie|du|ihr)\s(?:[^,;:]*\s)?(?<verb>\p{L}+n)\s(?:müssten|müssen|musst|sollten|sollen|solltest|mögen|können|könnten)(?![\p{L}])/iu,
  nl: /,?\s(?:dat|die)\s(?:u|je|jullie)\s(?:[^,;:]*\s)?(?:moet|moeten|dient te|kunt|kan|zou moeten)\s(?<verb>\p{L}+n)(?![\p{L}])/iu,
};

/** “ein Fehler, der vor Freitag korrigiert werden muss” */
const LAST_PASSIVE: Partial<Record<LanguageCode, RegExp>> = {
  de: /,?\s(?:der|das|den|die)\s(?:[^,;:]*\s)?(?<verb>\p{L}+)\s(?:werden|sein)\s(?:muss|müssen|sollte|sollten|soll|sollen)(?![\p{L}])/iu,
  nl: /,?\s(?:dat|die)\s(?:[^,;:]*\s)?(?<verb>\p{L}+)\s(?:moet|moeten|dient te|dienen te)\s(?:worden|zijn)(?![\p{L}])/iu,
};

/** “Attached is a form for you to fill in”, “un modulo da compilare”, “ein Formular, das Sie ausfüllen müssten” */
export function purposeOf(text: string, language: Language): Asked | null {
  const last = LAST[language.code]?.exec(text);
  if (last) {
    const thing = lastThing(text.slice(0, last.index), language);
    const verb = last.groups?.verb ?? '';
    return thing === null || !isVerb(verb, language) ? null : madeOf(verb, thing, last.index, language);
  }
  const passive = LAST_PASSIVE[language.code]?.exec(text);
  const done = passive ? participleBase(passive.groups?.verb ?? '', language) : null;
  const undone = passive ? lastThing(text.slice(0, passive.index), language) : null;
  if (passive && done !== null && undone !== null) return madeOf(done, undone, passive.index, language);
  for (const found of text.matchAll(TO[language.code] ?? /(?!)/g)) {
    const words = text.slice(found.index + found[0].length);
    const verb = firstWord(fold(words));
    const isTo =
      language.code === 'en'
        ? isVerb(verb, language) && baseForm(verb, language) === verb
        : isInfinitive(verb, language);
    const thing = lastThing(text.slice(0, found.index), language);
    if (isTo && thing !== null) return madeOf(words, thing, found.index, language);
  }
  return null;
}

function madeOf(words: string, thing: string, start: number, language: Language): Asked | null {
  const made = phrase(words, language, thing, true);
  return made && { ...made, strength: 1, start, generic: false, refers: false };
}
