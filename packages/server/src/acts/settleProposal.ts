import { Status } from '@hatband/core/tasks';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { record, type Store } from '../store/index.ts';
import { changeByHand } from './changeTasks.ts';

/** Makes the change, or not; the number of the task. */
export async function settleProposal(
  store: Store,
  id: number,
  accept: boolean,
  clock: Clock,
): Promise<number> {
  return store.write(async (trx) => {
    const row = await trx('proposals').where({ id }).first();
    if (!row) throw missing('proposal');
    const settled = await trx('proposals')
      .where({ id, state: 'open' })
      .update({ state: accept ? 'accepted' : 'declined' });
    if (settled === 0) throw new Failure('stale', 'This was settled already.');
    const change = row.field === 'due' ? { due: row.value } : { status: Status.parse(row.value) };
    const task = await trx('tasks').where({ id: row.task_id }).first('merged_into');
    const taskId = task?.merged_into ?? row.task_id;
    if (accept) await changeByHand(trx, [taskId], change, clock);
    await record(trx, [{ kind: 'task', ref: String(taskId) }]);
    return taskId;
  });
}
