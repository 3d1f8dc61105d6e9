import type { EvidenceSpan } from '../../reading/index.ts';

/** What a reading of shorthand looks for: words at the head of a clause, or a sign in front of a word. */
export interface Signal {
  words: readonly string[];
  sign: string | null;
  /** How far a value behind a sign goes. */
  upTo: 'word' | 'end of line';
}

/** A clause of shorthand: the whole of it, and its value. */
export interface Clause {
  signal: Signal;
  whole: EvidenceSpan[];
  value: string;
  spans: EvidenceSpan[];
}
