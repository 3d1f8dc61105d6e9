import { Writer } from '@hatband/contract';
import type { Knex } from 'knex';
import { z } from 'zod';

const MOST = 300;

/** Who wrote the newest words of messages, the last of them first, with their messages and open tasks. */
export async function listWriters(db: Knex): Promise<Writer[]> {
  const rows: unknown = await db.raw(
    `SELECT max(asks_name) AS name, lower(asks_address) AS address, count(DISTINCT arrivals.id) AS messages,
       max(received_at) AS lastAt, count(tasks.id) AS openTasks
     FROM arrivals
     LEFT JOIN tasks ON tasks.arrival_id = arrivals.id AND tasks.deleted_at IS NULL AND tasks.completed_at IS NULL
     WHERE same_as IS NULL AND asks_address <> ''
     GROUP BY lower(asks_address) ORDER BY lastAt DESC LIMIT ${String(MOST)}`,
  );
  return z.array(Writer).parse(rows);
}
