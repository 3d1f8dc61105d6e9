import type { TaskChange } from '@hatband/contract';
import { randomUUID } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import type { Store } from '../store/index.ts';
import { withMerged } from '../tasks/origins.ts';
import { writeValues } from '../tasks/writeValues.ts';
import { keepAct } from '../acts/acts.ts';
import { newValues, requireProject, requireRevision } from '../acts/changeTasks.ts';

/**
 * Makes another task a part of this one, with the values that were chosen: it lies in the bin, and its comments and messages
 * belong to this one, with those of what had been merged into it.
 */
export const mergeTask = (
  store: Store,
  seen: { id: number; revision: number },
  { other: otherId, change }: { other: number; change: TaskChange | null },
  clock: Clock,
): Promise<void> =>
  store.write(async (trx) => {
    const row = await requireRevision(trx, seen);
    const other = await trx('tasks').where({ id: otherId }).whereNull('deleted_at').first();
    if (!other) throw missing('other task');
    if (other.id === row.id) throw new Failure('input', 'A task cannot be merged with itself.');
    if (row.deleted_at !== null)
      throw new Failure('conflict', 'This task lies in the bin; bring it back first.');
    if (change?.project != null) await requireProject(trx, change.project);
    const by = { actor: 'user' as const, run: randomUUID(), at: clock().toISOString() };
    const steps = change ? await writeValues(trx, row.id, (now) => newValues(now, change, by.at), by) : [];
    for (const id of await withMerged(trx, other.id))
      steps.push(
        ...(await writeValues(
          trx,
          id,
          (now) => [
            ['mergedInto', row.id],
            ['deleted', now.deleted_at ?? by.at],
          ],
          by,
        )),
      );
    const label = `Merged “${other.title}” into “${row.title}”`;
    await keepAct(trx, { id: by.run, at: by.at, label, steps });
  });
