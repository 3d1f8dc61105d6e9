import {
  alternatives,
  finderOf,
  isVerb,
  listOf,
  orderAt,
  pattern,
  perLanguage,
  verbsOf,
  wholeWords,
  WORD_END,
  type Language,
  type LanguageCode,
  type Words,
} from '../languages/index.ts';

const PARTICIPLE_DE =
  '(?:ge\\p{L}+(?:t|en)|(?:ab|an|auf|aus|ein|mit|zu|vor|nach)ge\\p{L}+(?:t|en)|(?:be|ver|er|ent|zer)\\p{L}+(?:t|en)|\\p{L}+iert)';

/** What has happened, by its auxiliary and its participle; simple past where its ending tells it. Folded. */
const PERFECT: Partial<Record<LanguageCode, string>> = {
  en: '(?<![\\p{L}])(?:has|have|had)\\s+(?:\\p{L}+ly\\s+)?\\p{L}+ed(?![\\p{L}])',
  de: `(?<![\\p{L}])(?:hat|haben|habe|ist|sind|wurde|wurden)\\s(?:[^\\s,.;:]+\\s+){0,8}(?<!zu\\s)${PARTICIPLE_DE}(?=\\s*(?:[.,;:!?)]|$|und\\s))`,
  fr: '(?<![\\p{L}])(?:(?:a|ai|ont|avons|avez|as)\\s+(?!jusqu)(?:bien\\s+|deja\\s+)?(?!\\p{L}+(?:er|ir|re|ance|ence|age|ure|ous|ite)(?![\\p{L}]))\\p{L}{2,}(?:e|es|ee|ees|i|is|it|u|us|ue)|(?:est|sont|es|sommes)\\s+(?:bien\\s+)?(?:passe|venu|alle|parti|arrive|reste|tombe|rentre|sorti|revenu|echu|expire)(?:e?s?))(?![\\p{L}])',
  es: '(?<![\\p{L}])(?:ha|han|he|hemos|has|habeis)\\s+(?:sido\\s+)?\\p{L}+[ai]do(?![\\p{L}])|\\p{L}{2,}(?:aron|ieron)(?![\\p{L}])',
  pt: '(?<![\\p{L}])\\p{L}{2,}(?:aram|eram|iram)(?![\\p{L}])',
  nl: '(?<![\\p{L}])(?:heeft|hebben|heb|is|zijn|werd|werden)\\s(?:[^\\s,.;:]+\\s+){0,8}(?:ge\\p{L}+(?:d|t|en)|(?:af|aan|op|uit|in|mee|toe|voor|na)ge\\p{L}+(?:d|t|en)|(?:be|ver|ont|her)\\p{L}+(?:d|t|en))(?=\\s*(?:[.,;:!?)]|$|en\\s))',
  it: '(?<![\\p{L}])(?:(?:ha|hanno|ho|abbiamo|hai|avete)\\s+(?:gia\\s+)?\\p{L}+(?:at|ut|it)o|(?:e|sono)\\s+(?:gia\\s+)?(?:venut|andat|partit|arrivat|scadut|stat|tornat|uscit|entrat|passat)[oaie])(?![\\p{L}])',
  sv: '(?<![\\p{L}])(?:har|hade)\\s+(?:redan\\s+)?\\p{L}+(?:t|ts|its)(?![\\p{L}])',
};

/** What is to be done, by a verb behind “to be” (“ist … einzureichen”, “sont à déposer”). Folded. */
const TO_DO: Partial<Record<LanguageCode, string>> = {
  de: '(?<![\\p{L}])(?:ist|sind)\\s(?:[^\\s,.;:]+\\s+){0,10}(?:zu\\s\\p{L}+(?:e|el|er)n|(?:ab|an|auf|aus|ein|mit|zu|vor|nach|weg|zuruck|weiter)zu\\p{L}+(?:e|el|er)n)(?=\\s*(?:[.,;:!?)]|$))',
  fr: "(?<![\\p{L}])(?:est|sont|reste|restent)\\sa\\s(?:(?:me|nous|lui|leur|vous)\\s|[lym]')?\\p{L}+(?:er|ir|re)(?![\\p{L}])",
  it: '(?<![\\p{L}])(?:va|vanno|andra|andranno|andrebbe|andrebbero)\\s\\p{L}+(?:at|ut|it|es|ess|ert|rt|tt|nt|lt|st|us)[oaie](?![\\p{L}])|(?:e|sono)\\sda\\s\\p{L}+re(?![\\p{L}])',
  nl: '(?<![\\p{L}])(?:is|zijn)\\s(?:[^\\s,.;:]+\\s+){0,8}te\\s\\p{L}+n(?=\\s*(?:[.,;:!?)]|$))',
};

