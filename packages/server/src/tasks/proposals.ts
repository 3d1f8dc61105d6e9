import type { StoredProposal } from '@hatband/contract';
import { EvidenceSpan, Reading, writerOf } from '@hatband/core/reading';
import { Status } from '@hatband/core/tasks';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { record, inflateJson, parseJson, type ProposalRow, type Store } from '../store/index.ts';
import { nameOf } from './comments.ts';
import { changeInTask } from './tasks.ts';

type JoinedRow = ProposalRow & { reading: Buffer };

/** The changes that messages ask for on a task, and that are not settled yet. */
export async function listProposals(store: Store, taskId: number): Promise<{ items: StoredProposal[] }> {
  const rows: JoinedRow[] = await store
    .read('proposals')
    .join('arrivals', 'arrivals.id', 'proposals.arrival_id')
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .where('task_id', taskId)
    .where('proposals.state', 'open')
    .orderBy('proposals.id')
    .select('proposals.*', 'readings.body as reading');
  return { items: rows.map(view) };
}

function view(row: JoinedRow): StoredProposal {
  const spans = parseJson(z.array(EvidenceSpan), row.spans);
  return {
    id: row.id,
    field: row.field,
    value: row.value,
    words: spans.map(({ quote }) => quote).join(' … '),
    from: nameOf(writerOf(inflateJson(Reading, row.reading), spans)),
    arrivalId: row.arrival_id,
    at: row.made_at,
  };
}

/** Makes the change, or not; the number of the task. */
export async function settleProposal(
  store: Store,
  id: number,
  accept: boolean,
  clock: Clock,
): Promise<number> {
  return store.write(async (trx) => {
    const row = await trx('proposals').where({ id }).first();
    if (!row) throw missing('proposal');
    const settled = await trx('proposals')
      .where({ id, state: 'open' })
      .update({ state: accept ? 'accepted' : 'declined' });
    if (settled === 0) throw new Failure('stale', 'This was settled already.');
    const change = row.field === 'due' ? { due: row.value } : { status: Status.parse(row.value) };
    if (accept) await changeInTask(trx, row.task_id, change, clock);
    await record(trx, [{ kind: 'task', ref: String(row.task_id) }]);
    return row.task_id;
  });
}
