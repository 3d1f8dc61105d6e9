import type { EvidenceSpan, PairFact } from '../../reading/index.ts';
import type { Scope } from './scope.ts';
import { unitSpans, type Unit } from './unit.ts';

type Region = PairFact['region'];

const REGIONS: Readonly<Record<string, Region>> = { subject: 'subject', note: 'note', newest: 'latest' };

/** The facts that stand in these places, in the order of the places; the built-in reading reads no headers. */
export function factsIn<F extends { region: Region; spans: EvidenceSpan[] }>(
  facts: readonly F[],
  scopes: readonly Scope[],
  unit: Unit,
): F[] {
  const own = unitSpans(unit);
  const at = (scope: Scope): readonly F[] => {
    if (typeof scope === 'object') return [];
    if (scope === 'whole') return facts;
    if (scope === 'item')
      return facts.filter(({ spans }) => spans.some((span) => own.some((other) => meets(span, other))));
    return facts.filter(({ region }) => region === REGIONS[scope]);
  };
  return [...new Set(scopes.flatMap(at))];
}

const meets = (a: EvidenceSpan, b: EvidenceSpan) => a.part === b.part && a.start < b.end && b.start < a.end;
