import type { ArrivalSheet, ReadMessage } from '@hatband/contract';
import { Reading } from '@hatband/core/reading';
import { Outcome, sayEffect } from '@hatband/core/rules';
import { missing } from '../errors.ts';
import { inflateJson, parseJson, type ArrivalRow, type Store } from '../store/index.ts';
import { tasksOfMessage } from '../tasks/origins.ts';
import { viewTasks } from '../tasks/tasks.ts';
import { viewArrivals } from './arrivals.ts';

/** All that the reading sheet shows of an arrival. */
export async function getArrival(store: Store, domain: string, id: number): Promise<ArrivalSheet> {
  const { read } = store;
  const row = await read('arrivals').where({ id }).first();
  if (!row) throw missing('arrival');
  const [arrival] = await viewArrivals(store, [row]);
  const message = await read('messages').where({ id: row.message_id }).first();
  const reading = await read('readings')
    .where({ id: row.reading_id ?? 0 })
    .first();
  if (!arrival || !message) throw missing('arrival');
  return {
    arrival,
    address: await addressOf(store, row, domain),
    envelope: { from: row.envelope_from, size: message.size },
    read: reading ? readMessage(inflateJson(Reading, reading.body)) : null,
    tasks: await viewTasks(read, (query) =>
      query.where('tasks.arrival_id', id).whereNull('tasks.deleted_at').orderBy('tasks.id'),
    ),
    comments: await commentsOf(store, id),
    effects: parseJson(Outcome.shape.effects, row.effects).map(({ name, effect }) => ({
      ruleName: name,
      words: sayEffect(effect),
      inMailbox: effect.kind !== 'send',
    })),
    remarks: parseJson(Outcome.shape.remarks, row.remarks),
    carriedOut: await read('outbox').where({ arrival_id: id }).orderBy('id').select('state', 'problem'),
    before: row.again_of === null ? null : await beforeOf(store, row.again_of),
  };
}

async function addressOf({ read }: Store, row: ArrivalRow, domain: string): Promise<ArrivalSheet['address']> {
  const address = await read('addresses').where({ id: row.address_id }).first();
  if (!address) throw missing('arrival');
  const project = await read('projects')
    .where({ id: address.project_id ?? '' })
    .first('name');
  const mailbox = await read('mailboxes').where({ address_id: address.id }).first('name');
  const task = await read('tasks')
    .where({ id: address.task_id ?? 0 })
    .first('title');
  return {
    address: mailbox ? (row.folder ?? '') : `${address.local_part}@${domain}`,
    plusWord: row.plus_word,
    name: mailbox?.name ?? task?.title ?? project?.name ?? 'Inbox',
    retired: address.retired_at !== null,
  };
}

function readMessage({ message, anatomy, facts, warnings }: Reading): ReadMessage {
  const { headers: _, ...rest } = message;
  const { dates, deadline, events } = facts;
  return { message: rest, anatomy, dates, deadline, events, warnings };
}

async function commentsOf(store: Store, id: number): Promise<ArrivalSheet['comments']> {
  const rows: { task_id: number; title: string }[] = await store
    .read('comments')
    .join('tasks', 'tasks.id', 'comments.task_id')
    .where('comments.arrival_id', id)
    .whereNull('tasks.deleted_at')
    .whereNot('tasks.arrival_id', id)
    .select('task_id', 'title');
  return rows.map(({ task_id, title }) => ({ taskId: task_id, title }));
}

const beforeOf = async ({ read }: Store, arrivalId: number): Promise<ArrivalSheet['before']> => ({
  arrivalId,
  tasks: (await tasksOfMessage(read, arrivalId)).map(({ id, title, due, priority }) => ({
    id,
    title,
    due,
    priority,
  })),
});
