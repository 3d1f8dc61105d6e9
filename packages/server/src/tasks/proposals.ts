import type { StoredProposal } from '@hatband/contract';
import { EvidenceSpan, Reading, writerOf } from '@hatband/core/reading';
import type { Status } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { z } from 'zod';
import { inflateJson, parseJson, type ProposalRow } from '../store/index.ts';
import { nameOf } from './comments.ts';
import { aliveId } from './origins.ts';

/** With the task that is there: of one that was merged into another, that other. */
type JoinedRow = ProposalRow & {
  reading: Buffer;
  alive: number;
  title: string;
  due: string | null;
  status: Status;
};

const MOST = 200;

/** The changes that messages ask for, and that are not settled yet: on a task, by a message, or all; the oldest first. */
export async function listProposals(
  db: Knex,
  { task, arrival }: { task?: number | undefined; arrival?: number | undefined },
): Promise<{ items: StoredProposal[] }> {
  const query = db('proposals')
    .join('tasks as own', 'own.id', 'proposals.task_id')
    .join('tasks', 'tasks.id', db.raw(aliveId('own')))
    .join('arrivals', 'arrivals.id', 'proposals.arrival_id')
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .where('proposals.state', 'open')
    .whereNull('tasks.deleted_at')
    .orderBy('proposals.id')
    .limit(MOST)
    .select(
      'proposals.*',
      'readings.body as reading',
      'tasks.id as alive',
      'tasks.title',
      'tasks.due',
      'tasks.status',
    );
  if (task !== undefined) void query.where('tasks.id', task);
  if (arrival !== undefined) void query.where('proposals.arrival_id', arrival);
  const rows = (await query) as JoinedRow[];
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
    task: { id: row.alive, title: row.title, now: row[row.field] },
  };
}
