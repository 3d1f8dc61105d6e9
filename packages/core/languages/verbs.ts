import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { perLanguage } from './languages.ts';
import { alternatives, listOf, pattern, wholeWords, WORD_END } from './words.ts';

/** What a language knows of its verbs and of the words around them, ready to look up in folded text. */
export const verbsOf = perLanguage(({ requests, mail }: Language) => {
  const start = (words: string) => pattern(`^(?:${words})(?![\\p{L}\\p{N}'])[\\s,.:;!-]*`);
  return {
    verbs: new Set(listOf(requests.verbs)),
    generic: new Set(listOf(requests.generic)),
    forms: new Map(
      listOf(requests.forms).map((pair): [string, string] => {
        const [form = '', base = ''] = pair.split(' ');
        return [form, base];
      }),
    ),
    frame: pattern(`(?<![\\p{L}\\p{N}])${alternatives(requests.frames)}${WORD_END}[\\s,]*`, 'g'),
    needs: pattern(`(?<![\\p{L}\\p{N}])${alternatives(requests.needs)}${WORD_END}\\s*`),
    passive: pattern(
      `^(?<thing>.{3,80}?)\\s+(?:${alternatives(requests.passive)})\\s+(?<verb>[\\p{L}-]+)(?<rest>.*)$`,
    ),
    courtesy: pattern(`(?<![\\p{L}])${alternatives(requests.courtesy)}(?![\\p{L}])`),
    opening: start(alternatives(requests.please, requests.fillers)),
    please: start(alternatives(requests.please)),
    polite: wholeWords(requests.polite),
    denied: pattern(`(?<![\\p{L}])${alternatives(requests.negation)}\\s*$`),
    denies: pattern(`^${alternatives(requests.negation)}\\s`),
    nothing: wholeWords(requests.nothing),
    be: pattern(`^${alternatives(requests.be)}\\s`),
    condition: pattern(`^\\s*${alternatives(requests.condition)}\\s`),
    goal: pattern(`^${alternatives(requests.goal)}\\s`),
    noun: pattern(`^[\\p{L}'-]+\\s${alternatives(requests.afterNoun)}\\s`),
    writer: pattern(`^\\S+\\s${alternatives(requests.writer)}(?:\\s|$)`),
    formal: pattern(`^\\p{L}+\\s${alternatives(requests.you)}\\s`),
    modal: pattern(`\\s+${alternatives(requests.modals)}$`),
    modalInside: pattern(`\\s${alternatives(requests.modals)}(?=\\s\\p{L}+en$)`),
    and: new Set(listOf(requests.and)),
    joined: pattern(`^${alternatives(requests.and, requests.be)}(?:\\s|$)`),
    people: new Set(listOf(requests.indirect)),
    greeting: pattern(`^\\s*${alternatives(mail.greeting)}(?![\\p{L}])[^,:!.\\n]{0,40}[,:!.]\\s*`),
    indirect: start(alternatives(requests.indirect)),
    pronoun: pattern(`^${alternatives(requests.pronouns)}(?![\\p{L}'])`),
    reason: pattern(`(?:[,;]\\s*|\\s+(?:-\\s+)?)${alternatives(requests.reason)}(?![\\p{L}])`),
    aside: pattern(`,\\s*${alternatives(requests.aside)}(?![\\p{L}])`),
    trailing: pattern(
      `[\\s,]*(?<![\\p{L}])${alternatives(requests.please, requests.high, requests.low)}[\\s,.!]*$`,
    ),
    particles: new Set(listOf(requests.particles)),
    urgent: pattern(`^\\s*${alternatives(requests.high)}\\s*[:!,–-]+\\s*`),
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

/** Pronouns that are written onto the verb. */
const CLITIC: Partial<Record<LanguageCode, RegExp>> = {
  es: /(?:me|nos|le|les|lo|la|los|las|te|se)$/,
  it: /(?:mi|ci|gli|le|lo|la|li|ti|vi|melo|celo)$/,
};

/** Infinitives that a word may be the imperative of, by its ending. */
function imperatives(word: string, code: LanguageCode): string[] {
  if (word.length < 4) return [];
  if (code === 'nl') return [`${word}en`, `${word.replace(/([aeou])\1(?=[b-z]$)/, '$1')}en`];
  if (code === 'fr') return word.endsWith('ez') ? [`${word.slice(0, -1)}r`] : [];
  if (code !== 'es' && code !== 'pt') return [];
  const stem = word.replace(/(?:em|en|am|an|e|a)$/, '');
  return stem === word ? [] : ['ar', 'er', 'ir'].map((ending) => `${stem}${ending}`);
}

/** Whether the word is a verb that a request may begin with; `-nous`, `zurück-` and the like do not count. */
export function isVerb(word: string, language: Language): boolean {
  const whole = fold(word);
  const bare = whole.replace(
    CLITIC[language.code] ?? /-(?:nous|moi|lui|leur|me|nos|lhe|lhes|te|le|la|les|o|a)$/,
    '',
  );
  const { verbs, particles } = verbsOf(language);
  if (language.code === 'de' && (verbs.has(`${bare}en`) || verbs.has(`${bare}n`)) && bare.length > 3)
    return true;
  if (imperatives(bare, language.code).some((base) => verbs.has(base))) return true;
  if (verbs.has(bare) || verbs.has(whole) || (INFINITIVE[language.code]?.test(bare) ?? false)) return true;
  return [...particles].some(
    (particle) => bare.startsWith(particle) && bare.endsWith('en') && verbs.has(bare.slice(particle.length)),
  );
}

/** Whether the words are put as an order: the verb first or, where the language has it so, last. */
export function beginsWithVerb(words: string, language: Language): boolean {
  const tokens = words.trim().split(/\s+/);
  const first = (tokens[0] ?? '').replace(/[^\p{L}'-]/gu, '');
  const last = (tokens.at(-1) ?? '').replace(/[^\p{L}'-]/gu, '');
  if (isVerb(first, language) && tokens.length > 1) return true;
  return language.requests.verbLast && tokens.length > 1 && /^\p{Ll}/u.test(last) && isVerb(last, language);
}

/** “signed” → “sign”, “complété” → “compléter”, “fyllas” → “fylla”; null where the word is no participle. */
export function participleBase(word: string, language: Language): string | null {
  const known = verbsOf(language).forms.get(fold(word));
  if (known !== undefined) return known;
  const turned =
    PARTICIPLES[language.code]?.map(([ending, base]) =>
      ending.test(word) ? word.replace(ending, base) : null,
    ) ?? [];
  return turned.find((base) => base !== null && isVerb(base, language)) ?? null;
}

const PARTICIPLES: Partial<Record<LanguageCode, readonly (readonly [RegExp, string])[]>> = {
  fr: [[/ée?s?$/, 'er'], [/ie?s?$/, 'ir'], [/ue?s?$/, 're']],
  es: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'ir'], [/id[oa]s?$/, 'er']],
  pt: [[/ad[oa]s?$/, 'ar'], [/id[oa]s?$/, 'er'], [/id[oa]s?$/, 'ir']],
  it: [[/at[oaie]$/, 'are'], [/ut[oaie]$/, 'ere'], [/it[oaie]$/, 'ire']],
  sv: [[/s$/, ''], [/(?:de|da|t|d)$/, 'a']],
  de: [[/^(.*?)zu(.+en)$/, '$1$2'], [/^(.*?)ge(.+)t$/, '$1$2en'], [/^(.+)t$/, '$1en'], [/^(.*?)ge(.+en)$/, '$1$2'], [/schrieben$/, 'schreiben']],
  nl: [[/^(.*?)ge(.+?)(?:t|d)$/, '$1$2en'], [/^(.+?)(?:t|d)$/, '$1en']],
}; // prettier-ignore
