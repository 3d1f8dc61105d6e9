import type { EvidenceSpan, ItemFact } from '../../reading/index.ts';
import type { Value } from '../../tasks/index.ts';
import { textOfSpans, type MessageScope, type Scope, type ScopeText } from './scope.ts';
import type { Clause } from './clause.ts';
import type { View } from './view.ts';

/** Words with the place that they were read from. */
export interface Found {
  value: Value;
  spans: EvidenceSpan[];
}

/** What one task is made of: the whole message, or one item, table row or match of a pattern in it. */
export type Unit =
  | { kind: 'message' }
  | { kind: 'item'; item: ItemFact }
  | { kind: 'row'; cells: readonly { column: string; value: string; spans: EvidenceSpan[] }[] }
  | { kind: 'match'; spans: EvidenceSpan[]; groups: ReadonlyMap<string, Found> };

/** What a reading is given. */
export interface ReadInput {
  view: View;
  unit: Unit;
  /** What was read so far for this task, by the key of the field's name. */
  read: ReadonlyMap<string, Found>;
  /** The rule’s shorthand in the message; it is left out of titles and notes. */
  shorthand: readonly Clause[];
}

/** The words of the unit itself; a whole message has none besides its own. */
export function unitText(unit: Unit): ScopeText {
  return textOfSpans(unitSpans(unit));
}

export function unitSpans(unit: Unit): readonly EvidenceSpan[] {
  if (unit.kind === 'item') return unit.item.spans.title;
  if (unit.kind === 'row') return unit.cells.flatMap(({ spans }) => spans);
  return unit.kind === 'match' ? unit.spans : [];
}

export function textIn(scope: Scope, { view, unit }: Pick<ReadInput, 'view' | 'unit'>): ScopeText {
  return isOfMessage(scope) ? view.text(scope) : unitText(unit);
}

const isOfMessage = (scope: Scope): scope is MessageScope => scope !== 'item';
