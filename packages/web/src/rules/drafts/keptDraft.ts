import { withNamesOfToday, type RuleDefinition } from '@hatband/core/rules';
import { z } from 'zod';

/** Changes to a rule that were not saved, as this browser keeps them; `revision`: of the rule that they were made to. */
const Kept = z.object({ revision: z.number(), at: z.string(), definition: z.unknown() });

export interface KeptDraft {
  revision: number;
  at: string;
  definition: RuleDefinition;
}

const keyOf = (ruleId: string) => `hatband rule ${ruleId}`;

/** What is written is kept as it is, whole or not. */
export function keepDraft(ruleId: string, revision: number, definition: RuleDefinition): void {
  const kept = { revision, at: new Date().toISOString(), definition };
  try {
    localStorage.setItem(keyOf(ruleId), JSON.stringify(kept));
  } catch {
    // A browser that keeps nothing has nothing to offer back.
  }
}

export function forgetDraft(ruleId: string): void {
  try {
    localStorage.removeItem(keyOf(ruleId));
  } catch {
    // As above.
  }
}

/** Changes that were not saved; null where there are none, or none that this version can show. */
export function keptDraft(ruleId: string): KeptDraft | null {
  try {
    const kept = Kept.parse(JSON.parse(localStorage.getItem(keyOf(ruleId)) ?? ''));
    const definition = withNamesOfToday(kept.definition);
    return isShowable(definition) ? { ...kept, definition } : null;
  } catch {
    return null;
  }
}

/** The parts that the sheet shows are there; each may still be unfinished. */
const Showable = z.looseObject({
  name: z.string(),
  description: z.string(),
  band: z.object({ hue: z.string(), pattern: z.string() }),
  start: z.looseObject({ kind: z.string() }),
  when: z.looseObject({}),
  read: z.array(z.looseObject({ field: z.string(), from: z.array(z.looseObject({ kind: z.string() })) })),
  makes: z.looseObject({ kind: z.string() }),
  route: z.array(z.looseObject({})),
  effects: z.array(z.looseObject({ kind: z.string() })),
});
const isShowable = (definition: unknown): definition is RuleDefinition =>
  Showable.safeParse(definition).success;
