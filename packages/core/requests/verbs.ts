import { alternatives, fold, listOf, perLanguage, type Language } from '../languages/index.ts';

/** What a language knows of its verbs and of the words around them, ready to look up in folded text. */
export const verbsOf = perLanguage(({ requests, mail }: Language) => {
  const start = (words: string) => new RegExp(`^(?:${words})(?![\\p{L}\\p{N}'])[\\s,.:;!-]*`, 'u');
  return {
    verbs: new Set(listOf(requests.verbs)),
    forms: new Map(
      listOf(requests.forms).map((pair): [string, string] => {
        const [form = '', base = ''] = pair.split(' ');
        return [form, base];
      }),
    ),
    frame: new RegExp(`(?<![\\p{L}\\p{N}])(?:${alternatives(requests.frames)})(?![\\p{L}\\p{N}])[\\s,]*`, 'gu'),
    needs: new RegExp(`(?<![\\p{L}\\p{N}])(?:${alternatives(requests.needs)})(?![\\p{L}\\p{N}])\\s+`, 'u'),
    passive: new RegExp(`^(?<thing>.{3,80}?)\\s+(?:${alternatives(requests.passive)})\\s+(?<verb>[\\p{L}-]+)(?<rest>.*)$`, 'u'),
    courtesy: new RegExp(`(?<![\\p{L}])${alternatives(requests.courtesy)}(?![\\p{L}])`, 'u'),
    opening: start(alternatives(requests.please, requests.fillers)),
    please: start(alternatives(requests.please)),
    greeting: new RegExp(`^\\s*${alternatives(mail.greeting)}(?![\\p{L}])[^,:!.\\n]{0,40}[,:!.]\\s*`, 'u'),
    indirect: start(alternatives(requests.indirect)),
    pronoun: new RegExp(`^${alternatives(requests.pronouns)}(?![\\p{L}'])`, 'u'),
    reason: new RegExp(`(?:[,;]\\s*|\\s+(?:-\\s+)?)${alternatives(requests.reason)}(?![\\p{L}])`, 'u'),
    trailing: new RegExp(`[\\s,]*(?<![\\p{L}])${alternatives(requests.please, requests.high, requests.low)}[\\s,.!]*$`, 'u'),
    particle: new RegExp(`^(?<rest>.*?)[\\s,]+(?<particle>${alternatives(requests.particles)})$`, 'u'),
  };
});

/** The base form of a verb where the tables know it. */
export function baseForm(word: string, language: Language): string {
  return verbsOf(language).forms.get(fold(word)) ?? word;
}

/** Whether the word is a verb that a request may begin with; `-nous`, `-moi` and the like behind it do not count. */
export function isVerb(word: string, language: Language): boolean {
  const bare = fold(word).replace(/-(?:nous|moi|lui|leur|me|nos|lhe|te|le|la|les)$/, '');
  return verbsOf(language).verbs.has(bare) || (language.code === 'de' && verbsOf(language).verbs.has(fold(word)));
}
