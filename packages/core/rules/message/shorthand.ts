import { fold, type Place } from '../../languages/index.ts';
import { linesOf } from '../../anatomy/index.ts';
import type { EvidenceSpan } from '../../reading/index.ts';
import type { Clause, Signal } from './clause.ts';
import { unitSpans, type Unit } from './unit.ts';
import type { View } from './view.ts';

/**
 * The shorthand in a message: clauses between semicolons in the subject and in the note, and lines of its own in the
 * newest words, which begin with one of the rule's words or signs.
 */
export function findClauses(view: View, signals: readonly Signal[]): Clause[] {
  return (['subject', 'note', 'newest'] as const).flatMap((scope) => {
    const text = view.text(scope);
    const lines = linesOf(text.value, { start: 0, end: text.value.length });
    const own = scope === 'newest' ? lines.filter((line) => beginsWithSignal(line.text, signals)) : lines;
    return own.flatMap((line) =>
      clausesOf(line.text, signals).map(({ signal, whole, value }) => ({
        signal,
        whole: text.spans(line.start + whole.start, line.start + whole.end),
        value: line.text.slice(value.start, value.end),
        spans: text.spans(line.start + value.start, line.start + value.end),
      })),
    );
  });
}

interface ClausePlace {
  signal: Signal;
  whole: Place;
  value: Place;
}

function clausesOf(line: string, signals: readonly Signal[]): ClausePlace[] {
  let at = 0;
  return line.split(';').flatMap((clause) => {
    const start = at;
    at += clause.length + 1;
    return [...byWord(clause, signals), ...bySign(clause, signals)].map(({ signal, whole, value }) => ({
      signal,
      whole: { start: start + whole.start, end: start + whole.end },
      value: { start: start + value.start, end: start + value.end },
    }));
  });
}

const headOf = (clause: string, word: string): string | null => {
  const lead = clause.length - clause.trimStart().length;
  const folded = fold(clause).slice(lead);
  if (!folded.startsWith(fold(word))) return null;
  const behind = /^\s*[:=]?\s+(?=\S)|^\s*[:=]\s*(?=\S)/.exec(folded.slice(word.length))?.[0];
  return behind === undefined ? null : clause.slice(0, lead + word.length + behind.length);
};

function byWord(clause: string, signals: readonly Signal[]): ClausePlace[] {
  for (const signal of signals) {
    for (const word of signal.words) {
      const head = headOf(clause, word);
      if (head === null) continue;
      const end = clause.trimEnd().length;
      return [{ signal, whole: { start: 0, end: clause.length }, value: { start: head.length, end } }];
    }
  }
  return [];
}

function bySign(clause: string, signals: readonly Signal[]): ClausePlace[] {
  return signals.flatMap((signal) => (signal.sign === null ? [] : signsIn(clause, signal, signal.sign)));
}

function signsIn(clause: string, signal: Signal, sign: string): ClausePlace[] {
  const found: ClausePlace[] = [];
  for (let at = clause.indexOf(sign); at !== -1; at = clause.indexOf(sign, at + sign.length)) {
    const isAtWordStart = at === 0 || /\s/.test(clause.charAt(at - 1));
    const rest = clause.slice(at + sign.length);
    const value = signal.upTo === 'word' ? /^(?:"[^"]+"|[^\s"]+)/.exec(rest)?.[0] : rest.trimEnd();
    if (!isAtWordStart || !value) continue;
    const start = at + sign.length;
    const quotes = value.startsWith('"') ? 1 : 0;
    found.push({
      signal,
      whole: { start: at, end: start + value.length },
      value: { start: start + quotes, end: start + value.length - quotes },
    });
  }
  return found;
}

/** A line that ends as a sentence does is none of shorthand: “Due to the rain we are late.” */
const isSentence = (line: string) => /\p{L}[.!?]\s*$/u.test(line);

const beginsWithSignal = (line: string, signals: readonly Signal[]) =>
  !isSentence(line) &&
  signals.some(
    ({ words, sign }) =>
      words.some((word) => headOf(line, word) !== null) ||
      (sign !== null && line.trimStart().startsWith(sign)),
  );

/**
 * Of each unit the clauses that count for it: those on its own lines and on the indented ones below them. What stands
 * beside all units counts for each of them.
 */
export function clausesOfUnits(clauses: readonly Clause[], units: readonly Unit[], view: View): Clause[][] {
  if (clauses.length === 0) return units.map(() => []);
  const stretches = units.map((unit) => unitSpans(unit).map((span) => linesAround(span, view)));
  const owners = clauses.map(({ whole: [first] }) =>
    stretches.findLastIndex((own) => own.some((stretch) => first !== undefined && isWithin(first, stretch))),
  );
  return units.map((_, i) => clauses.filter((_, n) => owners[n] === -1 || owners[n] === i));
}

type Stretch = Pick<EvidenceSpan, 'part' | 'start' | 'end'>;

const isWithin = (span: EvidenceSpan, { part, start, end }: Stretch) =>
  span.part === part && span.start >= start && span.start < end;

function linesAround({ part, start, end }: EvidenceSpan, { incoming: { reading } }: View): Stretch {
  const { text, subject } = reading.message;
  const whole = part === 'subject' ? subject : text;
  const first = whole.lastIndexOf('\n', start - 1) + 1;
  const below = /^[^\n]*(?:\n[ \t]+\S[^\n]*)*/.exec(whole.slice(end));
  return { part, start: first, end: end + (below?.[0].length ?? 0) + 1 };
}

/** The words of some spans without those that stand in shorthand, and what is left of the spans. */
export function withoutShorthand(
  spans: readonly EvidenceSpan[],
  shorthand: readonly Clause[],
): { words: string; spans: EvidenceSpan[] } {
  const cuts = shorthand.flatMap(({ whole }) => whole);
  const left = spans
    .flatMap((span) => cuts.filter((cut) => cut.part === span.part).reduce(cutAway, [span]))
    .flatMap(trimmed);
  const joint = left[0]?.part === 'subject' ? ' ' : '\n';
  return { words: left.map(({ quote }) => quote).join(joint), spans: left };
}

/** A title without the shorthand in it. */
export const titleWithoutShorthand = (title: string, shorthand: readonly Clause[]): string =>
  shorthand
    .flatMap(({ whole }) => whole)
    .reduce((left, { quote }) => left.replace(quote.trim(), ' '), title)
    .replace(/\s+/g, ' ')
    .replace(/[\s;]+$/, '')
    .trim();

/** What is left of a clause, without the blanks and semicolons around it. */
function trimmed(span: EvidenceSpan): EvidenceSpan[] {
  const lead = /^[\s;]*/.exec(span.quote)?.[0].length ?? 0;
  const quote = span.quote.slice(lead).replace(/[\s;]+$/, '');
  return quote === ''
    ? []
    : [{ ...span, start: span.start + lead, end: span.start + lead + quote.length, quote }];
}

function cutAway(spans: EvidenceSpan[], cut: EvidenceSpan): EvidenceSpan[] {
  return spans.flatMap((span) => {
    if (cut.end <= span.start || cut.start >= span.end) return [span];
    const piece = (start: number, end: number): EvidenceSpan[] =>
      start < end
        ? [{ ...span, start, end, quote: span.quote.slice(start - span.start, end - span.start) }]
        : [];
    return [...piece(span.start, cut.start), ...piece(cut.end, span.end)];
  });
}
