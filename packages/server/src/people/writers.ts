import { Writer } from '@hatband/contract';
import type { Knex } from 'knex';
import { z } from 'zod';

const MOST = 300;

/** Who wrote the newest words of messages, the last of them first, with their messages and open tasks. */
export async function listWriters(db: Knex): Promise<Writer[]> {
  const rows: unknown = await db.raw(
    `SELECT max(asks_name) AS name, asks_address AS address, count(*) AS messages, max(received_at) AS lastAt,
       (SELECT count(*) FROM tasks JOIN arrivals AS own ON own.id = tasks.arrival_id
        WHERE own.asks_address = arrivals.asks_address AND tasks.deleted_at IS NULL AND tasks.completed_at IS NULL) AS openTasks
     FROM arrivals WHERE same_as IS NULL AND asks_address <> ''
     GROUP BY lower(asks_address) ORDER BY lastAt DESC LIMIT ${String(MOST)}`,
  );
  return z.array(Writer).parse(rows);
}
