import { alternatives, perLanguage, wholeWords, type Language, type Words } from '../languages/index.ts';

/** Where a cue of each class stands: right in front of the phrase, behind it, in its clause, in its sentence. */
export const cuesOf = perLanguage(({ dates, cues, requests }: Language) => {
  const filler = alternatives(dates.article, cues.on, dates.dayPart, dates.of, dates.at, dates.from, dates.endOf, 'die|der');
  const lead = (...words: Words[]) =>
    new RegExp(`(?<![\\p{L}\\p{N}])${alternatives(...words)}(?![\\p{L}\\p{N}])[\\s:,("'-]*(?:${filler}(?![\\p{L}])[\\s:,(]*){0,4}$`, 'u');
  const near = (...words: Words[]) =>
    new RegExp(`(?<![\\p{L}\\p{N}])${alternatives(...words)}[\\s:,]*(?:${alternatives(dates.article, cues.on)}(?![\\p{L}])\\s*){0,2}$`, 'u');
  return {
    by: lead(cues.by),
    until: lead(cues.until),
    spanBy: new RegExp(`^${alternatives(cues.by)}\\s`, 'u'),
    spanUntil: new RegExp(`^${alternatives(cues.until)}\\s`, 'u'),
    latest: new RegExp(`^[\\s,(-]*(?:\\p{L}{1,9}\\s+){0,2}${alternatives(cues.latest)}(?![\\p{L}\\p{N}])`, 'u'),
    noun: wholeWords(cues.dueNoun),
    purpose: new RegExp(`(?<![\\p{L}])${alternatives(cues.purpose)}\\s+(?:[\\p{L}'-]+\\s+){0,5}$`, 'u'),
    request: wholeWords(requests.frames, requests.needs),
    obligation: wholeWords(cues.obligation),
    event: wholeWords(cues.event),
    past: wholeWords(cues.past),
    issue: near(cues.issue),
    absence: wholeWords(cues.absence),
    commit: wholeWords(cues.commit),
    every: near(dates.every),
    move: wholeWords(cues.move),
    instead: near(cues.instead),
    lift: wholeWords(cues.lift),
    day: new RegExp(`(?<![\\p{L}])(?:${alternatives(cues.on, dates.article)}\\s+){1,2}$`, 'u'),
    from: near(dates.from),
    to: new RegExp(`^[\\s,]*${alternatives(dates.to)}(?![\\p{L}])`, 'u'),
  };
});

const courtesy = perLanguage(({ requests }: Language) => wholeWords(requests.courtesy));
const firstWord = perLanguage(
  ({ requests, mail }: Language) =>
    new RegExp(`^[\\s"'*•-]*(?:${alternatives(mail.greeting)}(?![\\p{L}])[^,:!.]{0,30}[,:!.]\\s*)?(?:${alternatives(requests.high)}[:!,]\\s*)?(?:(?:${alternatives(requests.please)})[\\s,]+){0,2}${alternatives(requests.verbs)}(?![\\p{L}\\p{N}'])`, 'u'),
);

/** Whether it asks for something or says that something has to be done. */
export const wants = (folded: string, language: Language) =>
  asks(folded, language) || cuesOf(language).obligation.test(folded);

/** Whether a folded sentence asks the reader for something. */
export function asks(folded: string, language: Language): boolean {
  const plain = folded.replace(courtesy(language), '');
  if (plain !== folded) return false;
  return firstWord(language).test(folded) || cuesOf(language).request.test(folded);
}
