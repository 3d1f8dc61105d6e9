import { alternatives, fold, LANGUAGES, pattern, wholeWords, type Words } from '../languages/index.ts';
import { header, type Message } from '../mail/index.ts';

type Level = 'high' | 'medium' | 'low';

const allOf = (...classes: Words[]) => new RegExp(wholeWords(...classes), 'g');
const LEVELS: readonly [Level, RegExp][] = [
  ['low', allOf(...LANGUAGES.map((l) => l.requests.low))],
  ['medium', allOf(...LANGUAGES.map((l) => l.requests.medium))],
  ['high', allOf(...LANGUAGES.map((l) => l.requests.high))],
];
const NEGATED = pattern(
  `(?<![\\p{L}])(?:\\p{L}+)?${alternatives(...LANGUAGES.map((l) => l.requests.negation))}\\s+(?:\\S+\\s+)?$`,
);

const FROM_NOW_ON = allOf(...LANGUAGES.map((l) => l.requests.fromNowOn));

export interface StatedPriority {
  level: Level;
  start: number;
  end: number;
}

/** The priority that words state, with its place; “not urgent” is low and never high. */
export function priorityIn(text: string): StatedPriority | null {
  const folded = fold(text).replace(FROM_NOW_ON, (words) => ' '.repeat(words.length));
  for (const [level, words] of LEVELS) {
    for (const { 0: found, index } of folded.matchAll(words)) {
      if (level === 'high' && NEGATED.test(folded.slice(Math.max(0, index - 24), index))) continue;
      return { level, start: index, end: index + found.length };
    }
  }
  return null;
}

/** `!!!` in a subject. */
export function exclaimed(subject: string): StatedPriority | null {
  const at = subject.indexOf('!!!');
  return at === -1 ? null : { level: 'high', start: at, end: at + 3 };
}

/** The priority of the message's headers (RFC 2156, section 5.3.6, and the usual `X-Priority`). */
export function headerPriority(message: Message): { level: Level; header: string; value: string } | null {
  for (const name of ['Importance', 'X-Priority', 'Priority', 'X-MSMail-Priority']) {
    const value = header(message, name)?.trim().toLowerCase() ?? '';
    if (/^(?:high|urgent|[12]\b)/.test(value)) return { level: 'high', header: name, value };
    if (/^(?:low|non-urgent|[45]\b)/.test(value)) return { level: 'low', header: name, value };
  }
  return null;
}
