import type { StoredProposal } from '@hatband/contract';
import { EvidenceSpan, Reading, writerOf } from '@hatband/core/reading';
import type { Status } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { z } from 'zod';
import { inflateJson, parseJson, type ProposalRow } from '../store/index.ts';
import { nameOf } from './comments.ts';

type JoinedRow = ProposalRow & { reading: Buffer; title: string; due: string | null; status: Status };

const MOST = 200;

/** The changes that messages ask for, and that are not settled yet: on a task, by a message, or all; the oldest first. */
export async function listProposals(
  db: Knex,
  { task, arrival }: { task?: number | undefined; arrival?: number | undefined },
): Promise<{ items: StoredProposal[] }> {
  const query = db('proposals')
    .join('tasks', 'tasks.id', 'proposals.task_id')
    .join('arrivals', 'arrivals.id', 'proposals.arrival_id')
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .where('proposals.state', 'open')
    .whereNull('tasks.deleted_at')
    .orderBy('proposals.id')
    .limit(MOST)
    .select('proposals.*', 'readings.body as reading', 'title', 'due', 'status');
  if (task !== undefined) void query.where('task_id', task);
  if (arrival !== undefined) void query.where('proposals.arrival_id', arrival);
  const rows: JoinedRow[] = await query;
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
    task: { id: row.task_id, title: row.title, now: row[row.field] },
  };
}
