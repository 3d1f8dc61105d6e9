import { findDone, findLifted } from '../../requests/index.ts';
import type { EvidenceSpan } from '../../reading/index.ts';
import type { Proposal } from '../model/proposal.ts';
import type { View } from '../message/view.ts';

/** What the newest words ask to be changed on the task that they are about: its due date, that it is done, or needed no more. */
export function proposalsIn(view: View): Proposal[] {
  const { facts } = view.incoming.reading;
  const deadline = facts.deadline === null ? undefined : facts.dates[facts.deadline];
  const newest = view.text('newest');
  const done = findDone(newest.value);
  const lifted = done || deadline ? null : findLifted(newest.value);
  return [
    ...(deadline ? [proposal('due', deadline.date, deadline.spans)] : []),
    ...(done ? [proposal('status', 'completed', newest.spans(done.start, done.end))] : []),
    ...(lifted ? [proposal('status', 'cancelled', newest.spans(lifted.start, lifted.end))] : []),
  ];
}

const proposal = (field: Proposal['field'], value: string, spans: EvidenceSpan[]): Proposal => ({
  field,
  value,
  spans,
});
