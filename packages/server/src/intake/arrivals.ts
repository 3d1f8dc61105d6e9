import {
  Trace,
  type Arrival,
  type ArrivalSheet,
  type OutcomeKind,
  type ReadMessage,
} from '@hatband/contract';
import { Reading } from '@hatband/core/reading';
import { evaluate, Held, Outcome, type CompiledRules, type Incoming } from '@hatband/core/rules';
import { z } from 'zod';
import { Failure, missing } from '../errors.ts';
import { deliveryOf, releaseFor, type Applying, type Arrived } from '../pipeline/apply.ts';
import { knownTasks } from '../pipeline/knownTasks.ts';
import { ARRIVED, withAddress } from '../pipeline/queue.ts';
import { inflateJson, parseJson, type ArrivalRow, type Store } from '../store/index.ts';
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
        held: parseJson(z.array(Held), row.held),
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
    comment: 0,
    unclaimed: 0,
    nothing: 0,
    held: 0,
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
    comments: await commentsOf(store, id),
    effects: parseJson(Effects, row.effects).map(({ name, effect }) => ({ ruleName: name, effect })),
  };
}

function readMessage({ message, anatomy, facts, warnings }: Reading): ReadMessage {
  const { headers: _, ...rest } = message;
  const { dates, deadline, events } = facts;
  return { message: rest, anatomy, dates, deadline, events, warnings };
}

const Effects = Outcome.shape.effects;

async function commentsOf(store: Store, id: number): Promise<ArrivalSheet['comments']> {
  const rows: { task_id: number; title: string }[] = await store
    .read('comments')
    .join('tasks', 'tasks.id', 'comments.task_id')
    .where('comments.arrival_id', id)
    .whereNot('tasks.arrival_id', id)
    .select('task_id', 'title');
  return rows.map(({ task_id, title }) => ({ taskId: task_id, title }));
}

type SampleRow = Arrived & { body: Buffer; thread_id: number | null };

/** Stored readings to prove a rule on, the newest first. */
export async function listSamples(store: Store, limit: number, { rules, domain }: Applying) {
  const rows: SampleRow[] = await withAddress(store.read)
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .orderBy('arrivals.id', 'desc')
    .limit(limit)
    .select(...ARRIVED, 'readings.body', 'thread_id');
  const items = await Promise.all(
    rows.map(async (row) => ({
      id: row.id,
      receivedAt: row.received_at,
      incoming: await incomingOf(store, row, rules, domain),
    })),
  );
  const total = await store.read('arrivals').whereNotNull('reading_id').count({ n: '*' }).first();
  return { items, total: Number(total?.n ?? 0), context: rules.context };
}

/** A stored message as rules see it now. */
async function incomingOf(
  store: Store,
  row: SampleRow,
  { context }: CompiledRules,
  domain: string,
): Promise<Incoming> {
  const reading = inflateJson(Reading, row.body);
  return {
    reading,
    delivery: deliveryOf(row, domain, context.zone),
    tasks: await knownTasks(store.read, row.id, row.thread_id ?? row.id, reading),
  };
}

type StoredRow = SampleRow & Pick<ArrivalRow, 'held' | 'trace' | 'effects'>;

async function sampleRow(store: Store, id: number): Promise<StoredRow> {
  const row: StoredRow | undefined = await withAddress(store.read)
    .join('readings', 'readings.id', 'arrivals.reading_id')
    .where('arrivals.id', id)
    .first(...ARRIVED, 'readings.body', 'thread_id', 'held', 'trace', 'effects');
  if (!row) throw missing('message that was read');
  return row;
}

/** Why a message became what it became, then and by the rules as they are now. */
export async function traceArrival(store: Store, id: number, { rules, domain }: Applying) {
  const row = await sampleRow(store, id);
  const incoming = await incomingOf(store, row, rules, domain);
  const { reason, trace, ruledOut } = evaluate(rules, incoming, { lastRule: true, askAll: true });
  return { then: row.trace ? inflateJson(Trace, row.trace) : null, now: { reason, trace, ruledOut } };
}

/** Works one rule that held the arrival again, as it is now. Throws where it did not hold it, or is not live. */
export async function releaseArrival(
  store: Store,
  id: number,
  ruleId: string,
  applying: Applying,
): Promise<Arrival> {
  const row = await sampleRow(store, id);
  const held = parseJson(z.array(Held), row.held);
  const rule = applying.rules.rules.find(({ version }) => version.ruleId === ruleId)?.version;
  if (!held.some((each) => each.ruleId === ruleId)) throw missing('rule that held this message');
  if (!rule)
    throw new Failure(
      'conflict',
      'This rule is not live any more; pause no rule whose mail you want to release.',
    );
  const reading = inflateJson(Reading, row.body);
  await store.write((trx) => releaseFor(trx, row, reading, { ...applying, rule, held }));
  const [arrival] = await view(store, await store.read('arrivals').where({ id }));
  if (!arrival) throw missing('arrival');
  return arrival;
}
