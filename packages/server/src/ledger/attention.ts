import type { Attention } from '@hatband/contract';
import type { Knex } from 'knex';

const MOST = 10;

/** What waits for the user besides tasks. */
export async function readAttention(db: Knex): Promise<Attention> {
  const rows: { outcome_kind: string; door: number; n: number }[] = await db('arrivals')
    .whereNull('same_as')
    .whereIn('outcome_kind', ['held', 'failed', 'again'])
    .groupByRaw('outcome_kind, gate IS NOT NULL')
    .select('outcome_kind', db.raw('gate IS NOT NULL AS door'), db.raw('count(*) AS n'));
  const count = (kind: string, door: number) =>
    rows.find((row) => row.outcome_kind === kind && row.door === door)?.n ?? 0;
  const effects: { arrivalId: number; subject: string; problem: string | null }[] = await db('outbox')
    .join('arrivals', 'arrivals.id', 'outbox.arrival_id')
    .where('outbox.state', 'failed')
    .orderBy('outbox.id', 'desc')
    .limit(MOST)
    .select('arrivals.id as arrivalId', 'subject', 'problem');
  return {
    atDoor: count('held', 1),
    held: count('held', 0),
    again: count('again', 0) + count('again', 1),
    failed: count('failed', 0) + count('failed', 1),
    effects: effects.map((row) => ({ ...row, problem: row.problem ?? '' })),
  };
}
