import { CUES } from './cues.ts';
import type { Reason } from './phrase.ts';

/** From this score on a date is a deadline. */
const DEADLINE = 3;
const WEIGHTS = { preposition: 4, after: 4, noun: 3, request: 3, event: -2, range: -3, past: -4 } as const;

export interface Judgement {
  verdict: 'deadline' | 'event' | 'other';
  score: number;
  reasons: Reason[];
  /** How far in front of the phrase its own cue begins (“by ” is 3). */
  lead: number;
}

/** Weighs the cues around a date phrase: deadline, event or neither. */
export function judge(sentence: string, start: number, end: number, isRange: boolean): Judgement {
  const before = sentence.slice(0, start);
  const after = sentence.slice(end);
  const reasons: Reason[] = [];
  const weigh = (cue: keyof typeof WEIGHTS, match: RegExpExecArray | null) => {
    if (match) reasons.push({ cue, weight: WEIGHTS[cue], words: match[0].trim() });
    return match;
  };
  const leading = CUES.prepositionBefore.exec(before.slice(-40));
  const own = weigh('preposition', leading ?? CUES.prepositionWithin.exec(sentence.slice(start, end)));
  weigh('after', CUES.after.exec(after));
  if (!own) weigh('noun', CUES.noun.exec(before));
  weigh('request', CUES.request.exec(sentence));
  weigh('event', own ? null : CUES.event.exec(sentence));
  weigh('past', own ? null : CUES.pastBefore.exec(before));
  if (isRange) reasons.push({ cue: 'range', weight: WEIGHTS.range, words: sentence.slice(start, end) });
  const score = reasons.reduce((sum, reason) => sum + reason.weight, 0);
  const isEvent = reasons.some((reason) => reason.cue === 'event' || reason.cue === 'range');
  const verdict = score >= DEADLINE ? 'deadline' : isEvent ? 'event' : 'other';
  return { verdict, score, reasons, lead: leading ? leading[0].length : 0 };
}
