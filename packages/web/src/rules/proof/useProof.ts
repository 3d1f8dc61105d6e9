import type { Rule } from '@hatband/contract';
import type { Proof } from '@hatband/core/dryrun';
import { RuleDefinition, type RuleVersion } from '@hatband/core/rules';
import { useEffect, useRef, useState } from 'react';
import type { ProofJob } from './proof.worker.ts';
import type { Samples } from '../queries.ts';

export type SampleProof = Proof<number>;

const PAUSE_MS = 60;

/**
 * What the rules as they would be make of stored mail, beside what they make of it now; null while it is worked out.
 * A definition that does not hold together leaves the last proof standing.
 */
export function useProof(
  rule: Rule,
  all: readonly Rule[],
  definition: RuleDefinition,
  /** The ids of all rules in another order; null: as they are asked now. */
  order: readonly string[] | null,
  data: Samples | undefined,
): SampleProof[] | null {
  const worker = useRef<Worker>(null);
  const ticket = useRef(0);
  const [proofs, setProofs] = useState<SampleProof[] | null>(null);

  useEffect(() => {
    const started = new Worker(new URL('./proof.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = (message: MessageEvent<{ ticket: number; proofs: SampleProof[] }>) => {
      if (message.data.ticket === ticket.current) setProofs(message.data.proofs);
    };
    worker.current = started;
    return () => {
      started.terminate();
    };
  }, []);

  useEffect(() => {
    if (data) send(worker.current, { kind: 'samples', samples: data.items, context: data.context });
  }, [data]);

  useEffect(() => {
    send(worker.current, { kind: 'live', live: all.flatMap(asNow) });
  }, [all]);

  useEffect(() => {
    const checked = RuleDefinition.safeParse(definition);
    if (!data || !checked.success) return;
    const timer = setTimeout(() => {
      ticket.current += 1;
      send(worker.current, {
        kind: 'prove',
        ticket: ticket.current,
        next: rulesAsTheyWouldBe(rule, all, checked.data, order),
        ruleId: rule.id,
      });
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [data, rule, all, definition, order]);
  return proofs;
}

const send = (worker: Worker | null, job: ProofJob) => {
  worker?.postMessage(job);
};

const version = (rule: Rule, definition: RuleDefinition): RuleVersion => ({
  ruleId: rule.id,
  version: rule.version ?? 0,
  definition,
});

const asNow = (rule: Rule) => (rule.state === 'live' && rule.live ? [version(rule, rule.live)] : []);

/** With this definition at its place in the order or, where another order is being looked at, as they are in that one. */
function rulesAsTheyWouldBe(
  rule: Rule,
  all: readonly Rule[],
  definition: RuleDefinition,
  order: readonly string[] | null,
): RuleVersion[] {
  return order
    ? order.flatMap((id) => all.filter((r) => r.id === id).flatMap(asNow))
    : all.flatMap((r) => (r.id === rule.id ? [version(r, definition)] : asNow(r)));
}
