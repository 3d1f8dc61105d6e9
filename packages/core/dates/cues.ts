import {
  alternatives,
  orderAt,
  pattern,
  perLanguage,
  wholeWords,
  WORD_END,
  type Language,
  type Words,
} from '../languages/index.ts';

/** Where a cue of each class stands: right in front of the phrase, behind it, in its clause, in its sentence. */
export const cuesOf = perLanguage(({ dates, cues, requests }: Language) => {
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
    latest: pattern(`^[\\s,(-]*(?:\\p{L}{1,9}\\s+){0,2}${alternatives(cues.latest)}(?![\\p{L}\\p{N}])`),
    noun: compound(cues.dueNoun),
    purpose: pattern(`(?<![\\p{L}])${alternatives(cues.purpose)}\\s+(?:[\\p{L}'-]+\\s+){0,5}$`),
    request: pattern(
      `(?<![\\p{L}\\p{N}])${alternatives(requests.frames, requests.needs)}${WORD_END}(?!\\s+${alternatives(requests.be)}(?![\\p{L}]))`,
    ),
    may: wholeWords(requests.may),
    must: wholeWords(cues.must),
    obligation: wholeWords(cues.obligation),
    event: compound(cues.event),
    past: wholeWords(cues.past),
    issue: near(cues.issue),
    absence: wholeWords(cues.absence),
    commit: wholeWords(cues.commit),
    future: wholeWords(cues.future),
    state: wholeWords(cues.state),
    offer: compound(cues.offer),
    coming: wholeWords(cues.coming),
    every: near(dates.every),
    move: wholeWords(cues.move),
    instead: near(cues.instead),
    lift: wholeWords(cues.lift),
    day: pattern(`(?<![\\p{L}])(?:${alternatives(cues.on, dates.article)}\\s+){1,2}$`),
    from: near(dates.from),
    to: pattern(`^[\\s,]*${alternatives(dates.to)}(?![\\p{L}])`),
  };
});

const courtesy = perLanguage(({ requests }: Language) =>
  pattern(
    `(?:${alternatives(requests.frames)}\\s+)?(?<![\\p{L}])${alternatives(requests.courtesy)}${WORD_END}`,
    'g',
  ),
);

/** Whether it asks for something or says that something has to be done. */
export const wants = (folded: string, language: Language) =>
  asks(folded, language) || cuesOf(language).obligation.test(folded);

/** Whether a folded sentence asks the reader for something. Words that only look like a request do not count. */
export function asks(folded: string, language: Language): boolean {
  const plain = folded.replace(courtesy(language), ' ');
  if (cuesOf(language).request.test(plain)) return true;
  if (plain.includes('?') && cuesOf(language).may.test(plain)) return true;
  return orderAt(plain, language) !== null;
}