/** Where a cue of each class stands: right in front of the phrase, behind it, in its clause, in its sentence. */
export const cuesOf = perLanguage(({ code, months, weekdays, dates, cues, requests }: Language) => {
  const compound = (words: Words) =>
    requests.compounds
      ? pattern(`(?<![\\p{L}\\p{N}])(?:\\p{L}{3,20}(?=\\p{L}{4}))?${alternatives(words)}${WORD_END}`)
      : wholeWords(words);
  const filler = alternatives(
    dates.article,
    cues.on,
    dates.dayPart,
    dates.of,
    dates.at,
    dates.from,
    dates.endOf,
  );
  const lead = (...words: Words[]) =>
    pattern(
      `(?<![\\p{L}\\p{N}])${alternatives(...words)}(?![\\p{L}\\p{N}])[\\s:,("'-]*(?:${filler}(?![\\p{L}])[\\s:,(]*){0,4}$`,
    );
  const near = (...words: Words[]) =>
    pattern(
      `(?<![\\p{L}\\p{N}])${alternatives(...words)}[\\s:,]*(?:${alternatives(dates.article, cues.on)}(?![\\p{L}])\\s*){0,2}$`,
    );
  return {
    by: lead(cues.by),
    until: lead(cues.until),
    spanBy: pattern(`^${alternatives(cues.by)}\\s`),
    spanUntil: pattern(`^${alternatives(cues.until)}\\s`),
    latest: pattern(
      `^[\\s,(-]*(?:(?!${alternatives(...weekdays, ...months)})\\p{L}{1,9}\\s+){0,2}${alternatives(cues.latest)}(?![\\p{L}\\p{N}])(?!\\s+(?:${alternatives(dates.article, cues.on)}\\s+)?(?:${alternatives(...weekdays)}|\\d))`,
    ),
    noun: compound(cues.dueNoun),
    purpose: pattern(`(?<![\\p{L}])${alternatives(cues.purpose)}\\s+(?:[\\p{L}'-]+\\s+){0,5}$`),
    ahead: pattern(`^${alternatives(cues.ahead)}${WORD_END}`),
    request: finderOf({
      classes: [requests.frames, requests.needs],
      after: `${WORD_END}(?!\\s+${alternatives(requests.be)}(?![\\p{L}]))`,
    }),
    may: wholeWords(requests.may, requests.can),
    must: pattern(`${wholeWords(cues.must).source}|${TO_DO[code] ?? '(?!)'}`),
    self: wholeWords(requests.self),
    toDo: pattern(`^\\s*${alternatives(requests.toDo)}${WORD_END}`),
    lead: pattern(`(?:${alternatives(cues.on, dates.article, cues.by, cues.until)}\\s+)*$`),
    should: wholeWords(cues.should),
    obligation: wholeWords(cues.obligation),
    given: wholeWords(cues.given),
    yours: wholeWords(requests.yours),
    awaits: pattern(`${alternatives(requests.awaits)}${WORD_END}`),
    is: near(requests.is),
    says: wholeWords(requests.is),
    ends: near(
      listOf(requests.is)
        .filter((word) => word.length > 4)
        .join('|'),
    ),
    wish: near(cues.wish),
    event: compound(cues.event),
    past: pattern(`${wholeWords(cues.past).source}|${PERFECT[code] ?? '(?!)'}`),
    issue: near(cues.issue),
    absence: wholeWords(cues.absence),
    needless: wholeWords(cues.needless),
    delivered: wholeWords(cues.delivered),
    commit: wholeWords(cues.commit),
    future: wholeWords(cues.future),
    state: wholeWords(cues.state),
    offer: compound(cues.offer),
    coming: wholeWords(cues.coming),
    every: near(dates.every),
    move: wholeWords(cues.move),
    change: wholeWords(cues.change),
    instead: near(cues.instead),
    insteadOf: wholeWords(cues.instead),
    lift: wholeWords(cues.lift),
    otherwise: wholeWords(cues.otherwise),
    optional: wholeWords(cues.optional),
    begins: near(dates.begins),
    day: pattern(
      `(?<![\\p{L}-])(?:${alternatives(cues.on)}\\s+(?:${alternatives(dates.article)}\\s+)?|${alternatives(dates.article)}\\s+)$`,
    ),
    from: near(dates.from),
    to: pattern(`^[\\s,]*${alternatives(dates.to)}(?![\\p{L}])`),
  };
});

