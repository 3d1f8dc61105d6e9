import type { StoredProposal } from '@hatband/contract';
import { EvidenceSpan, Reading, writerOf } from '@hatband/core/reading';
import { z } from 'zod';
import { inflateJson, parseJson, type ProposalRow, type Store } from '../store/index.ts';
import { nameOf } from './comments.ts';

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
