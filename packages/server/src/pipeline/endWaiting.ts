import type { Mailbox } from '@hatband/core/mail';
import { findPerson, Person, sameName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { listNamed } from '../named/registers.ts';
import { aliveId } from '../tasks/origins.ts';
import { writeValues } from '../tasks/writeValues.ts';

interface Came {
  threadId: number;
  /** Who wrote the newest words. */
  who: Mailbox | null;
  /** The tasks that it speaks of besides those of its thread. */
  taskIds: readonly number[];
  at: string;
}

/** Brings the tasks back that wait for a person whose mail came in their thread, or speaks of them. */
export async function endWaiting(trx: Knex.Transaction, { threadId, who, taskIds, at }: Came): Promise<void> {
  if (who === null) return;
  const waiting = await trx('tasks')
    .whereNotNull('waiting_for')
    .whereNull('deleted_at')
    .where((either) =>
      either.whereIn('id', taskIds).orWhereIn(
        'id',
        trx('tasks')
          .join('arrivals', 'arrivals.id', 'tasks.arrival_id')
          .where({ thread_id: threadId })
          .select(trx.raw(aliveId('tasks'))),
      ),
    )
    .select('id', 'waiting_for');
  if (waiting.length === 0) return;
  const people = (await listNamed(trx, 'people', Person)).map(({ body }) => body);
  for (const { id, waiting_for } of waiting)
    if (waiting_for !== null && isBy(people, waiting_for, who))
      await writeValues(
        trx,
        id,
        () => [
          ['waitingFor', null],
          ['waitingUntil', null],
        ],
        { actor: 'rule', run: randomUUID(), at },
      );
}

/** Whether the words, a name or an address, mean who wrote. */
function isBy(people: readonly Person[], words: string, who: Mailbox): boolean {
  if (sameName(words, who.name) || sameName(words, who.address)) return true;
  const asked = findPerson(people, words);
  return asked !== undefined && asked === (findPerson(people, who.address) ?? findPerson(people, who.name));
}
