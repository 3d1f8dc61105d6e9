import type { Arrival, ArrivalSheet, OutcomeKind, ReadMessage } from '@hatband/contract';
import { Reading } from '@hatband/core/reading';
import { Incoming, RuleTrace } from '@hatband/core/rules';
import { z } from 'zod';
import { missing } from '../errors.ts';
import { targetOf } from '../pipeline/apply.ts';
import { inflateJson, type ArrivalRow, type Store } from '../store/index.ts';
import { viewTasks } from '../tasks/tasks.ts';

export interface ArrivalPage {
  limit: number;
  cursor?: number | undefined;
  outcome?: OutcomeKind | undefined;
}

/** Newest first; `cursor` is the `next` of the page before. */
export async function listArrivals(store: Store, { limit, cursor, outcome }: ArrivalPage) {
  const query = store.read('arrivals').orderBy('id', 'desc').limit(limit);
  if (cursor !== undefined) void query.where('id', '<', cursor);
  if (outcome !== undefined) void query.where('outcome_kind', outcome);
  const rows = await query;
  return { items: await view(store, rows), next: rows.length === limit ? (rows.at(-1)?.id ?? null) : null };
}

async function view(store: Store, rows: readonly ArrivalRow[]): Promise<Arrival[]> {
  const ids = rows.map((row) => row.id);
  const tasks = await viewTasks(store.read, (query) =>
    query.whereIn('tasks.arrival_id', ids).orderBy('tasks.id'),
  );
  return rows.map((row) => {
    const own = tasks.filter((task) => task.arrivalId === row.id);
    return {
      id: row.id,
      receivedAt: row.received_at,
      from: { name: row.from_name, address: row.from_address },
      asks: { name: row.asks_name, address: row.asks_address },
      subject: row.subject,
      outcome: {
        kind: row.outcome_kind,
        taskIds: own.map((task) => task.id),
        ruleId: row.rule_id,
        ...(row.outcome_reason === null ? {} : { reason: row.outcome_reason }),
      },
      deliveries: row.deliveries,
      tasks: own.map(({ id, title, due, priority, status, project }) => ({
        id,
        title,
        due,
        priority,
        status,
        project,
      })),
    };
  });
}

export async function countArrivals(store: Store): Promise<Record<OutcomeKind, number>> {
  const rows: { outcome_kind: OutcomeKind; n: number }[] = await store
    .read('arrivals')
    .groupBy('outcome_kind')
    .select('outcome_kind', store.read.raw('count(*) AS n'));
  return {
    waiting: 0,
    tasks: 0,
    unclaimed: 0,
    nothing: 0,
    failed: 0,
    ...Object.fromEntries(rows.map((row) => [row.outcome_kind, row.n])),
  };
}

/** All that the reading sheet shows of an arrival. */
export async function getArrival(store: Store, domain: string, id: number): Promise<ArrivalSheet> {
  const { read } = store;
  const row = await read('arrivals').where({ id }).first();
  if (!row) throw missing('arrival');
  const [arrival] = await view(store, [row]);
  const address = await read('addresses').where({ id: row.address_id }).first();
  const project = await read('projects')
    .where({ id: address?.project_id ?? '' })
    .first();
  const message = await read('messages').where({ id: row.message_id }).first();
  const reading = await read('readings')
    .where({ id: row.reading_id ?? 0 })
    .first();
  if (!arrival || !address || !message) throw missing('arrival');
  return {
    arrival,
    address: {
      address: `${address.local_part}@${domain}`,
      plusWord: row.plus_word,
      name: project?.name ?? 'Inbox',
      retired: address.retired_at !== null,
    },
    envelope: { from: row.envelope_from, size: message.size },
    read: reading ? readMessage(inflateJson(Reading, reading.body)) : null,
    tasks: await viewTasks(read, (query) => query.where('tasks.arrival_id', id).orderBy('tasks.id')),
    trace: row.trace ? inflateJson(z.array(RuleTrace), row.trace) : [],
  };
}

function readMessage({ message, anatomy, facts, warnings }: Reading): ReadMessage {
  const { headers: _, ...rest } = message;
  const { dates, deadline, events } = facts;
  return { message: rest, anatomy, dates, deadline, events, warnings };
}

interface SampleRow {
  id: number;
  received_at: string;
  body: Buffer;
  target_kind: 'inbox' | 'project';
  project_id: string | null;
}

/** Stored readings to prove a rule on, the newest first. */
export async function listSamples(store: Store, limit: number) {
  const rows: SampleRow[] = await store
    .read('arrivals')
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .join('addresses', 'addresses.id', 'arrivals.address_id')
    .orderBy('arrivals.id', 'desc')
    .limit(limit)
    .select('arrivals.id', 'received_at', 'readings.body', 'target_kind', 'project_id');
  const items = rows.map((row) => ({ id: row.id, receivedAt: row.received_at, incoming: sample(row) }));
  const total = await store.read('arrivals').whereNotNull('reading_id').count({ n: '*' }).first();
  return { items, total: Number(total?.n ?? 0) };
}

/** Rules look at no header yet, and headers are half of many messages. */
function sample(row: SampleRow): Incoming {
  const reading = inflateJson(Reading, row.body);
  return { reading: { ...reading, message: { ...reading.message, headers: [] } }, target: targetOf(row) };
}
