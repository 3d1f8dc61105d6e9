import {
  actionBase,
  alternatives,
  baseForm,
  fold,
  isInfinitive,
  isSmall,
  isVerb,
  pattern,
  perLanguage,
  thirdBase,
  verbsOf,
  wholeWords,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';
import type { Asked } from './asked.ts';
import { isDenied } from './framed.ts';
import { actionIn } from './action.ts';
import { capital, tidy, uncapital, withThing } from './tidy.ts';

/** Where a date has given way to blanks. */
const GAP = /\s{3,}/;
/** A request in so few words has no verb (“Comments by Friday please”). */
const FEW = 5;

/**
 * What only names the thing that is due on a day: an action (“Payment of the invoice is due on …”, “Anmeldeschluss: …”),
 * what is owed (“The balance falls due on …”) or, in few words, what is to be sent (“Comments by …, please”).
 */
export function namedBeside(text: string, folded: string, language: Language, thing: string): Asked | null {
  const [head = '', tail = ''] = text.split(GAP);
  if (verbsOf(language).courtesy.test(folded) || isDenied(head, tail, language)) return null;
  const start = text.length - text.trimStart().length;
  const title = owed(head, language) ?? action(head, language) ?? inFewWords(head, tail, language);
  if (title === null) return null;
  return { title: withThing(title, thing), strength: -0.5, start, generic: false, refers: false };
}

/** Between an action and its object. */
const OF: Record<LanguageCode, RegExp> = {
  en: /^(?:of|for)\s/,
  de: /^(?:der|des|von|ihrer|ihres|deiner|zum|zur)\s/,
  fr: /^(?:de|du|des|d')\s?/,
  es: /^(?:de|del)\s/,
  pt: /^(?:de|do|da|dos|das)\s/,
  nl: /^van\s/,
  it: /^(?:di|del|della|dei|delle|dell')\s?/,
  sv: /^(?:av|till)\s/,
};

function action(head: string, language: Language): string | null {
  const words = withoutArticle(head.trim(), language);
  const [noun = '', ...rest] = words.split(/\s+/);
  const base = actionBase(noun.replace(/:$/, ''), language) ?? closingBase(noun, language);
  if (base === null || verbsOf(language).event.test(fold(noun))) return null;
  const object = tidy(rest.join(' '), language);
  const of = OF[language.code].test(`${fold(object)} `);
  const whole = of ? actionIn(`${noun} ${cutVerb(object, language)}`, language) : null;
  return whole ?? capital(base);
}

/** The words up to a verb or a small word that follows the name. */
function cutVerb(words: string, language: Language): string {
  const tokens = words.split(/\s+/);
  const end = tokens.findIndex(
    (word, i) => i > 1 && (thirdBase(word, language) !== null || (isSmall(word, language) && i > 2)),
  );
  return (end === -1 ? tokens : tokens.slice(0, end)).join(' ');
}

/** “Anmeldeschluss”, “inschrijftermijn”, “ansökningsdag”: what one does until then. */
const CLOSING: Partial<Record<LanguageCode, RegExp>> = {
  de: /^(?<stem>\p{L}{4,}?)s?(?:schluss|frist|ende|termin)$/u,
  nl: /^(?<stem>\p{L}{4,}?)s?(?:termijn|datum|deadline)$/u,
  sv: /^(?<stem>\p{L}{4,}?)s?(?:dag|datum|tid)$/u,
};

/** “Anmeldeschluss: 15. April” */
export function closing(sentence: string, language: Language, thing: string): Asked | null {
  for (const { 0: word, index } of sentence.matchAll(/\p{L}{6,}/gu)) {
    const base = index > 0 && word.endsWith('ing') ? null : closingBase(word, language);
    if (base === null) continue;
    const title = withThing(capital(base), thing);
    return { title, strength: -0.5, start: index, generic: false, refers: false };
  }
  return null;
}

function closingBase(word: string, language: Language): string | null {
  // “Voting closes on …”
  if (
    language.code === 'en' &&
    /\p{L}{3}ing$/u.test(word) &&
    fold(word) !== 'following' &&
    isVerb(baseForm(word, language), language)
  )
    return baseForm(word, language);
  const stem = CLOSING[language.code]?.exec(fold(word).replace(/:$/, ''))?.groups?.stem;
  if (stem === undefined) return null;
  const verb = [stem, `${stem}n`, `${stem}en`].find((one) => isVerb(one, language));
  return actionBase(stem, language) ?? (verb === undefined ? null : baseForm(verb, language));
}

const bills = perLanguage(({ requests, cues }: Language) => ({
  noun: pattern(`(?<![\\p{L}])(?:\\p{L}{3,20}(?=\\p{L}{4}))?${alternatives(requests.bills)}(?![\\p{L}])`),
  article: pattern(
    `^(?:${alternatives(requests.yours)}|${alternatives(requests.determiners)}|um)(?:(?<=')|\\s)\\s*`,
  ),
  paid: wholeWords(cues.past),
  needs: wholeWords(requests.othersNeed),
}));

const withoutArticle = (words: string, language: Language) =>
  words.slice(bills(language).article.exec(fold(words))?.[0].length ?? 0);

/** What a subject names that is owed (“Invoice 2026-031” → “Pay Invoice 2026-031”), or null. */
export const owedBy = (subject: string, language: Language): string | null =>
  bills(language).noun.test(fold(subject)) && !bills(language).paid.test(fold(subject))
    ? `${language.requests.pay} ${subject}`
    : null;

/** “The balance of 240.00 falls due” → “Pay the balance of 240.00” */
function owed(head: string, language: Language): string | null {
  const words = head.trim();
  const found = bills(language).noun.exec(fold(words));
  // “De uitleentermijn verloopt”: a time is not paid.
  if (found && /\p{L}{3}termijn$/u.test(found[0])) return null;
  if (!found || words.slice(0, found.index).split(/\s+/).length > 3) return null;
  const end = found.index + found[0].length;
  const amount =
    /^\s+(?:\p{L}{1,4}\s+)?(?:[€$£]\s?)?\d[\d.,]*(?:\s?(?:€|euros?|eur|kronor|kr|gbp|usd)(?!\p{L}))?/iu;
  const more = amount.exec(words.slice(end))?.[0] ?? '';
  return `${language.requests.pay} ${uncapital(words.slice(0, end + more.length))}`;
}

const THANKS = /^(?:thank|danke|vielen dank|merci|gracias|obrigad|dank|bedankt|grazie|tack)/;

/** “Comments by Friday, please”, “Draft attached – comments by Friday” → “Send comments” */
function inFewWords(head: string, tail: string, language: Language): string | null {
  const { polite, please } = verbsOf(language);
  const clause = head.split(/\s[–-]\s|[:;]/).at(-1) ?? '';
  const behind = fold(tail).replace(/^[\s,.!-]+/, '');
  const asks =
    polite.test(fold(`${clause} ${tail}`)) ||
    THANKS.test(behind) ||
    (behind === '' && please.test(fold(clause)));
  const name = tidy(clause, language);
  const words = name.split(/\s+/);
  // “Vos remarques”: behind an article stands no verb.
  const bare = withoutArticle(name, language).split(/\s+/);
  const isName = bare.every(
    (word, i) =>
      (i === 0 && (bare.length < words.length || (bare.length <= 2 && !isInfinitive(word, language)))) ||
      (!isVerb(word, language) && thirdBase(word, language) === null),
  );
  if (!asks || bills(language).needs.test(fold(name)) || name.length < 4 || words.length > FEW || !isName)
    return null;
  return actionIn(name, language) ?? `${language.requests.provide} ${uncapital(name)}`;
}
