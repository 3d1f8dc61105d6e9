import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

export const openTask = conditionKind(z.strictObject({ kind: z.literal('openTask') }), {
  label: 'thread has a task',
  doc: 'Its thread already has a task that is not done.',
  compile:
    () =>
    ({ incoming: { tasks } }) => {
      const open = tasks.thread.find((task) => task.open);
      return answer(open !== undefined, open ? `“${open.title}”` : 'no open task in its thread');
    },
  say: () => 'is in a thread that already has a task',
  terms: () => [['thread task']],
});
