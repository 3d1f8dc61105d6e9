import { isDone } from '@hatband/core/tasks';
import { useKeys } from '../shared/useKeys.ts';
import { answerUrl, type Answered } from './answerUrl.ts';
import type { KeyedAction } from './SheetKeys.tsx';
import type { OpenTask, TaskWork } from './useTaskWork.ts';

interface Sheet {
  work: TaskWork;
  answered: Answered | null;
  isMerging: boolean;
  setMerging: (isMerging: boolean) => void;
}

/** What the sheet's keys do; its place in the list, and the ways to its neighbours. */
export function useSheetActions(
  { task, order, onOpen }: OpenTask,
  { work, answered, isMerging, setMerging }: Sheet,
) {
  const at = order.indexOf(task.id);
  const go = (step: 1 | -1) => () => {
    const to = at < 0 ? undefined : order[at + step];
    if (to !== undefined) onOpen(to);
  };
  const answer = (to: Answered) => () => {
    window.location.assign(answerUrl(to));
  };
  const merge = () => {
    setMerging(true);
  };
  const actions: KeyedAction[] = [
    ...(answered ? [{ key: 'a', name: 'answer', run: answer(answered) }] : []),
    { key: 'c', name: isDone(task.status) ? 'open again' : 'complete', run: work.complete },
    { key: 'd', name: 'duplicate', run: work.duplicate },
    { key: 'g', name: 'merge …', run: merge },
    {
      key: 'Delete',
      sign: 'Del',
      name: task.deletedAt === null ? 'delete' : 'bring back',
      run: work.remove,
    },
  ];
  useKeys({
    ...Object.fromEntries(actions.map(({ key, run }) => [key, run])),
    PageUp: go(-1),
    PageDown: go(1),
    Escape: () => {
      if (isMerging) setMerging(false);
      else onOpen(null);
    },
  });
  return { at, go, actions };
}
