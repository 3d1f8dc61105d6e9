import type { Words } from './language.ts';
import { listOf, pattern } from './words.ts';

/** Where words of a class stand: `0` what was found, with what was asked for behind it. */
export interface FoundWords {
  0: string;
  index: number;
}

/** A word or a sign of folded text; `apart`: a blank stands in front of it. */
interface Token {
  word: string;
  apart: boolean;
  start: number;
  end: number;
}

/** Classes by their words, which follow behind a blank or at once; `gap` is “…”. */
interface Branch {
  apart: Map<string, Branch>;
  glued: Map<string, Branch>;
  gap: Branch | null;
  ends: boolean;
}

const TOKEN = pattern('[\\p{L}\\p{N}]+|[^\\s\\p{L}\\p{N}]', 'g');
const MOST_WORDS_IN_GAP = 6;

/**
 * The places of a class's alternatives in folded text, one behind another; of two that begin alike the longer one.
 * `after` is the pattern of what has to follow. It goes from word to word, so that a class of thousands takes no longer
 * than one of few.
 */
export function finderOf(source: { classes: Words[]; after: string }) {
  const root = branch();
  for (const words of listOf(source.classes.join('|'))) grow(root, tokensOf(words));
  const after = pattern(source.after, 'y');
  return function* (folded: string): Generator<FoundWords> {
    const tokens = tokensIn(folded);
    let end = 0;
    for (let i = 0; i < tokens.length; i += 1) {
      const token = tokens[i];
      const first = token && token.start >= end ? root.glued.get(token.word) : undefined;
      const found = token && first ? endOf(first, tokens, i + 1, folded, after) : null;
      if (!token || found === null) continue;
      end = found;
      yield { 0: folded.slice(token.start, end), index: token.start };
    }
  };
}

const branch = (): Branch => ({ apart: new Map(), glued: new Map(), gap: null, ends: false });

function grow(root: Branch, tokens: readonly Token[]): void {
  let at = root;
  for (const { word, apart } of tokens) {
    if (word === '…') {
      at = at.gap ??= branch();
      continue;
    }
    const ways = apart ? at.apart : at.glued;
    const next = ways.get(word) ?? branch();
    ways.set(word, next);
    at = next;
  }
  at.ends = true;
}

/** The first of them stands apart from nothing. */
function tokensOf(folded: string): Token[] {
  const tokens: Token[] = [];
  let end = 0;
  for (const { 0: word, index } of folded.matchAll(TOKEN)) {
    tokens.push({ word, apart: index > end && tokens.length > 0, start: index, end: index + word.length });
    end = index + word.length;
  }
  return tokens;
}

/** The same sentence is asked for many classes, one behind another. */
const known = new Map<string, readonly Token[]>();
const MOST_KNOWN = 32;

function tokensIn(folded: string): readonly Token[] {
  const before = known.get(folded);
  if (before) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const tokens = tokensOf(folded);
  known.set(folded, tokens);
  return tokens;
}

/** Where the words of a branch end that stand there, the longest way first. */
function endOf(
  at: Branch,
  tokens: readonly Token[],
  i: number,
  folded: string,
  after: RegExp,
): number | null {
  const token = tokens[i];
  const next = token && (token.apart ? at.apart : at.glued).get(token.word);
  const plain = next ? endOf(next, tokens, i + 1, folded, after) : null;
  if (plain !== null) return plain;
  if (at.gap) {
    let to = i;
    for (let words = 0; words < MOST_WORDS_IN_GAP; words += 1) {
      const behind = wordEnd(tokens, to);
      if (behind === null) break;
      to = behind;
      const found = endOf(at.gap, tokens, to, folded, after);
      if (found !== null) return found;
    }
  }
  if (!at.ends) return null;
  after.lastIndex = tokens[i - 1]?.end ?? 0;
  const rest = after.exec(folded);
  return rest && rest.index + rest[0].length;
}

/** Behind what stands between two blanks, or null where a sentence ends in it. */
function wordEnd(tokens: readonly Token[], from: number): number | null {
  if (tokens[from]?.apart !== true) return null;
  let to = from;
  do {
    if (/[.;!?]/.test(tokens[to]?.word ?? '')) return null;
    to += 1;
  } while (tokens[to]?.apart === false);
  return to;
}
