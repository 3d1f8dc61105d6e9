import { z } from 'zod';

/** The kinds that a field of a task can be of. */
export const FieldKind = z.enum([
  'text',
  /** Text of several lines. */
  'long text',
  'date',
  'date and time',
  'number',
  'money',
  'duration',
  'choice',
  'several choices',
  'person',
  'project',
  'link',
  'yes/no',
]);
export type FieldKind = z.infer<typeof FieldKind>;

/** What parts a number's whole from its fraction. */
export const DecimalMark = z.enum(['.', ',']);
export type DecimalMark = z.infer<typeof DecimalMark>;

/** An amount of money; `currency` is an ISO 4217 code, null where none is stated. */
export const Money = z.object({ amount: z.number(), currency: z.string().nullable() });
export type Money = z.infer<typeof Money>;

/**
 * A value of a field, by its kind: a string (a day as `2026-12-07`, with a clock time `2026-12-07T17:00`; a duration as
 * ISO 8601 writes it, `PT1H30M`), a number, yes or no, money, several choices.
 */
export const Value = z.union([z.string(), z.number(), z.boolean(), Money, z.array(z.string())]);
export type Value = z.infer<typeof Value>;

/** Kinds whose values histories keep as JSON; all others as they are. */
const AS_JSON: readonly FieldKind[] = ['number', 'money', 'several choices', 'yes/no'];

/** A value of a kind as histories keep it; null where it is none. */
export function valueKept(kept: string, kind: FieldKind): Value | null {
  if (!AS_JSON.includes(kind)) return kept;
  try {
    return Value.safeParse(JSON.parse(kept)).data ?? null;
  } catch {
    return null;
  }
}

/** A value in words, for sentences, templates and comparisons. */
export function wordsOfValue(value: Value): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return value.join(', ');
  return value.currency === null ? value.amount.toFixed(2) : `${value.currency} ${value.amount.toFixed(2)}`;
}
