import {
  alternatives,
  finderOf,
  fold,
  LANGUAGES,
  listOf,
  pattern,
  WORD_END,
  type Language,
  type Words,
} from '../languages/index.ts';
import { header, type Message } from '../mail/index.ts';
import { Priority } from '../tasks/index.ts';

const finder = (pick: (words: Language['requests']) => Words) =>
  finderOf({ classes: LANGUAGES.map((l) => pick(l.requests)), after: WORD_END });
const LEVELS: readonly [Priority, ReturnType<typeof finder>][] = [
  ['low', finder(({ low }) => low)],
  ['medium', finder(({ medium }) => medium)],
  ['high', finder(({ high }) => high)],
];
const NEGATED = pattern(
  `(?<![\\p{L}])(?:\\p{L}+n't|${alternatives(...LANGUAGES.map((l) => l.requests.negation))})\\s+(?:\\S+\\s+)?$`,
);

const fromNowOn = finder(({ fromNowOn: words }) => words);

export interface StatedPriority {
  level: Priority;
  start: number;
  end: number;
}

/** The priority that words state, with its place; “not urgent” is low and never high. */
export function priorityIn(text: string): StatedPriority | null {
  let folded = fold(text);
  for (const { 0: words, index } of [...fromNowOn(folded)])
    folded = folded.slice(0, index) + ' '.repeat(words.length) + folded.slice(index + words.length);
  for (const [level, find] of LEVELS) {
    for (const { 0: found, index } of find(folded)) {
      if (level === 'high' && NEGATED.test(folded.slice(Math.max(0, index - 24), index))) continue;
      return { level, start: index, end: index + found.length };
    }
  }
  return null;
}

const BARE = Priority.options.map((level) => ({
  level,
  words: new Set(LANGUAGES.flatMap(({ requests }) => listOf(requests.levels[level])).map(fold)),
}));

/** A level that is the only word of its line: “High!” above a forward. */
export function loneLevel(text: string): StatedPriority | null {
  for (const { 0: line, index } of text.matchAll(/[^\n]+/g)) {
    const word = /\p{L}+/u.exec(line);
    if (word?.[0].length !== line.replace(/[^\p{L}\p{N}]/gu, '').length) continue;
    const found = BARE.find(({ words }) => words.has(fold(word[0])));
    if (found)
      return { level: found.level, start: index + word.index, end: index + word.index + word[0].length };
  }
  return null;
}

/** `!!!` in a subject. */
export function exclaimed(subject: string): StatedPriority | null {
  const at = subject.indexOf('!!!');
  return at === -1 ? null : { level: 'high', start: at, end: at + 3 };
}

/** The priority of the message's headers (RFC 2156, section 5.3.6, and the usual `X-Priority`). */
export function headerPriority(message: Message): { level: Priority; header: string; value: string } | null {
  for (const name of ['Importance', 'X-Priority', 'Priority', 'X-MSMail-Priority']) {
    const value = header(message, name)?.trim().toLowerCase() ?? '';
    if (/^(?:high|urgent|[12]\b)/.test(value)) return { level: 'high', header: name, value };
    if (/^(?:low|non-urgent|[45]\b)/.test(value)) return { level: 'low', header: name, value };
  }
  return null;
}
