import type { Language, LanguageCode, Words } from './language.ts';
import { perLanguage } from './languages.ts';
import { finderOf } from './finder.ts';
import { alternatives, listOf, pairsOf, pattern, wholeWords, WORD_END } from './words.ts';

/** Nouns of a deadline that name no action themselves (“entrega”). */
const termNouns = (dueNoun: Words, actionNouns: Words): Words =>
  listOf(dueNoun)
    .filter((noun) => !pairsOf(actionNouns).has(noun))
    .join('|');

/** “(moet) zijn ingeleverd”, but not “zijn boekje”. */
const BE_ALONE: Partial<Record<LanguageCode, string>> = {
  nl: '|zijn(?=\\s*[,.;]|\\s(?:ge|be|ver|in|aan|op|af|uit|terug)\\p{L}+(?:d|t|en)(?![\\p{L}]))',
};

/** A noun that its ending determines (“häcken”, “fönstret”). */
const SUFFIXED: Partial<Record<LanguageCode, string>> = {
  sv: '\\p{L}{3,}(?:[^aeiouy]et|[^aeiouy]en|[lr]n|an|orna|arna|erna)',
};

const NEVER = '(?!)';

/** Languages in which what ought to arrive is asked for; elsewhere a parcel should. */
const OUGHT: ReadonlySet<LanguageCode> = new Set(['es', 'pt', 'it']);

/** Between what is enough and what it is enough for. */
const FOR: Record<LanguageCode, string> = {
  en: 'for',
  de: 'fur',
  fr: 'pour',
  es: 'para',
  pt: 'para',
  nl: 'voor',
  it: 'per',
  sv: 'for',
};

/** Any sign of a clause; the comma of an amount ends none. */
const IN_CLAUSE = '(?:[^,;:]|,(?=\\d))';

const passive = (...words: Words[]) =>
  pattern(
    `^(?<thing>.{2,80}?)\\s+(?:${alternatives(...words)})\\s+(?:(?:me|nous|lui|leur|te|vous)\\s+)?(?<verb>[\\p{L}-]+)(?<rest>.*)$`,
  );

const passiveLast = (...words: Words[]) =>
  pattern(
    `^(?<thing>${IN_CLAUSE}{2,80}?(?:,\\s(?:was|wat|die|das|den|dat)\\s${IN_CLAUSE}{2,50},)?)\\s+(?<modal>${alternatives(...words)})\\s+(?:${IN_CLAUSE}{0,120}?\\s)?(?<verb>[\\p{L}-]+)(?:\\s+(?:werden|sein|worden|zijn))?\\s*(?:[.,;!]|$)`,
  );

