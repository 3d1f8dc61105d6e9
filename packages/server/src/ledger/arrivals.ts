import type { Arrival, OutcomeKind } from '@hatband/contract';
import { Held } from '@hatband/core/rules';
import { namesOf, Person } from '@hatband/core/tasks';
import { z } from 'zod';
import { missing } from '../errors.ts';
import { listNamed } from '../named/registers.ts';
import { parseJson, type ArrivalRow, type Store } from '../store/index.ts';
import { viewTasks } from '../tasks/tasks.ts';

export interface ArrivalPage {
  limit: number;
  cursor?: number | undefined;
  outcome?: OutcomeKind | undefined;
  /** A name or an address. */
  person?: string | undefined;
}

/** Newest first; `cursor` is the `next` of the page before. */
export async function listArrivals(store: Store, { limit, cursor, outcome, person }: ArrivalPage) {
  const query = store.read('arrivals').whereNull('same_as').orderBy('id', 'desc').limit(limit);
  if (cursor !== undefined) void query.where('id', '<', cursor);
  if (outcome !== undefined) void query.where('outcome_kind', outcome);
  if (person !== undefined) {
    const people = (await listNamed(store.read, 'people', Person)).map(({ body }) => body);
    const known = JSON.stringify([...namesOf(person, { people })]);
    void query.whereRaw('(name_is(asks_name, ?) OR name_is(asks_address, ?))', [known, known]);
  }
  const rows = await query;
  return {
    items: await viewArrivals(store, rows),
    next: rows.length === limit ? (rows.at(-1)?.id ?? null) : null,
  };
}

export async function viewArrivals(store: Store, rows: readonly ArrivalRow[]): Promise<Arrival[]> {
  const ids = rows.map((row) => row.id);
  const tasks = await viewTasks(store.read, (query) =>
    query.whereIn('tasks.arrival_id', ids).whereNull('tasks.deleted_at').orderBy('tasks.id'),
  );
  return rows.map((row) => {
    const own = tasks.filter((task) => task.arrivalId === row.id);
    return {
      id: row.id,
      receivedAt: row.received_at,
      source: row.source,
      occasion: row.occasion,
      label: row.occasion === 'label' ? row.trigger : null,
      from: { name: row.from_name, address: row.from_address },
      asks: { name: row.asks_name, address: row.asks_address },
      subject: row.subject,
      outcome: {
        kind: row.outcome_kind,
        taskIds: own.map((task) => task.id),
        ruleId: row.rule_id,
        held: parseJson(z.array(Held), row.held),
        gate:
          row.gate === null || row.outcome_kind !== 'held'
            ? null
            : { why: row.gate, words: row.gate_words ?? '' },
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

export async function viewArrival(store: Store, id: number): Promise<Arrival> {
  const [arrival] = await viewArrivals(store, await store.read('arrivals').where({ id }));
  if (!arrival) throw missing('arrival');
  return arrival;
}

export async function countArrivals(store: Store): Promise<Record<OutcomeKind, number>> {
  const rows: { outcome_kind: OutcomeKind; n: number }[] = await store
    .read('arrivals')
    .whereNull('same_as')
    .groupBy('outcome_kind')
    .select('outcome_kind', store.read.raw('count(*) AS n'));
  return {
    waiting: 0,
    tasks: 0,
    comment: 0,
    unclaimed: 0,
    nothing: 0,
    again: 0,
    held: 0,
    failed: 0,
    ...Object.fromEntries(rows.map((row) => [row.outcome_kind, row.n])),
  };
}
