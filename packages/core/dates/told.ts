import {
  actionBase,
  isSmall,
  alternatives,
  listOf,
  participleBase,
  pattern,
  perLanguage,
  verbsOf,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import { cuesOf } from './cues.ts';
import { CLAUSE, windowOf, type Setting } from './setting.ts';
import type { Wanted } from './wanted.ts';

/** “Bis Samstag!”, “À vendredi !”: the writer looks forward to the day. */
export const isFarewell = ({ folded, phrase, before }: Setting): boolean =>
  phrase.grain === 'weekday' &&
  /^\s*\p{L}+\s+(?:\p{L}{2,3}\s+)?$/u.test(before) &&
  /^(?:,?\s*(?:at|in|im|bei|beim|a|au|en|na|no|op|bij|al|alla|pa|vid)\s\p{L}+(?:\s\p{L}+)?)?\s*!?\s*$/u.test(
    folded.slice(phrase.end),
  ) &&
  folded.includes('!');

/** Where what has passed stands: in front of the cue itself (“bought before”); behind the date where the verb is last. */
export function pastOf({ before, by, clause, language }: Setting): string {
  const ahead = by ? (windowOf(before).slice(0, by.index).split(CLAUSE).at(-1) ?? '') : clause.before;
  const [asked] = cuesOf(language).request(ahead);
  // “Last” in “the last date” tells of no past.
  const told = (asked ? ahead.replace(asked[0], ' ') : ahead).replace(cuesOf(language).noun, ' ');
  return by || language.requests.verbLast ? `${told} ${clause.after}` : told;
}

/** “Am 3. April läuft Ihr Ausweis ab.” */
const EXPIRES = /(?:lauft|laufen)\s(?:[^,;.:]*\s)?ab(?=\s*[.:;,]|\s*$)/;

/** “läuft … ab”: that is how it ends, not what goes on. */
const RUNS_OUT = /(?:lauft|laufen)\s(?:[^,;.:]*\s)?(?:ab|aus)(?=\s*[.:;,]|\s*$)/;

/** What goes on until that day; an offer has to be taken up by then, and “läuft am … ab” is the cue itself. */
export function stateOf(
  { folded, around, by, language }: Setting,
  wanted: Wanted | null,
): string | undefined {
  const { offer, state, yours, noun } = cuesOf(language);
  const percent = wanted === null && !yours.test(folded) ? PERCENT.exec(folded)?.[0] : undefined;
  if (percent !== undefined) return percent;
  if (offer.test(folded) || namesAction(around, language) || LAST_DAY.test(folded)) return undefined;
  const told = (by ? around.replace(by[0].trim(), ' ') : around).replace(RUNS_OUT, ' ');
  const is = wanted === null && !noun.test(folded) ? IS_STILL[language.code]?.exec(told)?.[0] : undefined;
  return state.exec(told)?.[0] ?? is;
}

/** “The last day to apply” */
const LAST_DAY = /\blast (?:day|date)\b/;

/** What a sale takes off. */
const PERCENT = /\d\s?%|(?:prozent|per\s?cent|pour cent|por ciento|por cento|procent|per cento)(?![a-z])/;

/** Where the word for “by” is the one for “until” too: what is so until then. */
const IS_STILL: Partial<Record<LanguageCode, RegExp>> = {
  de: /(?:^|\s)(?:ist|sind|bin|bleibt|bleiben)\s/,
  pt: /(?:^|\s)(?:esta|estao|estou|fica|ficam|continua|continuam)\s/,
};

/** “Registration”, “les inscriptions”: what is open until a day has to be done by then. */
const namesAction = (words: string, language: Language) =>
  words
    .split(/[^\p{L}]+/u)
    .some((word) =>
      [word, word.replace(/s$/, '')].some(
        (w) => !isEvent(w, language) && (actionBase(w, language) ?? w) !== w,
      ),
    );

const isEvent = (word: string, language: Language) => listed(language).has(word);

/** What takes place; “letzter Termin” and “statt am 3. April” name no event, nor does what one does oneself (“redovisningen”). */
export function eventOf(
  { folded, around, moves, language }: Setting,
  noun: string | undefined,
): string | undefined {
  const { event, insteadOf } = cuesOf(language);
  const told = (moves ? folded : around.replace(noun ?? '', ' '))
    .replace(insteadOf, ' ')
    .replace(RUNS_OUT, ' ');
  const found = event.exec(told)?.[0];
  return found !== undefined && !listed(language).has(found) && actionBase(found, language) !== null
    ? undefined
    : found;
}

const listed = perLanguage(({ cues }: Language) => new Set(listOf(cues.event)));

/** “the files that you | no longer need”: what is said there only tells which thing is meant. */
export const isRelative = (before: string, language: Language): boolean => relative(language).test(before);

const relative = perLanguage(({ code, requests }: Language) => {
  const word = '[^\\s,.;:!?]+';
  const begins = `${alternatives(requests.relative)}(?:(?<=')|\\s)(?:${word}\\s){0,3}$`;
  // A German clause has its comma in front; its pronouns are articles elsewhere.
  if (code === 'de') return pattern(`,\\s*${begins}`);
  return pattern(
    `(?<![\\p{L}])${alternatives(requests.determiners)}\\s(?:${word}\\s){0,4}?${word},?\\s(?:de\\s)?${begins}`,
  );
});

/** What need not be done; not of the thing that is asked for (“delete what you do not need”). */
export function needlessOf({ around, before, clause, language }: Setting): string | undefined {
  const found = cuesOf(language).needless.exec(around);
  const comma = before.length > clause.before.length ? ', ' : '';
  return found && !isRelative(`${comma}${around.slice(0, found.index)}`, language) ? found[0] : undefined;
}

/** “every Wednesday”, “on Wednesdays” */
export function everyOf({ folded, phrase, before, language }: Setting): string | undefined {
  const named = folded.slice(phrase.start, phrase.end);
  const many = phrase.grain === 'weekday' ? WEEKLY.exec(named)?.[0] : undefined;
  return cuesOf(language).every.exec(windowOf(before))?.[0] ?? many;
}

/** Days of the week in the plural (en, de, fr, nl, sv). */
const WEEKLY = /(?:days|tags|wochs|dis|manches|dags|dagar)$/;

const OVERDUE =
  /overdue|uberfallig|en retard|vencid[oa]|em atraso|te laat|achterstallig|scadut[oa]|in ritardo|forsenad/;

/** Behind a word for what has passed the last such day is meant, not the next (“was due 28 February”). */
export const isOverdue = (setting: Setting): boolean =>
  (setting.by !== null && cuesOf(setting.language).past.test(setting.by[0])) ||
  (isRolled(setting) && OVERDUE.test(setting.folded));

/** A day without a year that lies so far ahead has passed only lately, and is told of rather than set. */
const YEAR_AHEAD = 250;

/** It lies a year ahead only because it has passed lately. */
export const isRolled = ({ phrase, today }: Setting): boolean =>
  !phrase.fixed && phrase.day - today > YEAR_AHEAD;

/** “La votación termina el domingo”: what one does ends then. */
export function endOf({ around, before, clause, language }: Setting): string | undefined {
  const out = EXPIRES.exec(around)?.[0];
  if (out !== undefined) return out;
  const ends = cuesOf(language).ends.exec(windowOf(before))?.[0];
  return ends !== undefined && namesAction(clause.before, language) ? ends : undefined;
}

/** “The last day, if you want to come, is the 5th”: the day is what the sentence is about. */
export const isTerm = ({ before, language }: Setting): boolean => cuesOf(language).is.test(windowOf(before));

/** “We accept orders until Friday”: what one does is taken until then. */
export const takenOf = ({ around, language }: Setting): string | undefined =>
  verbsOf(language).accepts.exec(around)?.[0];

/** The time that the reader has; “la tipografia ha promesso …” tells what others have done. */
export function givenOf({ before, language }: Setting): string | undefined {
  const found = cuesOf(language).given.exec(before);
  const next = found
    ? (/^\s*([\p{L}'-]+)/u.exec(before.slice(found.index + found[0].length))?.[1] ?? '')
    : '';
  const tells = !isSmall(next, language) && participleBase(next, language) !== null;
  return found && !tells ? found[0] : undefined;
}

/** An offer that is good until that day, or what one can do until then. */
export function offerOf({ folded, around, clause, language }: Setting): string | undefined {
  const { offer, state } = cuesOf(language);
  if (!state.test(around)) return undefined;
  return namesAction(clause.before, language) ? clause.before : offer.exec(folded)?.[0];
}
