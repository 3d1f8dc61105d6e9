import { alternatives, fold, listOf, perLanguage, WORD_END, type Language, type LanguageCode } from '../languages/index.ts';

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
    frame: new RegExp(`(?<![\\p{L}\\p{N}])${alternatives(requests.frames)}${WORD_END}[\\s,]*`, 'gu'),
    needs: new RegExp(`(?<![\\p{L}\\p{N}])${alternatives(requests.needs)}${WORD_END}\\s*`, 'u'),
    passive: new RegExp(`^(?<thing>.{3,80}?)\\s+(?:${alternatives(requests.passive)})\\s+(?<verb>[\\p{L}-]+)(?<rest>.*)$`, 'u'),
    courtesy: new RegExp(`(?<![\\p{L}])${alternatives(requests.courtesy)}(?![\\p{L}])`, 'u'),
    opening: start(alternatives(requests.please, requests.fillers)),
    please: start(alternatives(requests.please)),
    politely: new RegExp(`(?<=\\s)(?:bitte|please|kindly|alstublieft|alsjeblieft|s'il (?:vous|te) plait|por favor|per favore|gärna|snälla|vänligen|svp|aub)(?![\\p{L}])`, 'giu'),
    greeting: new RegExp(`^\\s*${alternatives(mail.greeting)}(?![\\p{L}])[^,:!.\\n]{0,40}[,:!.]\\s*`, 'u'),
    indirect: start(alternatives(requests.indirect)),
    pronoun: new RegExp(`^${alternatives(requests.pronouns)}(?![\\p{L}'])`, 'u'),
    reason: new RegExp(`(?:[,;]\\s*|\\s+(?:-\\s+)?)${alternatives(requests.reason)}(?![\\p{L}])`, 'u'),
    trailing: new RegExp(`[\\s,]*(?<![\\p{L}])${alternatives(requests.please, requests.high, requests.low)}[\\s,.!]*$`, 'u'),
    particles: new Set(listOf(requests.particles)),
    urgent: new RegExp(`^\\s*${alternatives(requests.high)}\\s*[:!,–-]+\\s*`, 'u'),
  };
});

/** The base form of a verb where the tables know it. */
export function baseForm(word: string, language: Language): string {
  return verbsOf(language).forms.get(fold(word)) ?? word;
}

/** Infinitives by their ending, at least this long; words that only look like them. */
const INFINITIVE: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^(?!hiver|cahier|fevrier|janvier)\p{L}{2,}(?:[^i]er|ir|dre|ttre)$/u,
  es: /^(?!taller|lugar|alquiler|mujer|primer|tercer|cualquier|hogar|similar|escolar)\p{L}{3,}(?:ar|er|ir)(?:lo|la|los|las|nos|me|le)?$/u,
  pt: /^(?!lugar|mulher|qualquer|similar|escolar|prazer|poder)\p{L}{3,}(?:ar|er|ir)(?:-\p{L}+)?$/u,
  it: /^\p{L}{3,}(?:are|ere|ire|arlo|arla|arci|armi)$/u,
};

/** Whether the word is a verb that a request may begin with; `-nous`, `zurück-` and the like do not count. */
export function isVerb(word: string, language: Language): boolean {
  const bare = fold(word).replace(/-(?:nous|moi|lui|leur|me|nos|lhe|te|le|la|les)$/, '');
  const { verbs, particles } = verbsOf(language);
  if (language.code === 'de' && (verbs.has(`${bare}en`) || verbs.has(`${bare}n`)) && bare.length > 3) return true;
  if (verbs.has(bare) || (INFINITIVE[language.code]?.test(bare) ?? false)) return true;
  return [...particles].some((particle) => bare.startsWith(particle) && bare.endsWith('en') && verbs.has(bare.slice(particle.length)));
}

/** Whether the words are put as an order: the verb first or, where the language has it so, last. */
export function beginsWithVerb(words: string, language: Language): boolean {
  const tokens = words.trim().split(/\s+/);
  const first = (tokens[0] ?? '').replace(/[^\p{L}'-]/gu, '');
  const last = (tokens.at(-1) ?? '').replace(/[^\p{L}'-]/gu, '');
  if (isVerb(first, language) && tokens.length > 1) return true;
  return language.requests.verbLast && tokens.length > 1 && /^\p{Ll}/u.test(last) && isVerb(last, language);
}
