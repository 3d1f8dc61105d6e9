import { takers } from '@hatband/core/dryrun';
import { fieldName } from '@hatband/core/rules';
import type { SampleProof } from './useProof.ts';

export interface ProofEffect {
  samples: number;
  taken: number;
  nearMisses: number;
  gained: number;
  lost: number;
  /** Messages that another rule (or none) takes now. */
  otherTaker: number;
  fields: { field: string; n: number }[];
}

/** The proofs in numbers. */
export function effectOf(proofs: readonly SampleProof[]): ProofEffect {
  const count = (holds: (proof: SampleProof) => boolean) => proofs.filter(holds).length;
  const changed = proofs.flatMap(({ difference: d }) => (d.kind === 'changed' ? d.fields : []));
  const fields = [...new Set(changed.map(({ field }) => field))].map((field) => ({
    field,
    n: count(
      ({ difference: d }) => d.kind === 'changed' && d.fields.some((change) => change.field === field),
    ),
  }));
  return {
    samples: proofs.length,
    taken: count((p) => p.taken),
    nearMisses: count((p) => p.nearMiss),
    gained: count((p) => p.difference.kind === 'gained'),
    lost: count((p) => p.difference.kind === 'lost'),
    otherTaker: count((p) => p.difference.kind !== 'lost' && takers(p.before) !== takers(p.after)),
    fields,
  };
}

const get = (n: number) => (n === 1 ? '1 gets' : `${String(n)} get`);

/** The changes in words; “nothing changes” where there are none. */
export function changesOf(effect: ProofEffect): string[] {
  return [
    ...effect.fields.map(
      ({ field, n }) =>
        `${get(n)} ${field === 'tasks' ? 'another number of tasks' : `another ${fieldName(field)}`}`,
    ),
    ...(effect.gained > 0 ? [`${get(effect.gained)} a task`] : []),
    ...(effect.lost > 0 ? [`${get(effect.lost)} no task any more`] : []),
    ...(effect.otherTaker > 0 ? [`${String(effect.otherTaker)} taken by another rule than now`] : []),
  ];
}

export function sayEffect(effect: ProofEffect): string {
  const changes = changesOf(effect);
  const what = changes.length === 0 ? 'nothing would change' : changes.join(', ');
  return `On the ${String(effect.samples)} messages already here: takes ${String(effect.taken)}; ${what}.`;
}