/** What a language knows of its verbs and of the words around them, ready to look up in folded text. */
export const verbsOf = perLanguage(({ code, cues, dates, requests, mail, numbers }: Language) => {
  const count = alternatives(numbers.replace(/\d+ /g, ''));
  const pronounStart = (words: string) =>
    pattern(`^[\\s¿]*(?:${alternatives(words)}(?<=')|${alternatives(words)}\\s+)`);
  const start = (words: string) => pattern(`^(?:${words})(?![\\p{L}\\p{N}'])[\\s,.:;!-]*`);
  return {
    generic: new Set(listOf(requests.generic)),
    looks: new Set(listOf(requests.looks)),
    /** “If I had it …”, but not “if I had time …”. */
    ifHad: pattern(
      `^(?![^,;]*(?<![\\p{L}])${alternatives(dates.time)}(?![\\p{L}]))\\s*${alternatives(cues.ifHad)}${WORD_END}`,
    ),
    accepts: wholeWords(cues.accepts),
    /** “(Thursday) will do for the chapter” */
    suffices: pattern(
      `\\s{4,}(?:[,\\s]*${alternatives(cues.latest)}\\s+)?(?:\\p{L}{2,6}\\s+)?${FOR[code]}\\s+(?=${alternatives(requests.determiners)}\\s|\\p{L}{4,}(?:t|n)(?![\\p{L}]))`,
    ),
    glances: new Set(listOf(requests.glances)),
    answers: new Set(listOf(requests.answers)),
    frame: finderOf({ classes: [requests.frames, requests.can], after: `${WORD_END}[\\s,]*` }),
    can: pattern(`^${alternatives(requests.can)}${WORD_END}`),
    letArrive: pattern(`^${alternatives(requests.letArrive)}${WORD_END}`),
    unless: pattern(`^\\s*${alternatives(requests.unless)}\\s+`),
    withoutDoing: pattern(`^\\s*${alternatives(requests.withoutDoing)}\\s+`),
    auxiliary: new Set(listOf(requests.auxiliary)),
    not: pattern(`(?<![\\p{L}])(?:${alternatives(requests.negation)}|pas|noch nicht)(?![\\p{L}])`, 'g'),
    othersNeed: pattern(`^(?<who>[^,;:]{3,50}?)\\s+${alternatives(requests.othersNeed)}${WORD_END}\\s*`),
    whoever: pattern(`^\\s*${alternatives(requests.whoever)}${WORD_END}`),
    unsubscribe: wholeWords(mail.unsubscribe),
    commit: wholeWords(cues.commit, requests.self),
    self: finderOf({ classes: [requests.self, requests.toDo], after: `${WORD_END}[\\s,]*` }),
    may: finderOf({ classes: [requests.may], after: `${WORD_END}[\\s,]*` }),
    fronted: pattern(
      `^(?<thing>${alternatives(requests.determiners)}\\s.{3,60}?)\\s(?<verb>\\p{L}+)\\s${alternatives(requests.you)}\\s`,
    ),
    actionNouns: pairsOf(requests.actionNouns),
    participles: pairsOf(requests.participles),
    third: pairsOf(requests.third),
    needs: pattern(`(?<![\\p{L}\\p{N}])${alternatives(requests.needs)}${WORD_END}\\s*`),
    passive: passive(requests.passive),
    passiveWords: new Set(listOf(requests.passive)),
    passiveAlone: pattern(`^\\s*${alternatives(requests.passive)}\\s+(?<verb>[\\p{L}-]+)`),
    mayPassive: passive(requests.passive, requests.mayPassive),
    announce: pattern(`^\\s*${alternatives(requests.announce)}\\s+`),
    arrival: pattern(`^${alternatives(requests.arrive)}${WORD_END}`),
    arrive: pattern(
      `(?:^|:)\\s*(?<thing>[^.;:!?]{3,80}?)\\s+${alternatives(cues.must, requests.passive, OUGHT.has(code) ? cues.should : '')}\\s(?:[^.;!?]{0,80}?\\s)?${alternatives(requests.arrive)}${WORD_END}`,
    ),
    term: pattern(
      `(?<![\\p{L}])${alternatives(termNouns(cues.dueNoun, requests.actionNouns))}\\s+${alternatives(requests.forAction)}(?:(?<=')|\\s)\\s*(?<action>[^.,;:!?]{4,100}?)(?=\\s+${alternatives(requests.is)}${WORD_END}|\\s{4}|[.;:!?]|$)`,
    ),
    given: pattern(
      `(?<![\\p{L}])${alternatives(cues.given)}(?![\\p{L}])[^.;!?]{0,120}?\\s(?:${alternatives(requests.goal)}|(?:zeit|gelegenheit|frist),|pa\\s(?:dig|er)\\satt)\\s+`,
    ),
    passiveLast: passiveLast(requests.passive),
    mayPassiveLast: passiveLast(requests.passive, requests.mayPassive),
    passiveTurned: pattern(
      `(?<![\\p{L}])(?<modal>${alternatives(requests.passive)})\\s+(?<thing>${alternatives(requests.determiners)}\\s${IN_CLAUSE}{3,60}?)\\s+(?:${IN_CLAUSE}{0,120}?\\s)?(?<verb>[\\p{L}-]+)(?:\\s+(?:werden|sein|worden|zijn|bli|vara|voldaan))?\\s*(?:[.,;!]|$)`,
    ),
    courtesy: pattern(`(?<![\\p{L}])${alternatives(requests.courtesy)}(?![\\p{L}])`),
    opening: start(alternatives(requests.please, requests.fillers)),
    please: start(alternatives(requests.please)),
    polite: wholeWords(requests.polite),
    denied: pattern(`(?<![\\p{L}])${alternatives(requests.negation)}\\s*$`),
    denies: pattern(`^${alternatives(requests.negation)}\\s`),
    nothing: wholeWords(requests.nothing),
    duration: pattern(
      `^(?:\\d+|${count})\\s+(?:\\p{L}+\\s+)?${alternatives(dates.day, dates.workday, dates.week, dates.month, dates.hour, dates.weeks)}${WORD_END}`,
    ),
    be: pattern(`^(?:${alternatives(requests.be)}\\s${BE_ALONE[code] ?? ''})`),
    condition: pattern(`^\\s*${alternatives(requests.condition, requests.whoever)}\\s`),
    once: pattern(`^\\s*${alternatives(requests.once)}\\s`),
    goes: pattern(`^[^.;!?]{0,12}?(?<![\\p{L}])${alternatives(requests.goes)}${WORD_END}`),
    so: pattern(`,\\s*(?:${alternatives(requests.so)})\\s+`, 'g'),
    hence: pattern(`(?<=\\s)${alternatives(requests.so)}(?![\\p{L}])`),
    goal: pattern(`^${alternatives(requests.goal)}\\s`),
    determined: pattern(
      `^\\S+?(?:-\\p{L}+)?\\s+(?:${alternatives(requests.determiners)}|${count}|${SUFFIXED[code] ?? NEVER})${WORD_END}`,
    ),
    noun: pattern(
      `^[\\p{L}'-]+\\s${alternatives(requests.afterNoun, requests.auxiliary, cues.must)}(?:\\s|[.,;:]|$)`,
    ),
    writer: pattern(`^\\S+\\s${alternatives(requests.writer)}(?:\\s|$)`),
    doForMe: pattern(
      `(?:^|[\\s¿,])(?:${alternatives(requests.doForMe)}(?<=')|${alternatives(requests.doForMe)}\\s+)`,
      'g',
    ),
    beforeOrder: pronounStart(requests.beforeOrder),
    formal: pattern(`^\\p{L}+\\s${alternatives(requests.you)}\\s`),
    modal: pattern(`\\s+${alternatives(requests.modals)}$`),
    modalInside: pattern(`\\s${alternatives(requests.modals)}(?=\\s\\p{L}+en(?:\\s|$))`),
    and: new Set(listOf(requests.and)),
    joined: pattern(`^${alternatives(requests.and, requests.be)}(?:\\s|$)`),
    that: pattern(`${alternatives(requests.that)}$`),
    someone: pattern(`^(?:a\\s)?${alternatives(requests.someone)}${WORD_END}`),
    states: new Set(listOf(requests.states)),
    presents: pattern(
      `(?:^|[,.:]\\s*|(?<=\\s)(?=\\p{L}{1,4}\\s))${alternatives(requests.presents)}${WORD_END}[\\s:,]*`,
    ),
    onlyIf: pattern(
      `(?<![\\p{L}])(?:only|nur|que|seulement|solo|so|alleen|bara)(?![\\p{L}])[^.;!?]{0,40}?\\s${alternatives(requests.ifYou)}${WORD_END}\\s*`,
    ),
    ifYou: pattern(`^\\s*${alternatives(requests.ifYou)}${WORD_END}\\s*`),
    ownSubject: pattern(`(?<![\\p{L}])${alternatives(requests.writerFirst)}(?:(?<=')|\\s+)$`),
    gets: new Set(listOf(requests.gets)),
    /** In front of what is so in some case only (“when | we need more”). */
    inCase: pattern(`(?<![\\p{L}])${alternatives(requests.once, requests.condition, requests.unless)}\\s*$`),
    /** It begins with the writer himself. */
    writerFirst: pattern(`^\\s*${alternatives(requests.writerFirst)}(?:(?<=')|\\s|')`),
    event: wholeWords(cues.event),
    awaits: wholeWords(requests.awaits),
    yours: wholeWords(requests.yours),
    people: new Set(listOf(requests.indirect)),
    greeting: pattern(`^\\s*${alternatives(mail.greeting)}(?![\\p{L}])[^,:!.\\n]{0,40}[,:!.]\\s*`),
    indirect: start(alternatives(requests.indirect)),
    clitic: pattern(`(?<![\\p{L}])${alternatives(requests.clitics)}\\s*$`),
    elliptic: pattern(`^${alternatives(requests.elliptic)}(?![\\p{L}'])`),
    pleaseInside: pattern(
      `^\\p{L}{3,}\\s+(?:\\p{L}{1,6}\\s+){0,2}${alternatives(requests.polite)}${WORD_END}`,
    ),
    pleaseBehind: pattern(`^(?<verb>\\p{L}{3,})\\s+${alternatives(requests.polite)}${WORD_END}`),
    pronoun: pattern(`^${alternatives(requests.pronouns)}(?![\\p{L}'])`),
    reason: pattern(
      `(?:[,;]\\s*|\\s+(?:-\\s+)?)${alternatives(requests.reason, requests.withoutDoing)}(?![\\p{L}])`,
    ),
    aside: pattern(`,\\s*${alternatives(requests.aside)}(?![\\p{L}])`),
    trailing: pattern(
      `[\\s,]*(?<![\\p{L}])${alternatives(requests.please, requests.high, requests.low, cues.latest, cues.wish)}[\\s,.!]*$`,
    ),
    particles: new Set(listOf(requests.particles)),
    urgentInside: pattern(`^(?<verb>\\S+)\\s+${alternatives(requests.high, requests.low)}${WORD_END}`),
    urgent: pattern(`^\\s*${alternatives(requests.high)}\\s*[:!,–-]+\\s*`),
  };
});
