import type { TaskChange } from '@hatband/contract';
import { changeTasks } from '@hatband/server/acts/changeTasks';
import type { RunningServer } from '@hatband/server/startServer';
import type { Store } from '@hatband/server/store/index';
import { addComment } from '@hatband/server/tasks/comments';

const POLL_MS = 50;
const DAY_MS = 24 * 60 * 60 * 1000;

/** What the user did in the month: some tasks are done, one waits, two lie in the bin. */
export async function layWork({ store, clock }: RunningServer): Promise<void> {
  if (await store.read('acts').first()) return;
  await untilRead(store);
  const change = async (title: string, values: TaskChange) => {
    const ids = (await store.read('tasks').where('title', 'like', `${title}%`).select('id')).map(
      ({ id }) => id,
    );
    if (ids.length > 0) await changeTasks(store, ids, values, clock);
    return ids[0];
  };
  const until = new Date(clock().getTime() + 7 * DAY_MS).toISOString().slice(0, 10);
  for (const title of DONE) await change(title, { status: 'completed' });
  for (const title of WRONG) await change(title, { deleted: true });
  await change('Drawing of the mount', { waiting: { for: 'Desmond Achterberg', until } });
  await change('Zollpapiere', { status: 'in process', checklist: STEPS });
  await change('Ask Harrow Trust', { priority: 'high', effort: 'PT30M' });
  const lamp = await change('Return the signed loan form', { tags: ['signature'], notes: NOTES });
  if (lamp !== undefined) await addComment(store, lamp, 'Astrid signs on Thursday.', clock);
}

const DONE = [
  'List of objects for the tide exhibition',
  'Choose a font',
  'Tell which of the two you take',
  'Send your opening hours',
  'Workshop: the vice',
];
const WRONG = ['Coffee fund', 'Get this done together'];
const STEPS = ['Fill the customs form in', 'Have it stamped', 'Send a copy to Kogge-Archiv'].map(
  (text, i) => ({ text, done: i === 0 }),
);
const NOTES = 'The form needs **two** signatures:\n\n- the director\n- the registrar';

/** Until every message that was laid is read and worked. */
async function untilRead(store: Store): Promise<void> {
  while (await store.read('arrivals').whereIn('state', ['stored', 'ready']).first('id'))
    await new Promise((resolve) => setTimeout(resolve, POLL_MS));
}
