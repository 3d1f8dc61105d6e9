/** chrono-node's time grows with the square of what it is given. */
const LONGEST = 400;

export interface Sentence {
  start: number;
  text: string;
}

/**
 * Sentences of a text with their places. A blank line, a list mark and a `Label:` begin a new one; a plain line end
 * (hard wrap) does not and becomes a blank. None is longer than 400 characters.
 */
export function sentencesOf(text: string): Sentence[] {
  const sentences: Sentence[] = [];
  let start = 0;
  for (const boundary of boundariesOf(text)) {
    sentences.push(...pieces(text, start, boundary));
    start = boundary;
  }
  return sentences;
}

function* boundariesOf(text: string): Generator<number> {
  const end =
    /[.!?]["')\]]?[ \n](?=\s{0,3}["'(]?[A-Z])|\n(?=\n|[ \t]{0,8}(?:[-*•]|\d{1,2}[.)]|[A-Z][\w ]{0,30}:)\s?)/g;
  for (const match of text.matchAll(end)) yield match.index + match[0].length;
  yield text.length;
}

function* pieces(text: string, from: number, to: number): Generator<Sentence> {
  for (let start = from; start < to;) {
    let end = Math.min(to, start + LONGEST);
    if (end < to) {
      const blank = text.slice(start, end).search(/\s\S*$/);
      if (blank > LONGEST / 2) end = start + blank + 1;
    }
    yield { start, text: text.slice(start, end).replaceAll('\n', ' ') };
    start = end;
  }
}
