import { localTime, type Reading } from '@hatband/core/reading';
import { Delivery, type Incoming, type Target } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { z } from 'zod';
import { parseJson } from '../store/index.ts';
import type { AddressOf, Arrived } from '../arrivals/arrived.ts';
import { tasksKnownTo } from './tasksKnownTo.ts';

interface Around {
  threadId: number;
  domain: string;
  zone: string;
  /** The arrival of the same original by another way, as `findOriginals` has it. */
  sameArrival: number | null;
}

/** A message with all that rules may look at. */
export async function incomingOf(
  db: Knex,
  arrival: Arrived,
  reading: Reading,
  { threadId, domain, zone, sameArrival }: Around,
): Promise<Incoming> {
  const asked = { arrivalId: arrival.id, threadId, taskId: arrival.task_id, sameArrival };
  return {
    reading,
    delivery: deliveryOf(arrival, domain, zone),
    tasks: await tasksKnownTo(db, asked, reading),
  };
}

function deliveryOf(row: Arrived, domain: string, zone: string): Delivery {
  return Delivery.parse({
    source: row.source,
    target: targetOf(row),
    address: row.target_kind === 'mailbox' ? null : `${row.local_part}@${domain}`,
    plusWord: row.plus_word,
    labels: parseJson(z.array(z.string()), row.labels),
    set: row.occasion === 'label' ? row.trigger : null,
    flagged: Boolean(row.flagged),
    folder: row.folder,
    at: localTime(row.received_at, zone),
    occasion: row.occasion,
  });
}

function targetOf({ target_kind, task_id, project_name, mailbox_name }: AddressOf): Target {
  if (target_kind === 'task' && task_id !== null) return { kind: 'task', taskId: task_id };
  if (target_kind === 'mailbox') return { kind: 'mailbox', name: mailbox_name ?? '' };
  return project_name === null ? { kind: 'inbox' } : { kind: 'project', name: project_name };
}