const courtesy = perLanguage(({ requests }: Language) => ({
  alone: wholeWords(requests.courtesy),
  framed: pattern(
    `(?:${alternatives(requests.frames)}\\s+)?(?<![\\p{L}])${alternatives(requests.courtesy)}${WORD_END}`,
    'g',
  ),
}));

/** The words without courtesies and the frames in front of them; few sentences have one. */
function withoutCourtesy(folded: string, language: Language): string {
  const { alone, framed } = courtesy(language);
  return alone.test(folded) ? folded.replace(framed, ' § ') : folded;
}

/** Whether it asks for something or says that something has to be done. */
export const wants = (folded: string, language: Language) =>
  asks(folded, language) || cuesOf(language).obligation.test(folded);

const REMIND = /remind|erinner|rappel|record|recuerd|lembr|herinner|ricord|paminn/;
const INVITE = /invit|einlad|lade|uitnod|nodig|convid|bjud/;

/** “We remind you of your appointment on …”, “you are invited to the opening” ask for nothing. */
function remindsOfEvent(frame: string, rest: string, language: Language): boolean {
  const clause = rest.trimStart().split(/[.,;:!?]/)[0] ?? '';
  const words = clause.split(/[\s']+/, language.requests.verbLast ? undefined : 4);
  if (words.some((word) => isVerb(word, language))) return false;
  const isEvent = cuesOf(language).event.test(rest.slice(0, 50));
  return (REMIND.test(frame) && isEvent) || (INVITE.test(frame) && (isEvent || !language.requests.verbLast));
}

/** Whether a folded sentence asks the reader for something. Words that only look like a request do not count. */
export function asks(folded: string, language: Language): boolean {
  // What is left of a courtesy (“gracias por | aceptar”) begins nothing.
  const plain = withoutCourtesy(folded, language);
  const { request, awaits, yours } = cuesOf(language);
  // “We expect the parcel on Thursday” asks for nothing, “we expect your answer” does.
  for (const { 0: words, index } of request(plain)) {
    if (verbsOf(language).denied.test(plain.slice(0, index))) continue;
    const isAwaited = awaits.test(words) && !yours.test(plain);
    if (!isAwaited && !remindsOfEvent(words, plain.slice(index + words.length), language)) return true;
  }
  if (plain.includes('?') && cuesOf(language).may.test(plain)) return true;
  return orderAt(plain, language) !== null || isNote(plain, language) || isWhether(plain, language);
}

/** “Would that be possible by Friday?” */
const isWhether = (folded: string, language: Language): boolean =>
  folded.includes('?') && verbsOf(language).goes.test(folded);

/** “Te doen: het pakket voor vrijdag ophalen” */
function isNote(folded: string, language: Language): boolean {
  const verb = language.requests.verbLast
    ? /^[^:;.!?]{2,30}:\s.*\s(\p{L}+n)[.!\s]*$/u.exec(folded)?.[1]
    : null;
  return verb != null && isVerb(verb, language);
}
