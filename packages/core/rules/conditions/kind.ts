import type { z } from 'zod';
import type { EvidenceSpan } from '../../reading/index.ts';
import type { Incoming, Names } from '../incoming.ts';

export interface Answer {
  holds: boolean;
  /** What the condition looked at, in words. */
  saw: string;
  spans: EvidenceSpan[];
}

/** What is done with a condition `C`, whatever its kind. */
export interface ConditionWork<C> {
  /** For the editor, “sender is”. */
  label: string;
  /** For the documentation, one sentence. */
  doc: string;
  test: (condition: C, incoming: Incoming) => Answer;
  /** The condition in plain words, “is from northcape.example”. */
  say: (condition: C, names: Names) => string;
}

/** A kind of condition: its schema and its work. One file each; the table in index.ts lists them. */
export function conditionKind<S extends z.ZodType>(schema: S, work: ConditionWork<z.infer<S>>) {
  return { schema, ...work };
}

export const orList = (items: readonly string[]) =>
  items.length < 2 ? (items[0] ?? 'nothing') : `${items.slice(0, -1).join(', ')} or ${items.at(-1) ?? ''}`;
